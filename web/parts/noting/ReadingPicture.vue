<script setup lang="ts">
import type { Picture } from '@dialytica/core/readings'

/** A picture of readings: what is expected as an area and a line, what was read as marks with their error. */
defineProps<{ picture: Picture }>()
</script>

<template>
  <svg
    :viewBox="`0 0 ${picture.width} ${picture.height}`"
    :width="picture.width"
    :height="picture.height"
    role="img"
    :aria-label="picture.words"
  >
    <g v-for="t in picture.up" :key="`u${t.y}`">
      <path :d="`M${picture.ground[0]} ${t.y}H${picture.ground[1]}`" class="grid" />
      <text :x="picture.ground[0] - 4" :y="t.y + 4" class="end">{{ t.words }}</text>
    </g>
    <text v-for="t in picture.across" :key="`a${t.x}`" :x="t.x" :y="picture.height - 6">{{ t.words }}</text>
    <path :d="picture.band" class="band" />
    <path :d="picture.line" class="line" />
    <g v-for="s in picture.seen" :key="`${s.x} ${s.y}`" class="seen">
      <path :d="`M${s.x} ${s.top}V${s.bottom}M${s.x - 7} ${s.y}H${s.x + 7}M${s.x} ${s.y - 7}V${s.y + 7}`" />
      <text
        :x="s.x > picture.width - 70 ? s.x - 10 : s.x + 10"
        :y="s.y < 24 || s.x > picture.width - 70 ? s.y + 20 : s.y - 8"
        :class="s.x > picture.width - 70 ? 'end' : 'start'"
      >
        {{ s.words }}
      </text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  max-width: 100%;
}
.grid {
  stroke: var(--hair);
}
text {
  font-family: 'Martian Mono';
  font-stretch: 80%;
  font-size: 11px;
  text-anchor: middle;
  fill: var(--soft);
}
.end {
  text-anchor: end;
}
.start {
  text-anchor: start;
}
.band {
  fill: var(--sheet);
  stroke: var(--work);
  stroke-width: 1;
}
.line {
  fill: none;
  stroke: var(--work);
  stroke-width: 2;
}
.seen path {
  stroke: var(--ink);
  stroke-width: 3;
}
.seen text {
  fill: var(--ink);
  font-weight: 700;
  font-size: 13px;
}
</style>
