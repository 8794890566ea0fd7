<script setup lang="ts">
import { coverName, type LeadsBack } from '@dialytica/core/proof'
import type { ReturnStep } from '@dialytica/core/plan'
import { text } from '@dialytica/core/words'
import { NButton } from 'naive-ui'

/** Where a failed trial leads back: what this job touched, in the order in which looking costs least, and what to take off again for it. */
defineProps<{ back: LeadsBack; seen: string; steps: readonly ReturnStep[]; fixed: boolean }>()
const emit = defineEmits<{ open: [suspect: LeadsBack['suspects'][number]] }>()
const share = (p: number) => `${Math.round(100 * p)} %`
</script>

<template>
  <section class="back" tabindex="0" aria-label="Where it leads back">
    <h2>{{ seen }}. Look here first.</h2>
    <p class="soft">
      By what this job touched last, and what was not checked; about {{ Math.max(1, Math.round(back.minutes)) }} min.
      {{ share(back.elsewhere) }} is kept for what this job did not touch.
    </p>
    <ol>
      <li v-for="s in back.suspects.slice(0, 6)" :key="s.move">
        <svg class="bar" viewBox="0 0 60 12" aria-hidden="true">
          <rect width="60" height="12" class="all" />
          <rect :width="60 * s.likelihood" height="12" class="of" />
        </svg>
        <b class="mono">{{ share(s.likelihood) }}</b>
        <span class="what">
          {{ text(s.thing) }} <span class="soft">step {{ s.number }}</span>
          <span v-if="s.why.length" class="soft">, {{ s.why.map(w => text(w)).join(', ') }}</span>
        </span>
        <span class="soft opens">{{
          s.opens.length ? `behind ${s.opens.map(id => text(coverName(steps, id))).join(', ')}` : 'in sight'
        }}</span>
        <NButton v-if="!fixed" :aria-label="`Open ${text(s.thing)} again`" @click="emit('open', s)"
          >Open it again</NButton
        >
      </li>
    </ol>
    <p v-if="back.suspects.length === 0">Nothing that this job opened is back on: the cause lies elsewhere.</p>
  </section>
</template>

<style scoped>
.back {
  padding: 12px 24px;
  overflow: auto;
}
h2 {
  font-size: 22px;
  color: var(--danger);
}
li {
  display: grid;
  grid-template-columns: 60px 52px minmax(0, 1fr) minmax(90px, auto) auto;
  gap: 12px;
  align-items: center;
  min-height: 52px;
  border-top: 1px solid var(--hair);
  line-height: 1.15;
}
.all {
  fill: var(--hair);
}
.of {
  fill: var(--off);
}
@media (max-width: 700px) {
  li {
    grid-template-columns: 52px minmax(0, 1fr) auto;
  }
  .bar,
  .opens {
    display: none;
  }
}
</style>
