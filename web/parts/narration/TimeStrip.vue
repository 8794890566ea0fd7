<script setup lang="ts">
import type { Spoken, StepDraft } from '@dialytica/core/narration'
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { computed, ref } from 'vue'
import { clock } from './clock.ts'

/** The narration along its time: what was said under it, its drafts above, each as far as it was looked at; a tap goes there. */
const props = defineProps<{ spoken: readonly Spoken[]; drafts: readonly StepDraft[]; at: number }>()
const emit = defineEmits<{ go: [at: number] }>()
const box = ref<HTMLElement | null>(null)
const { width } = useElementSize(box)
const end = computed(() => Math.max(1, props.spoken.at(-1)?.to ?? 1))
const x = computed(() => scaleLinear([0, end.value], [26, Math.max(27, width.value - 26)]))
const ticks = computed(() => x.value.ticks(Math.max(2, Math.min(10, Math.floor(width.value / 110)))))
/** A draft takes its time, and at least the width of a thin finger. */
const wide = (d: StepDraft) => Math.max(10, x.value(d.to) - x.value(d.from))
const says = { open: 'to look at', kept: 'kept', dropped: 'dropped' } as const
</script>

<template>
  <div ref="box" class="strip">
    <svg :width="width" height="62" role="group" aria-label="The narration along its time">
      <defs>
        <pattern id="dropped" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="6" class="hatch" />
        </pattern>
      </defs>
      <g v-for="t in ticks" :key="t" class="tick">
        <line :x1="x(t)" :x2="x(t)" y1="40" y2="46" />
        <text :x="x(t)" y="59" text-anchor="middle">{{ clock(t) }}</text>
      </g>
      <line x1="26" :x2="width - 26" y1="40" y2="40" class="axis" />
      <rect
        v-for="(s, i) in spoken"
        :key="`s${i}`"
        :class="['said', s.tells]"
        :x="x(s.from)"
        :width="Math.max(1.5, x(s.to) - x(s.from))"
        :y="s.tells === 'back' ? 36 : 37"
        height="6"
      />
      <g
        v-for="(d, i) in drafts"
        :key="d.id"
        :class="['draft', d.state, { here: i === at }]"
        role="button"
        tabindex="0"
        :aria-label="`Step ${i + 1} at ${clock(d.from)}, ${says[d.state]}`"
        :aria-current="i === at || undefined"
        @click="emit('go', i)"
        @keydown.enter.stop="emit('go', i)"
      >
        <rect :x="x(d.from) - 2" y="0" :width="wide(d) + 4" height="36" class="touch" />
        <rect :x="x(d.from)" :y="i === at ? 5 : 11" :width="wide(d)" :height="i === at ? 27 : 21" class="body" />
        <path v-if="d.state === 'kept'" :d="`M${x(d.from) + wide(d) / 2 - 4} 21 l3 4 l6 -8`" class="tick-off" />
      </g>
    </svg>
  </div>
</template>

<style scoped>
.strip {
  border-bottom: 2px solid var(--rule);
  padding: 6px 0 0;
  min-width: 0;
}
svg {
  display: block;
}
.axis,
.tick line {
  stroke: var(--rule);
}
.tick text {
  fill: var(--soft);
  font-size: 13px;
}
.said {
  fill: var(--hair);
}
.said.acts {
  fill: var(--soft);
}
.said.back {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
.draft {
  cursor: pointer;
}
.touch {
  fill: transparent;
}
.body {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 2;
}
.draft.kept .body {
  fill: var(--work-wash);
}
.draft.dropped .body {
  fill: url(#dropped);
  stroke: var(--hair);
}
.draft.here .body {
  stroke-width: 4;
  stroke: var(--work);
}
.hatch {
  stroke: var(--hair);
  stroke-width: 3;
}
.tick-off {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
}
</style>
