<script setup lang="ts">
import { checksDone, tickCheck } from '@dialytica/core/acts'
import { owedCount, settledCount, type Debt } from '@dialytica/core/log'
import { checksFor, checkWords, describe, glyphOf, type Check } from '@dialytica/core/moves'
import type { ReturnMove } from '@dialytica/core/plan'
import { text } from '@dialytica/core/words'
import { Check as Tick } from '@lucide/vue'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import { useJob } from '../../stores/job.ts'
import Glyph from '../Glyph.vue'

/** The moves of a return step: how far each is done, and its checks, one tap each. */
const props = defineProps<{ step: string; moves: readonly ReturnMove[]; fixed: boolean }>()
const job = useJob()
/** The entry of each check that was done on this step, by debt and check. */
const done = computed(() => checksDone(job.state, props.step))
const entryOf = (debt: Debt, check: Check) => done.value.get(`${debt.id} ${check}`)
const tap = (debt: Debt, check: Check) => job.act(tickCheck(job.state, props.step, debt.id, check))
</script>

<template>
  <ul class="rows" aria-label="Moves of this step">
    <li v-for="m in moves" :key="m.move.id">
      <span v-for="(d, i) in m.debts" :key="d.id" class="debt" :class="{ done: owedCount(d) === 0 }">
        <Glyph :kind="d.item" :size="20" />
        <span class="what">{{ text(d.label) }}</span>
        <b class="mono">{{ owedCount(d) === 0 ? '✓' : `${settledCount(d)}/${d.count}` }}</b>
        <span v-if="i === 0 && checksFor(m.move).length" class="checks">
          <NButton
            v-for="c in checksFor(m.move)"
            :key="c"
            :disabled="fixed"
            :aria-pressed="Boolean(entryOf(d, c))"
            :aria-label="`${text(checkWords[c])}: ${text(d.label)}`"
            :title="text(checkWords[c])"
            @click="tap(d, c)"
          >
            <Tick v-if="entryOf(d, c)" />{{ c }}
          </NButton>
        </span>
      </span>
      <span v-if="!m.debts.length" class="debt"
        ><Glyph :kind="glyphOf(m.move)" :size="20" />{{ describe(m.move) }}</span
      >
    </li>
  </ul>
</template>

<style scoped>
.rows {
  border-top: 1px solid var(--hair);
}
.debt {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--hair);
  line-height: 1.15;
}
.what {
  flex: 1;
}
.checks {
  flex-basis: 100%;
  display: flex;
  gap: 8px;
}
b {
  color: var(--off);
}
.done .what,
.done b {
  color: var(--work);
}
</style>
