<script setup lang="ts">
import { stillOwed } from '@dialytica/core/ledger'
import { owedCount } from '@dialytica/core/log'
import { zoneTitle, type Family } from '@dialytica/core/machine'
import { gateSays, type AsItWas, type Gate, type Need, type Reach } from '@dialytica/core/plan'
import type { Trial } from '@dialytica/core/proof'
import { text } from '@dialytica/core/words'
import { Check } from '@lucide/vue'
import { NButton, NInput } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { toJob, toStep } from '../../ways.ts'
import BeforeTurn from '../BeforeTurn.vue'
import Glyph from '../Glyph.vue'
import LinkButton from '../LinkButton.vue'
import Thumb from '../Thumb.vue'

/**
 * The next gate of the return: what it closes, what is still owed behind it with its photo, what is nearly out of reach, what to count
 * out by name, and the way past it with a reason.
 */
const props = defineProps<{
  gate: Gate
  ahead: number
  held: boolean
  needs: readonly Need[]
  /** What the proof asks to see before this cover is on. */
  unseen: readonly Trial[]
  nearly: readonly Reach[]
  counted: readonly string[]
  family: Family
  mayPass: boolean
  /** What lies behind it, as it was before it was touched; and the step of which that is on the stage. */
  asItWas: readonly AsItWas[]
  lookedAt?: string | undefined
}>()
const emit = defineEmits<{ pass: [reason: string]; count: [name: string]; look: [step: string] }>()
const job = useJob()
const reason = ref('')
watch(
  () => props.gate.step,
  () => (reason.value = ''),
)
const when = computed(() =>
  props.ahead === 0 ? 'Gate: this step' : `Gate in ${props.ahead} ${props.ahead === 1 ? 'step' : 'steps'}`,
)
const closing = (gate: Gate) => text(gateSays(gate, props.family))
/** What is said where nothing holds it, and how it is passed all the same. */
const clear = computed(() =>
  props.gate.turn
    ? 'All is held, nothing is left.'
    : props.gate.brings
      ? 'Nothing is open that it could hurt.'
      : 'Nothing is left behind it.',
)
const allTheSame = computed(() =>
  props.gate.turn
    ? { done: 'turned', act: 'Turn it all the same' }
    : props.gate.brings
      ? { done: 'switched on', act: 'Switch it on all the same' }
      : { done: 'closed', act: 'Pass the gate' },
)
const photoOf = (step: string) => job.state.steps.get(step)?.photos.at(-1)?.hash
/** Far from the gate its debts are only counted: they are settled on the way. */
const far = computed(() => props.ahead > 3)
const pieces = computed(() => props.gate.behind.reduce((n, d) => n + owedCount(d), 0))
/** What is nearly out of reach behind this gate or one that comes before it. */
const soon = computed(() => props.nearly.filter(n => !props.held || n.gate.step !== props.gate.step))
</script>

