<script setup lang="ts">
import { arc } from 'd3-shape'
import { computed } from 'vue'

/** The seconds that are still to be looked, on a ring that fills. */
const props = defineProps<{ seconds: number; left: number; running: boolean }>()
const draw = arc<unknown>()
const ring = (share: number) =>
  draw({ innerRadius: 76, outerRadius: 88, startAngle: 0, endAngle: 2 * Math.PI * share }) ?? ''
const share = computed(() => 1 - props.left / props.seconds)
const says = computed(() =>
  props.left === 0 ? 'looked long enough' : props.running ? 'seconds to look' : 'seconds, when you are there',
)
</script>

<template>
  <div class="timer" role="timer" :aria-label="`${left} ${says}`">
    <svg viewBox="-95 -95 190 190" aria-hidden="true">
      <path :d="ring(1)" class="all" />
      <path :d="ring(share)" class="gone" />
      <text y="18" text-anchor="middle" class="mono">{{ left }}</text>
    </svg>
    <span class="soft">{{ says }}</span>
  </div>
</template>

<style scoped>
.timer {
  display: grid;
  place-content: center;
  justify-items: center;
  gap: 6px;
  background: var(--sheet);
  padding: 12px;
  text-align: center;
}
svg {
  width: min(190px, 40vw);
}
.all {
  fill: var(--hair);
}
.gone {
  fill: var(--work);
}
text {
  font-size: 52px;
  font-weight: 700;
  fill: var(--ink);
}
</style>
