<script setup lang="ts">
import { openJob } from '@dialytica/core/acts'
import { findPlates } from '@dialytica/core/intake'
import { refusalWords, type Photo } from '@dialytica/core/log'
import { anatomy, families, type Family } from '@dialytica/core/machine'
import { limits } from '@dialytica/core/schema'
import type { Model, Unit } from '@dialytica/core/wire'
import { NInput } from 'naive-ui'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { v4 } from 'uuid'
import { squareCodes } from '../data/square-code.ts'
import type { View } from '../devices/camera.ts'
import { scan } from '../devices/simulated-scanner.ts'
import Cutaway from '../parts/Cutaway.vue'
import PlateEntry from '../parts/PlateEntry.vue'
import PlatePhoto from '../parts/PlatePhoto.vue'
import ShopHead from '../parts/ShopHead.vue'
import { useCamera } from '../stores/camera.ts'
import { useJob } from '../stores/job.ts'
import { useMachines } from '../stores/machines.ts'
import { toJob } from '../ways.ts'

/** A machine comes in by its rating plate: the code of the model, then the serial. */
const machines = useMachines()
const job = useJob()
const camera = useCamera()
const router = useRouter()
const plate = ref('')
const maker = ref('')
const family = ref<Family | null>(null)
const stands = ref('')
const made = ref('')
const complaint = ref('')
const problem = ref('')
const busy = ref(false)
onMounted(() => machines.load().catch(error => (problem.value = (error as Error).message)))

const words = computed(() => plate.value.trim().toUpperCase().split(/\s+/).filter(Boolean))
/** Only a code that is written just so is taken; what it can also mean is offered. */
const exact = computed(() => findPlates(plate.value, machines.models).find(m => m.how === 'same'))
const model = computed<Model | undefined>(() => exact.value?.of)
const code = computed(() => model.value?.code ?? words.value[0] ?? '')
const serial = computed(() => (exact.value ? exact.value.rest.toUpperCase() : words.value.slice(1).join(' ')))
const unit = computed<Unit | undefined>(() =>
  machines.units.find(u => u.modelId === model.value?.id && u.serial.toUpperCase() === serial.value),
)
const standing = computed(() => machines.jobs.find(j => j.unit.id === unit.value?.id && !j.closedAt))
const shownFamily = computed<Family>(() => model.value?.family ?? family.value ?? 'front-loader')

/** Machines that do not stand open: what the simulated devices can be held to. */
const free = computed(() => machines.units.filter(u => !machines.jobs.some(j => j.unit.id === u.id && !j.closedAt)))
const plateOf = (u: Unit) => `${machines.models.find(m => m.id === u.modelId)!.code} ${u.serial}`
const photo = ref<Photo | null>(null)
/** The plate of one of those machines, as the simulated camera sees it; null when none is before it. */
async function simulated(): Promise<View | null> {
  const text = scan(free.value.map(plateOf))
  const unit = free.value.find(u => plateOf(u) === text)
  const of = machines.models.find(m => m.id === unit?.modelId)
  if (!unit || !of) return null
  const { serial, made } = unit
  const draw = await squareCodes()
  const plate = { maker: of.maker, model: of.code, serial, made, code: draw(plateOf(unit)) }
  return { family: of.family, away: [], taken: 0, plate }
}
/** A code on the plate is read: by the simulated scanner in the demo, else by the camera. */
function read(): void {
  problem.value = ''
  if (!camera.simulated)
    return camera.ask({
      kind: 'label',
      words: 'Hold the camera to the code on the plate.',
      simulated,
      keep: () => undefined,
      read: text => (plate.value = text),
    })
  const found = scan(free.value.map(plateOf))
  if (found) plate.value = found
  else problem.value = 'The simulated scanner sees no plate: type it.'
}

/** What is still missing, in words; null when the machine can come in. */
const missing = computed(() => {
  if (!code.value) return 'Read the plate: model code, then serial number.'
  if (!serial.value) return 'The serial number follows the model code, after a space.'
  if (standing.value) return 'This machine already stands open: go on with it from the floor.'
  if (!model.value && !family.value) return 'This model is new here: touch which kind of machine it is.'
  if (!model.value && !maker.value.trim()) return 'This model is new here: name its maker.'
  if (made.value && !/^(19|20)\d\d$/.test(made.value)) return 'The year of make has four figures, like 2019.'
  return null
})

