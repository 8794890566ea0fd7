<script setup lang="ts">
import type { Worth } from '@dialytica/core/worth'
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { computed, ref } from 'vue'

/** Both ways side by side: what a year of service costs on each, with its range, and the line up to which the repair is worth it. */
const props = defineProps<{ worth: Worth }>()
const frame = ref<HTMLElement | null>(null)
const { width } = useElementSize(frame)
const height = 190
const left = 96
const most = computed(() => Math.max(props.worth.repair.aYear.high, props.worth.replace.aYear.high) * 1.05)
const x = computed(() => scaleLinear([0, most.value], [left, Math.max(260, width.value - 12)]))
const bars = computed(() => [
  { name: 'Repair', side: props.worth.repair, y: 22, kind: 'repair' },
  { name: 'A new one', side: props.worth.replace, y: 92, kind: 'replace' },
])
const money = (n: number) => Math.round(n).toLocaleString('en')
const said = computed(
  () =>
    `Repair ${money(props.worth.repair.aYear.mid)} a year, ${money(props.worth.repair.aYear.low)} to ${money(props.worth.repair.aYear.high)}; a new one ${money(props.worth.replace.aYear.mid)} a year, ${money(props.worth.replace.aYear.low)} to ${money(props.worth.replace.aYear.high)}.`,
)
</script>

<template>
  <div ref="frame">
    <svg v-if="width" :width="width" :height="height" role="img" :aria-label="said">
      <g v-for="t in x.ticks(5)" :key="t">
        <path :d="`M${x(t)} 12V${height - 32}`" class="grid" />
        <text :x="x(t)" :y="height - 14" class="mono tick">{{ money(t) }}</text>
      </g>
      <g v-for="b in bars" :key="b.name" :class="b.kind">
        <text x="0" :y="b.y + 20" class="name">{{ b.name }}</text>
        <text x="0" :y="b.y + 42" class="mono figure">{{ money(b.side.aYear.mid) }}</text>
        <rect :x="x(0)" :y="b.y + 4" :width="x(b.side.aYear.mid) - x(0)" height="40" class="bar" />
        <path
          :d="`M${x(b.side.aYear.low)} ${b.y + 24}H${x(b.side.aYear.high)}M${x(b.side.aYear.low)} ${b.y + 14}v20M${x(b.side.aYear.high)} ${b.y + 14}v20`"
          class="range"
        />
      </g>
      <path :d="`M${x(worth.replace.aYear.mid)} 8V${height - 30}`" class="even" />
    </svg>
    <p class="soft small">a year of service, with its range; the dashed line is where both cost the same</p>
  </div>
</template>

<style scoped>
.grid {
  stroke: var(--hair);
}
.tick {
  font-size: 12px;
  fill: var(--soft);
  text-anchor: middle;
}
.name {
  font-weight: 650;
  font-size: 17px;
  fill: var(--ink);
}
.bar {
  fill: var(--work-wash);
  stroke: var(--work);
  stroke-width: 2;
}
.replace .bar {
  fill: var(--off-wash);
  stroke: var(--off);
}
.range {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.figure {
  font-weight: 700;
  font-size: 18px;
  fill: var(--ink);
}
.even {
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 3 5;
}
</style>
