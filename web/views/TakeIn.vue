<script setup lang="ts">
import { readTable, recordOfSteps, type Table } from '@dialytica/core/exchange'
import type { Photo, Step } from '@dialytica/core/log'
import type { RecordMachine } from '@dialytica/core/record'
import { calls, type LookedAt, type TakenIn } from '@dialytica/core/wire'
import { NButton, NCheckbox } from 'naive-ui'
import { v4 } from 'uuid'
import { computed, nextTick, onMounted, ref, shallowRef } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ApiError } from '../data/api.ts'
import FilePick from '../parts/FilePick.vue'
import Problem from '../parts/Problem.vue'
import ShopHead from '../parts/ShopHead.vue'
import MachineOf from '../parts/take-in/MachineOf.vue'
import ParcelLook from '../parts/take-in/ParcelLook.vue'
import { photosOfFiles } from '../parts/take-in/photos-of-files.ts'
import PhotoSteps from '../parts/take-in/PhotoSteps.vue'
import TableMap from '../parts/take-in/TableMap.vue'
import TakenLately from '../parts/take-in/TakenLately.vue'
import { some } from '../parts/take-in/words.ts'
import { useMachines } from '../stores/machines.ts'
import { useSession } from '../stores/session.ts'
import { toJob } from '../ways.ts'

/** From outside: a parcel, a record, a table, photos. First it is looked at; then it is taken in, all or nothing; and it can be taken back. */
const machines = useMachines()
const session = useSession()
/** What is being looked at: a file that the server has looked through, or a table or photos that become steps of a machine here. */
const looked = shallowRef<LookedAt | null>(null)
const raw = shallowRef<{ name: string; table?: Table; photos?: Photo[] } | null>(null)
const steps = shallowRef<Step[]>([])
const machine = ref<RecordMachine>({ code: '', family: 'front-loader' })
const ends = ref(true)
const problems = ref<string[]>([])
const busy = ref('')
const jobs = ref<string[]>([])
const taken = shallowRef<TakenIn[]>([])

async function loadTaken(): Promise<void> {
  taken.value = await api(calls.parcels, {}).catch(() => taken.value)
}
onMounted(async () => {
  await machines.load().catch(error => (problems.value = [(error as Error).message]))
  const [first] = machines.models
  if (first && !machine.value.code) machine.value = { maker: first.maker, code: first.code, family: first.family }
  await loadTaken()
})
function clear(): void {
  looked.value = null
  raw.value = null
  steps.value = []
  problems.value = []
  jobs.value = []
}
const part = ref<HTMLElement | null>(null)
const show = () => nextTick(() => part.value?.focus())

async function lookAt(file: Blob, name: string): Promise<void> {
  busy.value = 'It is being looked through.'
  problems.value = []
  try {
    looked.value = await api(calls.parcelIn, { query: { name: name.replace(/[/\\]/g, ' ').slice(-200) }, body: file })
    raw.value = null
    await show()
  } catch (error) {
    const listed = error instanceof ApiError ? (error.problem.problems ?? []).map(p => p.message) : []
    problems.value = [(error as Error).message, ...listed.slice(0, 6)]
  } finally {
    busy.value = ''
  }
}
async function pickFile([file]: readonly File[]): Promise<void> {
  if (!file) return
  clear()
  if (!/\.(csv|tsv|txt)$/i.test(file.name)) return lookAt(file, file.name)
  const read = readTable(await file.text())
  if (!read.ok) problems.value = [read.problem]
  else raw.value = { name: file.name, table: read.table }
  await show()
}
async function pickPhotos(files: readonly File[]): Promise<void> {
  const pictures = files.filter(f => f.type.startsWith('image/'))
  clear()
  if (!pictures.length) {
    problems.value = ['There is no picture among these: choose JPEG, PNG or WebP.']
    return
  }
  const told = (n: number) => (busy.value = `${n} of ${pictures.length} photos are up.`)
  told(0)
  const up = await photosOfFiles(pictures, session.person!.id, told)
  busy.value = ''
  problems.value = up.problems
  if (up.photos.length) raw.value = { name: some(up.photos.length, 'photo'), photos: up.photos }
  await show()
}
const mayGo = computed(() => steps.value.length > 0 && machine.value.code.trim() !== '')
/** Steps that came from a table or from photos go the way of every file from here. */
async function goOn(): Promise<void> {
  const { id, name } = session.person!
  const complaint = `taken in from ${raw.value!.name}`.slice(0, 200)
  const first = raw.value!.photos?.map(p => p.takenAt).sort()[0]
  const from = first ? new Date(first) : new Date()
  const of = { machine: machine.value, person: { id, name }, complaint, from, id: v4, ends: ends.value }
  const record = JSON.stringify(recordOfSteps(steps.value, of))
  await lookAt(new Blob([record], { type: 'application/json' }), raw.value!.name)
}
async function onTaken(now: string[]): Promise<void> {
  clear()
  jobs.value = now
  await loadTaken()
}
</script>

<template>
  <div class="take-in">
    <ShopHead />
    <main>
      <div class="from">
        <h1>Take in from outside</h1>
        <p>
          <FilePick accept=".zip,.json,.csv,.tsv,.txt" :disabled="busy !== ''" @pick="pickFile"
            >A recording, a book, a job, a table</FilePick
          >
          <FilePick accept="image/*" many :disabled="busy !== ''" @pick="pickPhotos"
            >Photos, in the order of their time</FilePick
          >
        </p>
        <p class="soft">
          The zip of another shop, a record (JSON), a table (CSV). You see what it will do before anything is changed,
          and can take it back after.
        </p>
        <p role="status">
          <b>{{ busy }}</b>
          <template v-if="jobs.length">
            <b>{{ some(jobs.length, 'job') }} taken in.</b>
            <RouterLink :to="toJob(jobs[0]!, 'valley')">Open {{ jobs.length === 1 ? 'it' : 'the first' }}</RouterLink>
          </template>
        </p>
        <Problem v-if="problems.length">
          <ul>
            <li v-for="p in problems" :key="p">{{ p }}</li>
          </ul>
        </Problem>
      </div>
      <div ref="part" tabindex="-1" class="part">
        <ParcelLook v-if="looked" :key="looked.id" :looked="looked" @taken="onTaken" @leave="clear" />
        <template v-else-if="raw">
          <h2>{{ raw.name }}</h2>
          <MachineOf :models="machines.models" :machine="machine" @tell="machine = $event" />
          <NCheckbox v-model:checked="ends">Only a recording: the machine does not stand open here</NCheckbox>
          <TableMap v-if="raw.table" :table="raw.table" :family="machine.family" @steps="steps = $event" />
          <PhotoSteps v-if="raw.photos" :photos="raw.photos" @steps="steps = $event" />
          <p class="acts">
            <NButton type="primary" size="large" :disabled="!mayGo" :loading="busy !== ''" @click="goOn"
              >Look at {{ some(steps.length, 'step') }}</NButton
            >
            <NButton size="large" @click="clear">Leave it</NButton>
          </p>
        </template>
      </div>
      <TakenLately :taken="taken" @back="loadTaken" />
    </main>
  </div>
</template>

<style scoped>
.take-in {
  display: flex;
  flex-direction: column;
  height: 100%;
}
main {
  flex: 1;
  overflow: auto;
  padding: 16px 24px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 18px;
  align-content: start;
}
.from,
.part {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  min-width: 0;
}
.part:focus {
  outline: none;
}
.from p,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
h1 {
  font-size: 28px;
}
li {
  overflow-wrap: anywhere;
}
@media (max-width: 700px) {
  main {
    padding: 12px;
  }
}
</style>
