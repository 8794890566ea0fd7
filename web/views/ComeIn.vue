<script setup lang="ts">
import { anatomy, families, type Family } from '@dialytica/core'
import { NInput } from 'naive-ui'
import { computed, onMounted, ref } from 'vue'
import { useRouter } from 'vue-router'
import { v4 } from 'uuid'
import type { Model, Unit } from '../data/shapes.ts'
import { scan } from '../devices/simulated-scanner.ts'
import Cutaway from '../parts/Cutaway.vue'
import ShopHead from '../parts/ShopHead.vue'
import { useJob } from '../stores/job.ts'
import { useMachines } from '../stores/machines.ts'

/** A machine comes in by its rating plate: the code of the model, then the serial. */
const machines = useMachines()
const job = useJob()
const router = useRouter()
const plate = ref('')
const maker = ref('')
const family = ref<Family | null>(null)
const stands = ref('')
const complaint = ref('')
const problem = ref('')
const busy = ref(false)
onMounted(() => machines.load().catch(error => (problem.value = (error as Error).message)))

const words = computed(() => plate.value.trim().toUpperCase().split(/\s+/).filter(Boolean))
const code = computed(() => words.value[0] ?? '')
const serial = computed(() => words.value.slice(1).join(' '))
const model = computed<Model | undefined>(() => machines.models.find(m => m.code.toUpperCase() === code.value))
const unit = computed<Unit | undefined>(() =>
  machines.units.find(u => u.modelId === model.value?.id && u.serial.toUpperCase() === serial.value),
)
const standing = computed(() => machines.jobs.find(j => j.unit.id === unit.value?.id && !j.closedAt))
const shownFamily = computed<Family>(() => model.value?.family ?? family.value ?? 'front-loader')

function read(): void {
  const free = machines.units.filter(u => !machines.jobs.some(j => j.unit.id === u.id && !j.closedAt))
  const found = scan(free.map(u => `${machines.models.find(m => m.id === u.modelId)!.code} ${u.serial}`))
  if (found) plate.value = found
  else problem.value = 'The scanner sees no plate: type it.'
}

/** What is still missing, in words; null when the machine can come in. */
const missing = computed(() => {
  if (!code.value) return 'Read the plate: model code, then serial number.'
  if (!serial.value) return 'The serial number follows the model code, after a space.'
  if (standing.value) return 'This machine already stands open: go on with it from the floor.'
  if (!model.value && !family.value) return 'This model is new here: touch which kind of machine it is.'
  if (!model.value && !maker.value.trim()) return 'This model is new here: name its maker.'
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
    const what = unit.value ?? (await machines.addUnit(of.id, serial.value, stands.value.trim()))
    const id = v4()
    await job.open(id, true)
    const opened = { unit: what.id, family: of.family, complaint: complaint.value.trim(), plate: plate.value.trim() }
    const refusal = job.record('job-opened', opened) ?? job.record('phase-changed', { phase: 'descent' })
    if (refusal) throw new Error(refusal.message)
    await router.replace(`/jobs/${id}/descent`)
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
        <label for="plate">Rating plate: model code, serial number</label>
        <div class="row">
          <NInput
            v-model:value="plate"
            size="large"
            class="mono plate"
            placeholder="FL-84 2231-0417"
            :input-props="{ id: 'plate', autocomplete: 'off', autofocus: true }"
          />
          <button class="btn" type="button" @click="read">Scan</button>
        </div>
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
        <template v-if="!unit">
          <label for="stands">Where it stands</label>
          <NInput
            v-model:value="stands"
            size="large"
            placeholder="bay, corner, customer's kitchen"
            :input-props="{ id: 'stands', autocomplete: 'off' }"
          />
        </template>
        <label for="complaint">What it does or does not do</label>
        <NInput
          v-model:value="complaint"
          size="large"
          placeholder="in the customer's words"
          :input-props="{ id: 'complaint', autocomplete: 'off' }"
        />
        <p v-if="problem" class="note danger" role="alert">{{ problem }}</p>
        <button class="btn go big" type="submit" :disabled="busy">Open the machine</button>
      </form>
      <div class="machine"><Cutaway :family="shownFamily" large /></div>
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
.row {
  display: flex;
  gap: 8px;
}
.plate {
  font-size: 22px;
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
  padding: 20px;
  min-height: 0;
}
@media (max-width: 900px) {
  main {
    grid-template-columns: 1fr;
  }
  .machine {
    display: none;
  }
}
</style>
