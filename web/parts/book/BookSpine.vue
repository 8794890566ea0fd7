<script setup lang="ts">
import type { Book } from '@dialytica/core/book'
import { computed } from 'vue'
import { spineOf } from './spine.ts'

/** A book at a glance: its common way as a spine along the minutes, as wide as many jobs went it; variants beside it, ways in at its head, traps at their place. */
const props = defineProps<{ book: Book; chosen: number | null }>()
const emit = defineEmits<{ choose: [index: number] }>()
const spine = computed(() => spineOf(props.book))
const words = computed(() => {
  const { nodes, strands } = spine.value
  const beside = nodes.filter(n => n.isVariant).length
  const traps = nodes.filter(n => n.traps).length
  return `${nodes.length} steps, ${beside} of them of less than half of the jobs; ${strands.length} ways in; something learnt at ${traps}`
})
</script>

<template>
  <svg
    :viewBox="`0 0 ${spine.width} ${spine.height}`"
    :width="spine.width"
    :height="spine.height"
    role="img"
    :aria-label="words"
  >
    <path v-for="s in spine.strands" :key="s.x" class="strand" :d="s.path" :stroke-width="s.width" />
    <text v-for="s in spine.strands" :key="s.covers.join()" :x="s.x" y="14" text-anchor="middle">
      {{ s.jobs.length }}×
    </text>
    <path class="trunk" :d="spine.outline" />
    <g v-for="t in spine.ticks" :key="t.minutes">
      <line class="tick" x1="30" x2="42" :y1="t.y" :y2="t.y" />
      <text x="26" :y="t.y + 5" text-anchor="end">{{ t.minutes }}</text>
    </g>
    <g v-for="n in spine.nodes" :key="n.index" class="node" @click="emit('choose', n.index)">
      <path v-if="n.branch" class="branch" :d="n.branch" />
      <rect class="touch" :x="spine.x - 40" :y="n.y - 8" width="140" height="16" />
      <circle
        :cx="n.x"
        :cy="n.y"
        :r="n.index === chosen ? 7 : 4.5"
        :class="{ chosen: n.index === chosen, beside: n.isVariant }"
      />
      <g v-if="n.traps" :transform="`translate(${spine.x - 40} ${n.y})`">
        <path class="trap" d="M-8 6L0 -8L8 6Z" />
        <text class="many" y="5" text-anchor="middle">{{ n.traps }}</text>
      </g>
    </g>
  </svg>
</template>

<style scoped>
svg {
  display: block;
  max-width: 100%;
}
.strand {
  fill: none;
  stroke: var(--work);
  opacity: 0.55;
}
.trunk {
  fill: var(--work-wash);
  stroke: var(--work);
  stroke-width: 2;
}
.branch {
  fill: none;
  stroke: var(--work);
  stroke-width: 2;
  stroke-dasharray: 5 4;
}
.touch {
  fill: transparent;
}
.node {
  cursor: pointer;
}
circle {
  fill: var(--ink);
}
circle.beside {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2.5;
}
circle.chosen {
  fill: var(--work);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.trap {
  fill: var(--sheet);
  stroke: var(--caution);
  stroke-width: 2.5;
}
.tick {
  stroke: var(--rule);
}
text {
  font-size: 13px;
  fill: var(--ink);
}
.many {
  font-size: 10px;
  font-weight: 700;
}
</style>
