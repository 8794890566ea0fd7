<script setup lang="ts">
import { coverName, entryWords, isPowered, type ProofEntry } from '@dialytica/core/proof'
import type { ReturnStep } from '@dialytica/core/plan'
import { list, text, warn } from '@dialytica/core/words'
import { computed } from 'vue'

/** What is to be tried now: the act, how the hand knows, how the machine stands, what can hurt, and what was told of it. */
const props = defineProps<{ entry: ProofEntry; index: number; of: number; steps: readonly ReturnStep[] }>()
const trial = computed(() => (props.entry.does === 'try' ? props.entry.trial : undefined))
const told = computed(() => (props.entry.does === 'try' ? props.entry.result?.body : undefined))
const because = computed(() => {
  if (!trial.value) return ''
  const numbers = [...new Set(trial.value.because.map(o => o.number))].sort((a, b) => a - b)
  if (numbers.length === 0) return 'asked of every machine'
  return `because of step ${numbers.slice(0, 5).join(', ')}${numbers.length > 5 ? ' …' : ''}`
})
const stands = computed(() => {
  const { water, power, off } = props.entry.lanes
  const covers = off.length ? `Off: ${text(list(off.map(id => coverName(props.steps, id))))}.` : ''
  return `Water ${water ? 'on' : 'off'}, power ${power ? 'on' : 'off'}. ${covers}`
})
const hot = computed(() => Boolean(trial.value && isPowered(trial.value.stage)))
</script>

<template>
  <section class="say" tabindex="0" aria-label="What to prove">
    <p class="soft">
      {{ index + 1 }} of {{ of }}<template v-if="because">, {{ because }}</template>
    </p>
    <h1>{{ text(entryWords(entry, steps)) }}</h1>
    <p v-if="trial">{{ text(trial.sure) }}.</p>
    <p :class="['stands', { hot }]">{{ stands }}</p>
    <p v-if="hot" class="note danger">Power is on: hands away from whatever turns or is live.</p>
    <p v-if="trial?.caution" class="note danger">{{ text(warn(trial.caution)) }}</p>
    <p v-if="told" class="told">
      {{ told.result }}<template v-if="told.seen">: {{ told.seen }}</template>
    </p>
  </section>
</template>

<style scoped>
.say {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 12px 24px;
  border-right: 2px solid var(--rule);
  overflow: auto;
}
h1 {
  font-size: 30px;
}
.stands {
  font-weight: 650;
}
.stands.hot {
  color: var(--danger);
}
.told {
  border-left: 6px solid var(--rule);
  padding-left: 10px;
  font-weight: 650;
}
@media (max-width: 1000px) {
  .say {
    overflow: visible;
  }
  h1 {
    font-size: 26px;
  }
}
</style>