<template>
  <section class="gate" :class="{ held }" aria-label="Gate">
    <div class="when">
      <b>{{ when }}</b>
      <span>{{ closing(gate) }}</span>
    </div>
    <div v-if="asItWas.length" class="as-it-was" role="group" aria-label="Behind it, as it was">
      <span>As it was behind it:</span>
      <NButton
        v-for="{ zone, step, photo } in asItWas"
        :key="step.id"
        :aria-pressed="lookedAt === step.id"
        @click="emit('look', step.id)"
      >
        <Thumb :hash="photo.hash" />{{ zoneTitle(family, zone)
        }}<Check v-if="step.later.length" aria-label="photographed as it is now" />
      </NButton>
      <span v-if="lookedAt" role="status">Photograph it as it is now <kbd>P</kbd>, then lay it over.</span>
    </div>
    <p v-if="far && pieces" class="far">
      <b class="mono">{{ pieces }}</b> {{ gate.brings ? 'must be back first' : 'still owed behind it' }}, the nearest
      {{ text(stillOwed(gate.behind[0]!)) }}.
    </p>
    <ul
      v-else-if="gate.behind.length"
      class="behind"
      :aria-label="gate.brings ? 'Must be back first' : 'Still owed behind it'"
    >
      <li v-for="d in gate.behind" :key="d.id">
        <RouterLink :to="toStep(d.step)" replace>
          <Thumb v-if="held && photoOf(d.step)" :hash="photoOf(d.step)!" />
          <Glyph :kind="d.item" :size="22" />{{ text(stillOwed(d)) }}</RouterLink
        >
      </li>
    </ul>
    <p v-else class="clear">
      {{ needs.length ? '' : clear }}
    </p>
    <div v-if="unseen.length" class="unseen" role="status">
      <span
        ><b>See first, while it is off:</b> {{ unseen.map(t => text(t.name)).join(', ') }}. The plug stays out.</span
      >
      <LinkButton :to="toJob(job.id, 'proof')">Prove it</LinkButton>
    </div>
    <BeforeTurn
      v-if="ahead === 0"
      :step="gate.step"
      :needs="needs"
      :fixed="!mayPass"
      :says="gate.turn ? 'Before it is turned' : 'Before it is closed'"
    />
    <p v-if="held && gate.turn?.falls.length" class="falls">
      In place, and nothing holds it: <b>{{ gate.turn.falls.join(', ') }}</b>.
    </p>
    <p v-if="soon.length" class="soon" role="status">
      <b>Nearly out of reach:</b>
      {{
        soon
          .map(
            s =>
              `${text(stillOwed(s.debt))}, ${s.steps} ${s.steps === 1 ? 'step' : 'steps'} before it ${closing(s.gate)}`,
          )
          .join('; ')
      }}
    </p>
    <div v-if="ahead === 0 && gate.counts.length && mayPass" class="counts" role="group" aria-label="Count out">
      <span>Count out:</span>
      <NButton
        v-for="name in gate.counts"
        :key="name"
        :aria-pressed="counted.includes(name)"
        @click="emit('count', name)"
      >
        <Check v-if="counted.includes(name)" />{{ name }}
      </NButton>
    </div>
    <form v-if="held && mayPass" class="why" @submit.prevent="emit('pass', reason.trim())">
      <NInput
        v-model:value="reason"
        :placeholder="`why it is ${allTheSame.done} all the same`"
        :input-props="{ 'aria-label': 'Reason to pass the gate' }"
      />
      <NButton type="error" attr-type="submit">{{ allTheSame.act }}</NButton>
    </form>
  </section>
</template>

<style scoped>
.gate {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
  padding: 8px 20px;
  min-height: 72px;
  max-height: 216px;
  overflow: auto;
  background: var(--sheet);
  border-top: 2px solid var(--rule);
}
.gate.held {
  border-top: 5px solid var(--danger);
  background: var(--danger-wash);
}
.when {
  order: -1;
  display: grid;
  min-width: 150px;
  line-height: 1.2;
}
.held .when b {
  color: var(--danger);
}
.behind,
.as-it-was,
.counts {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
a {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: 48px;
  padding: 0 12px;
  border: 2px solid var(--off);
  border-radius: 3px;
  background: var(--sheet);
  text-decoration: none;
}
a:has(img) {
  padding-left: 0;
}
a svg {
  color: var(--off);
}
.far b {
  color: var(--off);
}
.clear {
  color: var(--work);
  font-weight: 650;
}
.falls b {
  color: var(--danger);
}
.unseen {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  border-left: 6px solid var(--caution);
  padding-left: 10px;
}
.soon {
  border-left: 6px solid var(--caution);
  padding-left: 10px;
  line-height: 1.2;
}
.counts .n-button {
  font-size: 16px;
  padding: 0 10px;
}
.why {
  order: -1;
  display: flex;
  gap: 8px;
  flex: 1;
  min-width: 300px;
}
</style>
