<script setup lang="ts">
import { correctMachine } from '@dialytica/core/acts'
import { isCodeOf, letters } from '@dialytica/core/intake'
import { whyNot } from '@dialytica/core/log'
import { anatomy, families, type Family } from '@dialytica/core/machine'
import { NButton, NInput, NRadioButton, NRadioGroup } from 'naive-ui'
import { ref } from 'vue'
import { useJob } from '../stores/job.ts'
import { useMachines } from '../stores/machines.ts'
import Problem from './Problem.vue'

/** The plate was misread: maker, model, serial and kind are put right; what the job was taken for stays in its record. */
defineProps<{ fixed: boolean }>()
const job = useJob()
const machines = useMachines()
const open = ref(false)
const busy = ref(false)
const problem = ref('')
const maker = ref('')
const code = ref('')
const serial = ref('')
const family = ref<Family>('front-loader')
const fields = [
  { label: 'Maker', value: maker },
  { label: 'Model', value: code },
  { label: 'Serial number', value: serial },
]

function ask(): void {
  const { model, unit } = job.card ?? {}
  maker.value = model?.maker ?? ''
  code.value = model?.code ?? ''
  serial.value = unit?.serial ?? ''
  family.value = job.family
  problem.value = ''
  open.value = !open.value
}
async function correct(): Promise<void> {
  const [m, c, s] = [maker.value.trim(), code.value.trim().toUpperCase(), serial.value.trim().toUpperCase()]
  if (!m || !c || !s) {
    problem.value = 'Give maker, model and serial number.'
    return
  }
  busy.value = true
  try {
    await machines.load()
    const known = machines.models.find(
      x => isCodeOf(x, c) && letters(x.maker) === letters(m) && x.family === family.value,
    )
    const model = known ?? (await machines.addModel(m, c, family.value))
    await machines.find(model.id, s).catch(() => undefined)
    const there = machines.units.find(u => u.modelId === model.id && letters(u.serial) === letters(s))
    if (there?.open && there.id !== job.state.opened?.unit)
      throw new Error('That machine already stands open: go on with it from the floor.')
    const unit = there ?? (await machines.addUnit(model.id, s, job.card?.unit.stands ?? ''))
    const was = [job.card?.model.maker, job.card?.model.code, job.card?.unit.serial].filter(Boolean).join(' ')
    const refusal = whyNot(job.act(correctMachine(unit.id, family.value, was || 'not known')))
    if (refusal) throw new Error(refusal)
    open.value = false
  } catch (error) {
    problem.value = (error as Error).message
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <section class="correct" aria-label="The plate">
    <p>
      <b>{{ job.card?.model.maker }} {{ job.card?.model.code }}</b
      >, <span class="mono">{{ job.card?.unit.serial }}</span>, {{ anatomy[job.family].name }}
      <span v-if="job.state.opened?.was" class="soft">, first taken for {{ job.state.opened.was }}</span>
    </p>
    <NButton v-if="!fixed" :aria-expanded="open" @click="ask">Correct the plate</NButton>
    <form v-if="open" @submit.prevent="correct">
      <label v-for="f in fields" :key="f.label">
        <span>{{ f.label }}</span>
        <NInput
          v-model:value="f.value.value"
          placeholder=""
          :input-props="{ 'aria-label': f.label, autocomplete: 'off', maxlength: 120 }"
        />
      </label>
      <NRadioGroup v-model:value="family" name="kind" aria-label="Kind of machine">
        <NRadioButton v-for="f in families" :key="f" :value="f" :label="anatomy[f].name" />
      </NRadioGroup>
      <Problem :says="problem" />
      <NButton attr-type="submit" :disabled="busy">It is this machine</NButton>
    </form>
  </section>
</template>

<style scoped>
.correct,
form {
  display: grid;
  gap: 8px;
  justify-items: start;
}
form {
  width: 100%;
}
label {
  display: grid;
  width: 100%;
  gap: 2px;
}
</style>
