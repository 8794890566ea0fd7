<script setup lang="ts">
import { table, type calibration, type Held, type Solved } from '@dialytica/core/triage'
import { scaleLinear } from 'd3-scale'
import { shallowRef } from 'vue'
import { useTriage } from '../../stores/triage.ts'
import { inWorker } from '../../workers/in-worker.ts'
import { percent } from './words.ts'

/** For the lead: of what was held at about one likelihood over the closed jobs, how often it was so; on the line where both are the same. */
const triage = useTriage()
/** The last jobs are enough, and quick. */
const latest = 60
const least = 5
const groups = shallowRef<Held[]>([])
const work = inWorker<Parameters<typeof calibration>, Held[]>(
  () => new Worker(new URL('../../workers/held-so.ts', import.meta.url), { type: 'module' }),
)
/** Worked out when somebody looks. */
async function show(opened: boolean): Promise<void> {
  if (!opened || triage.solved.length < least) return
  groups.value = await work(table, JSON.parse(JSON.stringify(triage.solved.slice(-latest))) as Solved[]).catch(() => [])
}
const size = 200
const [x, y] = [scaleLinear([0, 1], [34, size - 6]), scaleLinear([0, 1], [size - 26, 6])]
</script>

<template>
  <details class="so" @toggle="show(($event.target as HTMLDetailsElement).open)">
    <summary>How often was it so?</summary>
    <p v-if="triage.solved.length < least" class="soft">
      Told from {{ least }} closed jobs on whose cause was confirmed; there are {{ triage.solved.length }}.
    </p>
    <template v-else-if="groups.length">
      <svg
        :viewBox="`0 0 ${size} ${size}`"
        role="img"
        :aria-label="groups.map(g => `held at ${percent(g.held)}: so in ${percent(g.so)} of ${g.times}`).join('; ')"
      >
        <path :d="`M${x(0)} ${y(0)}L${x(1)} ${y(1)}`" class="even" />
        <path :d="`M${x(0)} ${y(1)}V${y(0)}H${x(1)}`" class="frame" />
        <g v-for="t in [0, 0.5, 1]" :key="t">
          <text :x="x(t)" :y="size - 8" class="mono">{{ t * 100 }}</text>
          <text :x="16" :y="y(t) + 4" class="mono">{{ t * 100 }}</text>
        </g>
        <circle
          v-for="g in groups"
          :key="g.from"
          :cx="x(g.held)"
          :cy="y(g.so)"
          :r="3 + Math.sqrt(g.times)"
          class="dot"
        />
      </svg>
      <p class="soft small">across: what was held of the likeliest, in %; up: how often it was so</p>
    </template>
  </details>
</template>

<style scoped>
.so {
  font-size: 16px;
}
summary {
  min-height: 36px;
  cursor: pointer;
}
svg {
  width: 220px;
}
.even {
  stroke: var(--hair);
  stroke-width: 2;
}
.frame {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
.dot {
  fill: var(--work);
  fill-opacity: 0.4;
  stroke: var(--work);
  stroke-width: 2;
}
text {
  font-size: 11px;
  text-anchor: middle;
  fill: var(--soft);
}
</style>
