<script setup lang="ts">
import type { Plan } from '@dialytica/core/access'
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { line, curveStepAfter } from 'd3-shape'
import { computed, ref } from 'vue'
import { stairsOf } from './stairs.ts'

/** The minutes of a plan as a way down: each act as long as it takes, a step lower where something comes off, a mark where the machine is turned. All plans share one measure. */
const props = defineProps<{ plan: Plan; most: number; deepest: number }>()
const frame = ref<HTMLElement | null>(null)
const { width } = useElementSize(frame)
const height = 84
const stairs = computed(() => stairsOf(props.plan))
const x = computed(() => scaleLinear([0, props.most], [10, Math.max(120, width.value - 12)]))
const y = computed(() => scaleLinear([0, Math.max(1, props.deepest)], [10, height - 10]))
const path = computed(() =>
  line<{ at: number; depth: number }>(
    p => x.value(p.at),
    p => y.value(p.depth),
  ).curve(curveStepAfter)(stairs.value.points)!,
)
const ticks = computed(() => x.value.ticks(4))
</script>

<template>
  <div ref="frame" class="strip">
    <svg v-if="width" :width="width" :height="height + 20" aria-hidden="true">
      <path v-for="t in ticks" :key="t" class="measure" :d="`M${x(t)} 4V${height}`" />
      <text v-for="t in ticks" :key="`m${t}`" class="mono" :x="x(t)" :y="height + 16" text-anchor="middle">
        {{ t }}
      </text>
      <path class="way" :d="path" />
      <circle v-for="p in stairs.points.slice(1)" :key="p.at" class="act" :cx="x(p.at)" :cy="y(p.depth)" r="3" />
      <g v-for="t in stairs.turns" :key="`t${t.at}`" :transform="`translate(${x(t.at)} ${y(t.depth)})`">
        <circle class="turn" r="9" />
        <path class="arrow" d="M-4 1A4 4 0 1 1 0 5M-7 -1L-4 3L0 0" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.strip {
  height: 104px;
}
svg {
  display: block;
}
.measure {
  stroke: var(--hair);
}
.way {
  fill: none;
  stroke: var(--off);
  stroke-width: 4;
}
.act {
  fill: var(--sheet);
  stroke: var(--off);
  stroke-width: 2;
}
.turn {
  fill: var(--caution);
  stroke: var(--sheet);
  stroke-width: 2;
}
.arrow {
  fill: none;
  stroke: var(--sheet);
  stroke-width: 1.8;
}
text {
  font-size: 13px;
  fill: var(--soft);
}
</style>
