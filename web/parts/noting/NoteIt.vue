<script setup lang="ts">
import { whyNot } from '@dialytica/core/log'
import { quantities, quantityNames, type kept } from '@dialytica/core/readings'
import { text } from '@dialytica/core/words'
import { NButton, NInput, NInputNumber } from 'naive-ui'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { done as chime } from '../../devices/signals.ts'
import { useJob } from '../../stores/job.ts'
import Choice from '../Choice.vue'
import Problem from '../Problem.vue'
import MeasureIt from './MeasureIt.vue'

/** A reading, old against new, or a note, wherever the hand is: kept with the job, and with the step in hand. */
const emit = defineEmits<{ leave: [] }>()
const job = useJob()
const route = useRoute()
const kinds = [
  { value: 'reading', label: 'A reading' },
  { value: 'compared', label: 'Old against new' },
  { value: 'note', label: 'A note' },
] as const
const kind = ref<(typeof kinds)[number]['value']>('reading')
const units = ['Ω', 'kΩ', 'MΩ', 'V', 'mV', 'A', 'mA', 'µF', '°C', 'mm', 'l', 's', 'g', 'rpm', '%'].map(u => ({
  value: u,
  label: u,
}))
/** What has a verdict, and whatever else is measured. */
const measures = [
  { value: 'anything', label: 'Anything else' },
  ...quantityNames.map(name => ({ value: name, label: text(quantities[name].title) })),
] as const
const quantity = ref<(typeof measures)[number]['value']>('anything')
const of = ref('')
const value = ref<number | null>(null)
const unit = ref('Ω')
const words = ref('')
const same = ref<boolean | null>(null)
const problem = ref('')
const step = computed(() => {
  const id = route.query.step
  return typeof id === 'string' && job.state.steps.has(id) ? id : undefined
})
/** What was measured or named before, to be taken again by one tap. */
const before = computed(() => {
  const found = [...job.state.entries.values()].flatMap(e => (e.kind === 'reading-taken' ? [e.body.of] : []))
  return [...new Set(found)].slice(-4)
})

/** Keeps what was entered; says what is missing, or why it cannot be kept. */
const keep: Record<(typeof kinds)[number]['value'], (thing: string, note: string) => string | null> = {
  reading: (thing, note) =>
    !thing || value.value === null
      ? 'Say what was measured, and the figure.'
      : whyNot(job.says('reading-taken', { of: thing, value: value.value, unit: unit.value, ...(note && { note }) })),
  compared: (thing, note) =>
    !thing || same.value === null
      ? 'Name the part, and say whether they are the same.'
      : whyNot(job.says('part-compared', { part: thing, same: same.value, ...(note && { differs: note }) })),
  note: (_, note) =>
    note
      ? whyNot(job.says('note-added', { text: note, ...(step.value && { step: step.value }) }))
      : 'Write the note first.',
}
function record(): void {
  const refusal = keep[kind.value](of.value.trim(), words.value.trim())
  problem.value = refusal ?? ''
  if (refusal) return
  chime()
  emit('leave')
}
/** Keeps what was read in each state of one thing. */
function keepAll(bodies: ReturnType<typeof kept>[]): void {
  for (const body of bodies) {
    const refusal = whyNot(job.says('reading-taken', body))
    problem.value = refusal ?? ''
    if (refusal) return
  }
  chime()
  emit('leave')
}
</script>

<template>
  <form class="note-it" aria-label="Note it" @submit.prevent="record" @keydown.esc="emit('leave')">
    <div class="kinds" role="group" aria-label="What is noted">
      <NButton v-for="k in kinds" :key="k.value" :aria-pressed="kind === k.value" @click="kind = k.value">{{
        k.label
      }}</NButton>
    </div>
    <Choice
      v-if="kind === 'reading'"
      class="quantity"
      :value="quantity"
      label="What kind of thing"
      :options="measures"
      @choose="quantity = $event"
    />
    <MeasureIt
      v-if="kind === 'reading' && quantity !== 'anything'"
      :quantity="quantity"
      @keep="keepAll"
      @leave="emit('leave')"
      @problem="problem = $event"
    />
    <template v-else>
      <template v-if="kind !== 'note'">
        <NInput
          v-model:value="of"
          class="of"
          :placeholder="kind === 'reading' ? 'heater' : 'inlet valve'"
          :input-props="{
            'aria-label': kind === 'reading' ? 'What was measured' : 'Which part',
            autocomplete: 'off',
          }"
        />
        <NButton v-for="b in kind === 'reading' ? before : []" :key="b" @click="of = b">{{ b }}</NButton>
      </template>
      <template v-if="kind === 'reading'">
        <NInputNumber
          v-model:value="value"
          class="figure"
          :show-button="false"
          placeholder="27.5"
          :input-props="{ 'aria-label': 'Figure', inputmode: 'decimal' }"
        />
        <Choice class="unit" :value="unit" label="Unit" :options="units" @choose="unit = $event" />
      </template>
      <div v-if="kind === 'compared'" class="kinds" role="group" aria-label="Old and new">
        <NButton :aria-pressed="same === true" @click="same = true">The same</NButton>
        <NButton :aria-pressed="same === false" @click="same = false">They differ</NButton>
      </div>
      <NInput
        v-model:value="words"
        class="words"
        :placeholder="kind === 'note' ? '' : kind === 'compared' ? 'in what' : 'how: warm, cold, plug off'"
        :input-props="{ 'aria-label': kind === 'note' ? 'Note' : 'In words', autocomplete: 'off' }"
      />
      <NButton type="primary" attr-type="submit">Keep it</NButton>
      <NButton @click="emit('leave')">Leave it</NButton>
    </template>
    <Problem class="problem" :says="problem" />
  </form>
</template>

<style scoped>
.note-it {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  padding: 8px 20px;
  background: var(--work-wash);
  border-bottom: 2px solid var(--work);
}
.kinds {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.kinds [aria-pressed='true'] {
  outline: 3px solid var(--work);
}
.of {
  width: 180px;
}
.figure {
  width: 110px;
}
.quantity {
  width: 260px;
}
.unit {
  width: 92px;
}
.words {
  flex: 1 1 200px;
  min-width: 160px;
  width: auto;
}
.problem {
  flex: 1 0 100%;
}
</style>
