<script setup lang="ts">
import type { Finding, Ranked } from '@dialytica/core/finder'
import type { Posture } from '@dialytica/core/machine'
import { describe } from '@dialytica/core/moves'
import { text } from '@dialytica/core/words'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useJob } from '../../stores/job.ts'
import Thumb from '../Thumb.vue'
import TurnToLook from './TurnToLook.vue'

/** What to open and where to look, one after the other; each place with its photo, its likelihood and why. */
const props = defineProps<{ finding: Finding; fixed: boolean; lit: string | undefined }>()
const emit = defineEmits<{
  here: [place: Ranked]
  miss: [id: string]
  open: [step: string]
  turn: [to: Posture, step: string, reason: string | undefined]
  show: [place: Ranked]
}>()
const job = useJob()
const percent = (p: number) => (p < 0.01 ? 'under 1 %' : `${Math.round(p * 100)} %`)
const minutes = (n: number) => (n < 1 ? `${Math.max(1, Math.round(n * 60))} s` : `${n.toFixed(n < 10 ? 1 : 0)} min`)
const photoOf = (step: string | undefined) => job.state.steps.get(step ?? '')?.photos.at(-1)?.hash
const act = (step: string) => {
  const r = job.plan.find(p => p.step.id === step)
  return r ? describe(r.step.moves[0]!) : 'Open it'
}
/** What is less likely than a hundredth is only counted. */
const worth = computed(() => props.finding.order.filter(s => !s.place || s.place.likelihood >= 0.01))
const shown = computed(() => (worth.value.some(s => s.place) ? worth.value : props.finding.order).slice(0, 30))
const rest = computed(() => props.finding.order.length - shown.value.length)
</script>

<template>
  <ol class="steps" aria-label="Where to look, in this order">
    <li
      v-for="(s, i) in shown"
      :key="s.id"
      :class="{ opens: s.opens || s.turns, turns: s.turns, lit: s.place && s.id === lit }"
    >
      <span class="mono n">{{ i + 1 }}</span>
      <template v-if="s.opens">
        <span class="what"
          ><b>Open:</b> {{ act(s.opens) }} <span class="soft">about {{ minutes(s.minutes) }}</span></span
        >
        <NButton v-if="!fixed" @click="emit('open', s.opens)">It is off</NButton>
      </template>
      <TurnToLook
        v-else-if="s.turns"
        :to="s.turns"
        :minutes="minutes(s.minutes)"
        :fixed="fixed"
        @turn="(to, step, reason) => emit('turn', to, step, reason)"
      />
      <template v-else-if="s.place">
        <button class="see" type="button" :aria-label="`Show ${text(s.place.words)}`" @click="emit('show', s.place)">
          <Thumb v-if="photoOf(s.place.step)" :hash="photoOf(s.place.step)!" />
        </button>
        <span class="what">
          <b>{{ percent(s.place.likelihood) }}</b> {{ text(s.place.words) }}
          <span class="soft">{{ [minutes(s.minutes), ...s.place.reasons.map(r => text(r.says))].join(', ') }}</span>
        </span>
        <template v-if="!fixed">
          <NButton :aria-label="`Here: ${text(s.place.words)}`" @click="emit('here', s.place)"> Here </NButton>
          <NButton :aria-label="`Not here: ${text(s.place.words)}`" @click="emit('miss', s.id)"> Not here </NButton>
        </template>
      </template>
    </li>
  </ol>
  <p v-if="rest > 0" class="soft">and {{ rest }} more, each less likely than one in a hundred</p>
</template>

<style scoped>
.steps {
  display: grid;
  align-content: start;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  min-height: 60px;
  padding: 5px 0;
  border-bottom: 1px solid var(--hair);
  line-height: 1.15;
}
.opens {
  border-left: 6px solid var(--off);
  padding-left: 8px;
}
.turns {
  flex-wrap: wrap;
}
.lit {
  background: var(--work-wash);
}
.n {
  width: 24px;
  color: var(--soft);
}
.see {
  border: 0;
  padding: 0;
  background: none;
  cursor: pointer;
  min-width: 77px;
  min-height: 48px;
}
.what {
  flex: 1;
}
.what .soft {
  display: block;
  font-size: 16px;
}
li .n-button {
  padding: 0 12px;
}
@media (max-width: 700px) {
  li {
    flex-wrap: wrap;
  }
  .what {
    flex-basis: 55%;
  }
}
</style>