async function comeIn(): Promise<void> {
  if (missing.value) {
    problem.value = missing.value
    return
  }
  busy.value = true
  problem.value = ''
  try {
    const of = model.value ?? (await machines.addModel(maker.value.trim(), code.value, family.value!))
    const what =
      unit.value ?? (await machines.addUnit(of.id, serial.value, stands.value.trim(), Number(made.value) || undefined))
    const id = v4()
    await job.open(id, true)
    const opened = { unit: what.id, family: of.family, complaint: complaint.value.trim(), plate: plate.value.trim() }
    const told = {
      ...(photo.value && { plate: photo.value.hash }),
      ...(made.value && { made: Number(made.value) }),
      ...(stands.value.trim() && { stands: stands.value.trim() }),
    }
    const refusal = job.act(openJob(opened, told))
    if (refusal) throw new Error(refusalWords(refusal))
    await router.replace(toJob(id, 'intake'))
  } catch (error) {
    problem.value = (error as Error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="come-in">
    <ShopHead />
    <main>
      <form @submit.prevent="comeIn">
        <h1>A machine comes in</h1>
        <PlateEntry v-model="plate" :models="machines.models" :units="machines.units" @scan="read" />
        <p v-if="model" class="known">
          <b>{{ model.maker }} {{ model.code }}</b
          >, {{ anatomy[model.family].name }}{{ unit ? `, known here: ${unit.stands}` : serial ? ', a new unit' : '' }}
        </p>
        <p v-else class="soft small">
          The name on the fascia is often not the model: read the plate, in the door, behind the hatch or at the rear.
        </p>
        <template v-if="code && !model">
          <label for="maker">Maker</label>
          <NInput
            v-model:value="maker"
            size="large"
            placeholder=""
            :input-props="{ id: 'maker', autocomplete: 'off' }"
          />
          <fieldset>
            <legend>Kind of machine</legend>
            <label v-for="f in families" :key="f" class="family" :class="{ on: family === f }">
              <input v-model="family" type="radio" name="family" :value="f" />{{ anatomy[f].name }}
            </label>
          </fieldset>
        </template>
        <div class="two">
          <div>
            <label for="stands">Where it stands</label>
            <NInput
              v-model:value="stands"
              size="large"
              :placeholder="unit?.stands || 'bay, corner, kitchen'"
              :input-props="{ id: 'stands', autocomplete: 'off', maxlength: limits.line }"
            />
          </div>
          <div>
            <label for="made">Year of make</label>
            <NInput
              v-model:value="made"
              size="large"
              :placeholder="unit?.made ? String(unit.made) : '2019'"
              :input-props="{ id: 'made', autocomplete: 'off', inputmode: 'numeric', maxlength: 4 }"
            />
          </div>
        </div>
        <label for="complaint">What it does or does not do</label>
        <NInput
          v-model:value="complaint"
          size="large"
          placeholder="in the customer's words"
          :input-props="{ id: 'complaint', autocomplete: 'off', maxlength: limits.line }"
        />
        <p v-if="problem" class="note danger" role="alert">{{ problem }}</p>
        <button class="btn go big" type="submit" :disabled="busy">Open the machine</button>
      </form>
      <div class="machine">
        <PlatePhoto v-model="photo" :simulated="simulated" @read="plate = $event" />
        <div class="drawing"><Cutaway :family="shownFamily" large /></div>
      </div>
    </main>
  </div>
</template>

<style scoped>
.come-in {
  display: flex;
  flex-direction: column;
  overflow: auto;
}
main {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(340px, 600px) 1fr;
  min-height: 0;
}
form {
  display: grid;
  align-content: start;
  gap: 8px;
  padding: 20px 24px;
}
h1 {
  font-size: 34px;
  margin-bottom: 6px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 150px;
  gap: 10px;
}
.known {
  color: var(--work);
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  gap: 8px;
}
.family {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 52px;
  padding: 0 16px;
  border: 2px solid var(--rule);
  border-radius: 3px;
  font-weight: 650;
}
.family.on {
  background: var(--work-wash);
  border-color: var(--work);
}
form .big {
  margin-top: 10px;
}
.machine {
  border-left: 2px solid var(--rule);
  min-height: 0;
  display: flex;
  flex-direction: column;
}
.machine > :deep(.shot) {
  flex: 1 1 0;
}
.drawing {
  flex: 1 1 0;
  padding: 16px;
  min-height: 0;
  border-top: 2px solid var(--rule);
}
@media (max-width: 900px) {
  main {
    grid-template-columns: 1fr;
  }
  .machine {
    border: 0;
    display: block;
  }
  .drawing {
    display: none;
  }
}
</style>
