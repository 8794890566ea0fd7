<script setup lang="ts">
import { range, type Verdict } from '@dialytica/core/readings'
import { scaleLinear } from 'd3-scale'
import { computed } from 'vue'

/** What was expected as a band, and over it what was measured with the error of its instrument: how far one lies in the other. */
const props = defineProps<{ verdict: Verdict; unit: string }>()
const width = 320
const bar = computed(() => {
  const { expected, measured } = props.verdict
  if (!expected || !measured || !Number.isFinite(measured.high)) return null
  const ends = [expected.low, expected.high, measured.low, measured.high].filter(Number.isFinite)
  const [low, high] = [Math.min(...ends), Math.max(...ends)]
  const room = (high - low || high || 1) * 0.15
  const x = scaleLinear([Math.max(0, low - room), high + room], [0, width]).clamp(true)
  const span = (from: number, to: number) => ({ x: x(from), width: Math.max(3, x(to) - x(from)) })
  return {
    band: span(expected.low, Number.isFinite(expected.high) ? expected.high : high + room),
    seen: span(measured.low, measured.high),
    ticks: x.ticks(4).map(t => ({ t, x: x(t) })),
    words: `expected ${range(expected)} ${props.unit}, measured ${range(measured)} ${props.unit}`,
  }
})
</script>

<template>
  <svg v-if="bar" :viewBox="`0 0 ${width} 46`" :width="width" height="46" role="img" :aria-label="bar.words">
    <rect class="band" :x="bar.band.x" :width="bar.band.width" y="4" height="20" />
    <line class="axis" x1="0" :x2="width" y1="28" y2="28" />
    <g v-for="{ t, x } in bar.ticks" :key="t">
      <line class="axis" :x1="x" :x2="x" y1="28" y2="32" />
      <text :x="x" y="44">{{ t }}</text>
    </g>
    <rect class="seen" :x="bar.seen.x" :width="bar.seen.width" y="9" height="10" />
  </svg>
</template>

<style scoped>
svg {
  max-width: 100%;
  overflow: visible;
}
.band {
  fill: var(--work-wash);
  stroke: var(--work);
  stroke-width: 2;
}
.seen {
  fill: var(--ink);
}
.axis {
  stroke: var(--rule);
}
text {
  font: 500 12px 'Martian Mono';
  text-anchor: middle;
  fill: var(--ink);
}
</style>
