<script setup lang="ts">
import { openJob } from '@dialytica/core/acts'
import { refusalWords, type Photo } from '@dialytica/core/log'
import { anatomy, families, type Family } from '@dialytica/core/machine'
import { limits } from '@dialytica/core/schema'
import { NButton, NInput, NRadioButton, NRadioGroup } from 'naive-ui'
import { v4 } from 'uuid'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import Cutaway from '../parts/Cutaway.vue'
import PlateEntry from '../parts/PlateEntry.vue'
import PlatePhoto from '../parts/PlatePhoto.vue'
import Problem from '../parts/Problem.vue'
import ShopHead from '../parts/ShopHead.vue'
import { useCamera } from '../stores/camera.ts'
import { useJob } from '../stores/job.ts'
import { useMachines } from '../stores/machines.ts'
import { toJob } from '../ways.ts'
import { useAtPlate } from './come-in/at-plate.ts'
import { useSimulatedPlates } from './come-in/simulated-plate.ts'

/** A machine comes in by its rating plate: the code of the model, then the serial. */
const machines = useMachines()
const job = useJob()
const camera = useCamera()
const router = useRouter()
const { plate, maker, family, stands, made, model, code, serial, unit, missing, known } = useAtPlate()
const plates = useSimulatedPlates()
const complaint = ref('')
const photo = ref<Photo | null>(null)
const problem = ref('')
const busy = ref(false)
/** The models and units that are known here, once they are at hand. */
const atHand = machines.load().catch(error => (problem.value = (error as Error).message))
const shownFamily = computed<Family>(() => model.value?.family ?? family.value ?? 'front-loader')

/** A code on the plate is read: by the simulated scanner in the demo, else by the camera. */
async function read(): Promise<void> {
  problem.value = ''
  if (!camera.simulated)
    return camera.ask({
      kind: 'label',
      words: 'Hold the camera to the code on the plate.',
      simulated: plates.view,
      keep: () => undefined,
      read: text => (plate.value = text),
    })
  await atHand
  const found = plates.read()
  if (found) plate.value = found
  else problem.value = 'The simulated scanner sees no plate: type it.'
}

async function comeIn(): Promise<void> {
  busy.value = true
  problem.value = ''
  // A model is new only when those of the shop are at hand.
  await atHand
  try {
    if (missing.value) throw new Error(missing.value)
    const { of, what } = await known()
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
        <p v-else-if="!plate.trim()" class="soft small">
          The name on the fascia is often not the model: read the plate, in the door, behind the hatch or at the rear.
        </p>
        <div v-if="plate.trim()" class="read" role="group" aria-label="As it was read">
          <div>
            <label for="code">Model</label>
            <NInput
              v-model:value="code"
              class="mono"
              placeholder=""
              :input-props="{ id: 'code', autocomplete: 'off', maxlength: 120 }"
            />
          </div>
          <div>
            <label for="serial">Serial number</label>
            <NInput
              v-model:value="serial"
              class="mono"
              placeholder=""
              :input-props="{ id: 'serial', autocomplete: 'off', maxlength: 120 }"
            />
          </div>
        </div>
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
            <NRadioGroup v-model:value="family" name="family">
              <NRadioButton v-for="f in families" :key="f" :value="f" :label="anatomy[f].name" />
            </NRadioGroup>
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
        <Problem :says="problem" />
        <NButton type="primary" size="large" attr-type="submit" :disabled="busy">Open the machine</NButton>
      </form>
      <div class="machine">
        <PlatePhoto v-model="photo" :simulated="plates.view" @read="plate = $event" />
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
.read {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
}
.known {
  color: var(--work);
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
form > .n-button {
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
