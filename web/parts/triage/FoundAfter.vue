<script setup lang="ts">
import { actName, type Leg } from '@dialytica/core/triage'
import { useElementSize } from '@vueuse/core'
import { scaleLinear } from 'd3-scale'
import { line, curveStepAfter } from 'd3-shape'
import { computed, ref } from 'vue'
import { actWords } from './words.ts'

/** Found after so many minutes: how likely the cause is known by then, and the acts on the way as blocks along the time; a block is taken by a touch. */
const props = defineProps<{ course: readonly Leg[]; chosen: string | null }>()
const emit = defineEmits<{ choose: [act: string] }>()
const frame = ref<HTMLElement | null>(null)
const { width } = useElementSize(frame)
const height = 132
const end = computed(() => Math.max(5, props.course.at(-1)?.to ?? 0))
const x = computed(() => scaleLinear([0, end.value], [0, Math.max(200, width.value - 46)]))
const y = scaleLinear([0, 1], [height, 8])
const path = computed(() => {
  const points: [number, number][] = [[0, 0], ...props.course.map((l): [number, number] => [l.to, l.found])]
  return line<[number, number]>(
    p => x.value(p[0]),
    p => y(p[1]),
  ).curve(curveStepAfter)(points)!
})
</script>

<template>
  <div ref="frame" class="course">
    <svg
      v-if="width"
      :width="width"
      :height="height + 34"
      role="img"
      :aria-label="`Found after ${Math.round(end)} minutes: ${Math.round((course.at(-1)?.found ?? 0) * 100)} %`"
    >
      <g v-for="p in [0.25, 0.5, 0.75, 1]" :key="p">
        <path :d="`M0 ${y(p)}H${width - 46}`" class="level" />
        <text :x="width" :y="y(p) + 5" class="mono level-word">{{ p * 100 }} %</text>
      </g>
      <path :d="path" class="way" />
      <path :d="`M0 ${height}H${width - 46}`" class="ground" />
      <g v-for="(leg, i) in course" :key="i">
        <rect
          v-if="leg.opening > 0"
          :x="x(leg.from)"
          :y="height + 4"
          :width="Math.max(0, x(leg.from + leg.opening) - x(leg.from) - 1)"
          height="26"
          class="opening"
        />
        <rect
          :x="x(leg.from + leg.opening)"
          :y="height + 4"
          :width="Math.max(2, x(leg.to) - x(leg.from + leg.opening) - 1)"
          height="26"
          :class="['block', { here: actName(leg.act) === chosen }]"
        />
      </g>
    </svg>
    <ol>
      <li v-for="(leg, i) in course" :key="i">
        <button type="button" :class="{ here: actName(leg.act) === chosen }" @click="emit('choose', actName(leg.act))">
          <span class="mono">{{ Math.round(leg.to) }}</span>
          <span
            >{{ actWords(leg.act)
            }}<small v-if="leg.covers.length" class="soft"> · {{ leg.covers.join(', ') }} off</small></span
          >
        </button>
      </li>
    </ol>
  </div>
</template>

<style scoped>
.course {
  display: grid;
  gap: 6px;
}
svg {
  display: block;
}
.way {
  fill: none;
  stroke: var(--work);
  stroke-width: 4;
}
.ground {
  stroke: var(--ink);
  stroke-width: 2;
}
.level {
  stroke: var(--hair);
}
.level-word {
  font-size: 12px;
  text-anchor: end;
  fill: var(--soft);
}
.block {
  fill: var(--sheet);
  stroke: var(--ink);
  stroke-width: 1.6;
}
.block.here {
  fill: var(--work);
}
.opening {
  fill: var(--off-wash);
  stroke: var(--off);
  stroke-dasharray: 4 3;
}
ol {
  list-style: none;
  padding: 0;
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0 18px;
}
button {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 8px;
  width: 100%;
  min-height: 38px;
  align-items: center;
  text-align: left;
  border: 0;
  border-bottom: 1px solid var(--hair);
  background: none;
  color: inherit;
  font: inherit;
  font-size: 16px;
  line-height: 1.1;
  cursor: pointer;
}
button.here {
  border-left: 6px solid var(--work);
  padding-left: 6px;
}
button .mono {
  text-align: right;
  color: var(--soft);
}
@media (max-width: 1000px) {
  ol {
    grid-template-columns: 1fr;
  }
  button {
    min-height: 48px;
  }
}
</style>
