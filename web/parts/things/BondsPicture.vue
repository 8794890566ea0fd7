<script setup lang="ts">
import type { Bound, PartView } from '@dialytica/core/assembly'
import { useElementSize } from '@vueuse/core'
import { linkHorizontal } from 'd3-shape'
import { computed, ref } from 'vue'
import { text } from '@dialytica/core/words'
import BoundList from './BoundList.vue'

/**
 * A part and what binds it: what fastens it on the left, what rides on it and runs past it on the right, what lies under it below its
 * plate. A whole line is what was said, a broken one what is only likely.
 */
const props = defineProps<{ view: PartView; looked: string | null; fixed: boolean }>()
const emit = defineEmits<{ look: [bound: Bound]; apart: [bound: Bound] }>()
const frame = ref<HTMLElement | null>(null)
const { width } = useElementSize(frame)
const row = 64
const narrow = computed(() => width.value < 700)
const left = computed(() => props.view.bound.fastens)
const right = computed(() => [
  ...props.view.bound['rides on'],
  ...props.view.bound['runs behind'],
  ...props.view.bound['runs over'],
])
const below = computed(() => [...props.view.bound['lies under'], ...props.view.hides])
const height = computed(() => Math.max(2, left.value.length, right.value.length) * row)
const column = computed(() => Math.min(330, (width.value - 230) / 2 - 30))
const plate = computed(() => ({ x: column.value + 40, width: width.value - 2 * column.value - 80 }))
const link = linkHorizontal<unknown, { x: number; y: number }>()
  .x(p => p.x)
  .y(p => p.y)
const middle = (all: readonly Bound[], i: number) => (height.value - all.length * row) / 2 + i * row + row / 2
const lines = computed(() => {
  const centre = height.value / 2
  const to = (b: Bound, x: number, y: number, edge: number) => ({
    key: b.kind + b.move,
    sure: b.sure,
    d: link({ source: { x, y }, target: { x: edge, y: centre + (y - centre) * 0.3 } }) ?? '',
  })
  return [
    ...left.value.map((b, i) => to(b, column.value, middle(left.value, i), plate.value.x)),
    ...right.value.map((b, i) =>
      to(b, width.value - column.value, middle(right.value, i), plate.value.x + plate.value.width),
    ),
  ]
})
const leftTitle = computed(() => (left.value.length ? 'Holds it' : 'Nothing is known to hold it'))
const kinds = { 'rides on': 'Rides on it', 'runs behind': 'Runs behind it', 'runs over': 'Runs over it' } as const
const rightTitle = computed(() =>
  [...new Set(right.value.map(b => kinds[b.kind as keyof typeof kinds]))]
    .join(', ')
    .replace(/, (\w)/g, (_, c: string) => `, ${c.toLowerCase()}`),
)
</script>

<template>
  <div ref="frame" class="bonds" :class="{ narrow }">
    <div v-if="!narrow" class="heads">
      <h3>{{ leftTitle }}</h3>
      <h3 class="right">{{ rightTitle }}</h3>
    </div>
    <div class="sides" :style="narrow ? {} : { height: `${height}px` }">
      <svg v-if="!narrow" :width="width" :height="height" aria-hidden="true">
        <path v-for="l in lines" :key="l.key" :d="l.d" :class="{ derived: !l.sure }" />
      </svg>
      <h3 v-if="narrow">{{ leftTitle }}</h3>
      <BoundList
        :style="narrow ? {} : { width: `${column}px` }"
        :of="left"
        :looked="looked"
        :fixed="fixed"
        @look="emit('look', $event)"
        @apart="emit('apart', $event)"
      />
      <div class="plate" :style="narrow ? {} : { left: `${plate.x}px`, width: `${plate.width}px` }">
        <b>{{ view.names[0] }}</b>
        <span v-if="view.names.length > 1">said as {{ view.names.slice(1).join(', ') }}</span>
        <span class="where"
          >{{ view.where }}<template v-if="view.lies">, {{ text(view.lies) }}</template></span
        >
      </div>
      <h3 v-if="narrow && right.length">{{ rightTitle }}</h3>
      <BoundList
        :style="narrow ? {} : { width: `${column}px` }"
        :of="right"
        :looked="looked"
        :fixed="fixed"
        @look="emit('look', $event)"
        @apart="emit('apart', $event)"
      />
    </div>
    <div v-if="below.length" class="below">
      <h3>Lies under it</h3>
      <BoundList
        :of="below"
        :looked="looked"
        :fixed="fixed"
        @look="emit('look', $event)"
        @apart="emit('apart', $event)"
      />
    </div>
  </div>
</template>

<style scoped>
.bonds {
  display: grid;
  gap: 6px;
  align-content: start;
}
.heads {
  display: flex;
  justify-content: space-between;
}
h3 {
  font-size: 16px;
  color: var(--soft);
  font-weight: 650;
}
.sides {
  position: relative;
  display: flex;
  justify-content: space-between;
  align-items: center;
}
svg {
  position: absolute;
  inset: 0;
}
path {
  fill: none;
  stroke: var(--rule);
  stroke-width: 3;
}
path.derived {
  stroke-dasharray: 8 6;
}
.sides > ul {
  position: relative;
  flex: none;
}
.sides > ul :deep(li) {
  padding: 4px 0;
}
.plate {
  position: absolute;
  top: 50%;
  transform: translateY(-50%);
  display: grid;
  gap: 2px;
  justify-items: center;
  padding: 14px 10px;
  background: var(--plate);
  color: var(--on-plate);
  text-align: center;
  line-height: 1.15;
}
.plate b {
  font-size: 22px;
  font-stretch: 80%;
}
.plate span {
  font-size: 15px;
}
.plate .where {
  margin-top: 4px;
  padding-top: 4px;
  border-top: 2px solid currentColor;
  font-weight: 650;
}
.below {
  margin-top: 8px;
  padding: 10px 12px;
  border: 2px solid var(--rule);
  border-top: 8px solid var(--plate);
}
.below ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 6px;
  margin-top: 6px;
}
.narrow .sides {
  flex-direction: column;
  align-items: stretch;
  gap: 6px;
}
.narrow .plate {
  position: static;
  transform: none;
  order: -1;
}
</style>
