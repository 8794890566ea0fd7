<script setup lang="ts">
import { tellIntake } from '@dialytica/core/acts'
import { toldAtIntake, whyNot, type IntakeField } from '@dialytica/core/log'
import { NInput } from 'naive-ui'
import { computed } from 'vue'
import { useJob } from '../stores/job.ts'

/** What the customer says, what was seen, which code it shows: told field by field, kept as it is left. */
defineProps<{ fixed: boolean }>()
const emit = defineEmits<{ problem: [words: string] }>()
const job = useJob()
const told = computed(() => ({
  complaint: job.state.opened?.complaint ?? '',
  stands: job.card?.unit.stands ?? '',
  ...(job.card?.unit.made && { made: job.card.unit.made }),
  ...toldAtIntake(job.state),
}))
const value = (field: IntakeField) => String((told.value as Partial<Record<IntakeField, string | number>>)[field] ?? '')
const fields: readonly { field: IntakeField; label: string; hint: string; wide?: boolean }[] = [
  { field: 'complaint', label: 'Complaint', hint: "in the customer's words", wide: true },
  { field: 'seen', label: 'Seen when tried', hint: 'fills, stops before the spin', wide: true },
  { field: 'shows', label: 'Code it shows', hint: 'E20' },
  { field: 'made', label: 'Year of make', hint: '2019' },
  { field: 'stands', label: 'Where it stands', hint: 'bay, kitchen' },
  { field: 'fascia', label: 'Fascia, if another', hint: 'name in front' },
]
function tell(field: IntakeField, text: string): void {
  const words = text.trim()
  if (words !== value(field)) emit('problem', whyNot(job.act(tellIntake(field, words))) ?? '')
}
const plate = computed(() => job.card?.model.code ?? job.state.opened?.plate ?? '')
</script>

<template>
  <section class="words" aria-label="What is wrong">
    <h2>What is wrong</h2>
    <div class="grid">
      <label v-for="f in fields" :key="f.field" :class="{ wide: f.wide }">
        <span>{{ f.label }}</span>
        <NInput
          :key="value(f.field)"
          :default-value="value(f.field)"
          :disabled="fixed"
          :placeholder="f.hint"
          :input-props="{
            autocomplete: 'off',
            maxlength: 500,
            inputmode: f.field === 'made' ? 'numeric' : 'text',
            'aria-label': f.label,
          }"
          @change="tell(f.field, $event)"
        />
      </label>
    </div>
    <p v-if="value('fascia')" class="note">
      The fascia says {{ value('fascia') }}. Order parts by the plate: <b class="mono">{{ plate }}</b>.
    </p>
  </section>
</template>

<style scoped>
.words {
  display: grid;
  gap: 8px;
  align-content: start;
}
h2 {
  font-size: 20px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 4px 10px;
}
label {
  line-height: 1.15;
}
.wide {
  grid-column: span 4;
}
label span {
  font-size: 16px;
  color: var(--soft);
}
</style>
