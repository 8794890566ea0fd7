<script setup lang="ts">
import { entryName, type ProofEntry } from '@dialytica/core/proof'
import type { ReturnStep } from '@dialytica/core/plan'
import { text } from '@dialytica/core/words'
import { useElementSize } from '@vueuse/core'
import { scaleBand } from 'd3-scale'
import { curveStepAfter, line } from 'd3-shape'
import { computed, nextTick, ref, watch } from 'vue'

/** The proof from left to right: what is done, and how water, power and the covers stand while it is; a tap goes there. */
const props = defineProps<{ entries: readonly ProofEntry[]; at: number; steps: readonly ReturnStep[] }>()
const emit = defineEmits<{ go: [at: number] }>()
const box = ref<HTMLElement | null>(null)
const { width } = useElementSize(box)
/** No entry is narrower than a finger. */
const least = 78
const labels = 96
const all = computed(() => Math.max(width.value, labels + props.entries.length * least))
const x = computed(() =>
  scaleBand(
    props.entries.map((_, i) => String(i)),
    [labels, all.value - 8],
  ),
)
const left = (i: number) => x.value(String(i)) ?? labels
const lanes = [
  { name: 'water', of: (e: ProofEntry) => e.lanes.water },
  { name: 'power', of: (e: ProofEntry) => e.lanes.power },
  { name: 'covers on', of: (e: ProofEntry) => e.lanes.off.length === 0 },
]
const paths = computed(() =>
  lanes.map((lane, j) => {
    const y = (on: boolean) => 62 + j * 30 + (on ? 2 : 20)
    const points = props.entries.map((e, i): [number, number] => [left(i), y(lane.of(e))])
    const end: [number, number][] = points.length ? [[all.value - 8, points.at(-1)![1]]] : []
    return { name: lane.name, y: y(true), d: line().curve(curveStepAfter)([...points, ...end]) ?? '' }
  }),
)
const mark = (e: ProofEntry): string =>
  e.does !== 'try' || !e.result ? '' : { passed: '✓ ', failed: '✗ ', 'not done': '– ' }[e.result.body.result]
const told = (e: ProofEntry): string =>
  `${text(entryName(e, props.steps))}${e.does === 'try' && e.result ? `: ${e.result.body.result}` : ''}`
watch(
  () => [props.at, all.value],
  () => void nextTick(() => box.value?.scrollTo({ left: Math.max(0, left(props.at) - labels - least) })),
  { immediate: true },
)
</script>

<template>
  <div ref="box" class="strip" tabindex="0" role="region" aria-label="The proof in its order">
    <div class="names" aria-hidden="true">
      <span v-for="p in paths" :key="p.name" :style="{ top: `${p.y - 1}px` }">{{ p.name }}</span>
    </div>
    <svg :width="all" height="154" role="group" aria-label="Entries of the proof">
      <rect v-if="entries.length" :x="left(at)" y="0" :width="x.bandwidth()" height="154" class="here" />
      <g
        v-for="(e, i) in entries"
        :key="i"
        role="button"
        tabindex="0"
        :class="['entry', e.does, e.does === 'try' ? e.result?.body.result?.replace(' ', '-') : '']"
        :aria-label="told(e)"
        :aria-current="i === at || undefined"
        @click="emit('go', i)"
        @keydown.enter.stop="emit('go', i)"
      >
        <rect :x="left(i)" y="0" :width="x.bandwidth()" height="154" fill="transparent" />
        <path :d="`M${left(i)} 6V148`" class="rule" />
        <foreignObject :x="left(i) + 4" y="4" :width="Math.max(1, x.bandwidth() - 6)" height="52">
          <p class="name" :class="{ now: i === at }">{{ mark(e) }}{{ text(entryName(e, steps)) }}</p>
        </foreignObject>
      </g>
      <g v-for="p in paths" :key="p.name" :class="['lane', p.name.split(' ')[0]]">
        <path :d="p.d" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.strip {
  overflow-x: auto;
  border-bottom: 2px solid var(--rule);
}
.names {
  position: sticky;
  left: 0;
  width: 0;
  height: 0;
  font-size: 15px;
  font-weight: 650;
  z-index: 1;
}
.names span {
  position: absolute;
  left: 0;
  padding: 0 8px 0 14px;
  white-space: nowrap;
  line-height: 1.3;
  background: var(--ground);
}
svg {
  display: block;
}
.here {
  fill: var(--work-wash);
}
.entry {
  cursor: pointer;
}
.rule {
  stroke: var(--hair);
}
.name {
  font-size: 14.5px;
  line-height: 1.1;
  font-stretch: 76%;
  overflow: hidden;
  max-height: 50px;
}
.name.now {
  font-weight: 750;
}
.passed .name,
.not-done .name {
  color: var(--soft);
}
.failed .name {
  color: var(--danger);
  font-weight: 700;
}
.switch .name,
.fit .name {
  font-style: italic;
}
.lane path {
  fill: none;
  stroke-width: 4;
  pointer-events: none;
}
.water path {
  stroke: var(--work);
}
.power path {
  stroke: var(--danger);
}
.covers path {
  stroke: var(--ink);
  stroke-width: 3;
  stroke-dasharray: 7 2;
}
</style>
