<script setup lang="ts">
import { minutesLeft, stillOwed } from '@dialytica/core/ledger'
import { settledCount } from '@dialytica/core/log'
import { describe } from '@dialytica/core/moves'
import { benchWork } from '@dialytica/core/plan'
import { text } from '@dialytica/core/words'
import { computed } from 'vue'
import { RouterLink } from 'vue-router'
import { useJob } from '../../stores/job.ts'
import { toStep } from '../../ways.ts'
import LinkButton from '../LinkButton.vue'

/** What comes next, what was left half done, what a second pair of hands could do on the bench, and the time that is left. */
const props = defineProps<{ index: number }>()
const job = useJob()
const after = computed(() =>
  job.plan
    .slice(props.index + 1)
    .filter(p => p.owes > 0)
    .slice(0, 2)
    .flatMap(p => p.moves.find(m => m.debts.length)?.move ?? []),
)
const half = computed(() =>
  job.plan.flatMap((p, i) =>
    i !== props.index && p.owes > 0 && p.debts.some(d => settledCount(d) > 0)
      ? [{ step: p.step.id, what: text(stillOwed(p.debts.find(d => settledCount(d) < d.count)!)) }]
      : [],
  ),
)
const bench = computed(() =>
  benchWork(job.plan, job.planned.arcs).filter(b => b.step !== job.plan[props.index]?.step.id),
)
const left = computed(() => minutesLeft(job.state))
</script>

<template>
  <div class="after">
    <p v-if="half.length" class="half">
      <b>Left half done:</b>
      <LinkButton v-for="h in half" :key="h.step" :to="toStep(h.step)" replace>{{ h.what }}</LinkButton>
    </p>
    <p v-for="(m, i) in after" :key="m.id">
      <span v-if="i === 0" class="soft">After this<br /></span>{{ describe(m) }}
    </p>
    <template v-if="bench.length">
      <p v-for="(b, i) in bench.slice(0, 2)" :key="b.debt.id">
        <span v-if="i === 0" class="soft">Meanwhile, on the bench<br /></span
        ><RouterLink :to="toStep(b.step)" replace>{{ text(stillOwed(b.debt)) }}</RouterLink
        >: join to the
        {{ text(b.on) }}
      </p>
    </template>
    <p v-if="bench.length > 2" class="soft">and {{ bench.length - 2 }} more</p>
    <p v-if="left" class="soft left">About {{ left }} min left at this job’s pace</p>
  </div>
</template>

<style scoped>
.after {
  display: flex;
  flex-flow: column wrap;
  align-content: flex-start;
  gap: 4px;
  overflow: hidden;
  padding-top: 8px;
  border-top: 2px solid var(--rule);
  line-height: 1.2;
}
/* The first line can be left out too: it is never the first thing of the column. */
.after::before {
  content: '';
}
.after::before,
.after > * {
  width: 100%;
}
.half {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
</style>
