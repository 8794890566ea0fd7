<script setup lang="ts">
import { scheduled, type Beat } from '@dialytica/core/ritual'
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { computed, ref } from 'vue'

/** The step in hand along its time: its beats where they fall due, the time that is gone, and what is too early or too late, hatched. */
const props = defineProps<{
  beats: readonly Beat[]
  /** How many of them are done. */
  done: number
  /** Seconds since the step began; none before its first beat. */
  gone: number | null
  /** Seconds since the step began before which the next beat is too early. */
  notBefore: number
}>()
const box = ref<HTMLElement | null>(null)
const { width } = useElementSize(box)
const due = computed(() => scheduled(props.beats))
const within = computed(() => props.beats[0]?.within)
const end = computed(() =>
  Math.max(within.value ? within.value * 1.12 : 0, (due.value.at(-1)?.to ?? 0) + 2, props.gone ?? 0),
)
const x = computed(() => scaleLinear([0, end.value], [24, Math.max(25, width.value - 24)]))
const ticks = computed(() => x.value.ticks(Math.max(2, Math.min(8, Math.floor(width.value / 120)))))
</script>

<template>
  <div ref="box" class="strip">
    <svg :width="width" height="128" aria-hidden="true">
      <defs>
        <pattern id="off-time" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0V8" class="hatch" />
        </pattern>
      </defs>
      <rect
        v-if="within"
        :x="x(within)"
        y="14"
        :width="Math.max(0, width - x(within))"
        height="70"
        fill="url(#off-time)"
      />
      <text v-if="within" :x="x(within) + 4" y="10" class="late">too late</text>
      <template v-if="gone !== null && notBefore > gone">
        <rect :x="x(gone)" y="14" :width="x(notBefore) - x(gone)" height="70" fill="url(#off-time)" />
      </template>
      <path :d="`M24 84H${width}`" class="axis" />
      <g v-for="t in ticks" :key="t">
        <path :d="`M${x(t)} 80v8`" class="axis" />
        <text :x="x(t)" y="104" text-anchor="middle" class="mono tick">{{ t }} s</text>
      </g>
      <g v-for="(b, i) in beats" :key="i" :class="['beat', b.kind, { done: i < done, now: i === done }]">
        <rect
          v-if="b.seconds"
          :x="x(due[i]!.from)"
          y="38"
          :width="Math.max(8, x(due[i]!.to) - x(due[i]!.from))"
          height="24"
        />
        <path v-else-if="b.kind === 'see'" :d="`M${x(due[i]!.from) - 14} 50q14 -18 28 0q-14 18 -28 0z`" />
        <path v-else :d="`M${x(due[i]!.from)} 34l14 16l-14 16l-14 -16z`" />
      </g>
      <path v-if="gone !== null" :d="`M${x(Math.min(gone, end))} 8V92`" class="cursor" />
    </svg>
  </div>
</template>

<style scoped>
.strip {
  min-width: 0;
}
svg {
  display: block;
}
.axis {
  stroke: var(--ink);
  stroke-width: 2;
  fill: none;
}
.tick {
  font-size: 13px;
  fill: var(--ink);
}
.late {
  font-size: 13px;
  fill: var(--danger);
}
.hatch {
  stroke: var(--danger);
  stroke-width: 3;
}
.beat rect,
.beat path {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 3;
}
.beat.wait rect {
  stroke-dasharray: 6 4;
}
.beat.done rect,
.beat.done path {
  fill: var(--hair);
  stroke: var(--hair);
}
.beat.now rect,
.beat.now path {
  stroke: var(--work);
  stroke-width: 6;
}
.cursor {
  stroke: var(--off);
  stroke-width: 4;
  fill: none;
}
</style>
