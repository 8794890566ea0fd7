<script setup lang="ts">
import { computed } from 'vue'
import { glyphNames, glyphShapes } from '@dialytica/core/items'
import type { PlacedLabel } from './label-places.ts'
import type { ShownMark } from './shown-mark.ts'

/** One mark on the photo: the glyph at its place, or a route past its points. */
const props = defineProps<{
  mark: ShownMark
  spots: readonly { x: number; y: number }[]
  label: PlacedLabel | undefined
  as: string
}>()
const emit = defineEmits<{ pick: [index: number] }>()
const d = computed(() => `M${props.spots.map(s => `${s.x} ${s.y}`).join('L')}`)
const said = computed(() =>
  [props.as, glyphNames[props.mark.glyph], props.mark.label, props.mark.done ? 'done' : ''].filter(Boolean).join(' '),
)
/** A line is laid from its end: what lies beyond the point in hand is done. */
const isLaid = (k: number) => props.mark.knot !== undefined && k > props.mark.knot
const isUnder = computed(() => ['behind', 'under', 'through'].includes(props.mark.passing ?? ''))
const isLine = computed(() => props.spots.length > 1)
</script>

<template>
  <g
    class="mark"
    :class="{ done: mark.done, now: mark.now, chosen: mark.chosen }"
    role="button"
    tabindex="0"
    :aria-label="said"
    :aria-pressed="mark.done === undefined ? undefined : mark.done"
    :data-mark="mark.id"
    @click.stop="emit('pick', 0)"
    @keydown.enter.space.prevent.stop="emit('pick', 0)"
  >
    <template v-if="isLine">
      <path class="halo" :d="d" />
      <path class="route" :d="d" />
      <g v-for="(s, k) in spots" :key="k" :data-knot="k" @click.stop="emit('pick', k)">
        <circle :cx="s.x" :cy="s.y" r="24" fill="transparent" />
        <circle
          v-if="mark.knot === k"
          :cx="s.x"
          :cy="s.y"
          r="22"
          class="in-hand"
          :class="{ under: isUnder, over: mark.passing === 'over' }"
        />
        <circle
          :cx="s.x"
          :cy="s.y"
          r="13"
          class="knot"
          :class="{ held: mark.chosen && mark.point === k, laid: isLaid(k) }"
        />
        <text :x="s.x" :y="s.y + 5" class="knot-number">{{ mark.backwards ? spots.length - k : k + 1 }}</text>
        <g v-if="mark.points?.[k]" class="label pass" :transform="`translate(${s.x + 15} ${s.y - 12})`">
          <rect :width="mark.points[k]!.length * 6.6 + 12" height="22" rx="2" />
          <text :x="(mark.points[k]!.length * 6.6 + 12) / 2" y="16">{{ mark.points[k] }}</text>
        </g>
      </g>
    </template>
    <g v-else :transform="`translate(${spots[0]!.x} ${spots[0]!.y})`" data-knot="0">
      <circle v-if="mark.chosen" r="33" class="ring" />
      <rect x="-24" y="-24" width="48" height="48" fill="transparent" />
      <svg
        x="-23"
        y="-23"
        width="46"
        height="46"
        viewBox="0 0 24 24"
        class="shape halo-shape"
        v-html="glyphShapes[mark.glyph]"
      />
      <svg x="-23" y="-23" width="46" height="46" viewBox="0 0 24 24" class="shape" v-html="glyphShapes[mark.glyph]" />
      <g v-if="mark.clock && !mark.done" :transform="`rotate(${mark.clock * 30})`" class="clock">
        <path d="M0 -22V-46M-7 -36 0 -47 7 -36" class="halo" />
        <path d="M0 -22V-46M-7 -36 0 -47 7 -36" />
      </g>
      <template v-if="mark.done">
        <circle r="19" class="disc" />
        <path d="M-9 0-3 7 9 -7" class="tick" />
      </template>
    </g>
    <g v-if="mark.label && label" :transform="`translate(${label.x} ${label.y})`" class="label">
      <rect :width="label.width" height="24" rx="2" />
      <text :x="label.width / 2" y="17">{{ mark.label }}</text>
    </g>
  </g>
</template>

<style scoped>
.mark {
  cursor: pointer;
}
.shape {
  color: #1d2628;
  overflow: visible;
}
.halo-shape {
  color: #fbf8f1;
  stroke-width: 6;
}
.halo-shape :deep(*) {
  stroke-width: 5;
}
.halo {
  fill: none;
  stroke: #fbf8f1;
  stroke-width: 8;
  stroke-linejoin: round;
}
.route {
  fill: none;
  stroke: #1d2628;
  stroke-width: 3.5;
  stroke-dasharray: 9 5;
}
.knot {
  fill: #fbf8f1;
  stroke: #1d2628;
  stroke-width: 2.5;
}
.knot.held,
.ring {
  stroke: #b3201f;
  stroke-width: 4;
}
.ring {
  fill: none;
  stroke-dasharray: 6 4;
}
.in-hand {
  fill: none;
  stroke: #96450f;
  stroke-width: 4;
}
.in-hand.under {
  stroke-dasharray: 7 6;
}
.in-hand.over {
  fill: #fbf8f1;
}
.knot.laid {
  fill: #14655f;
  stroke: #fbf8f1;
}
.laid ~ .knot-number {
  fill: #fff;
}
.clock path {
  fill: none;
  stroke: #96450f;
  stroke-width: 4;
}
.clock .halo {
  stroke: #fbf8f1;
  stroke-width: 9;
}
.knot-number {
  font-family: 'Martian Mono';
  font-weight: 700;
  font-size: 14px;
  text-anchor: middle;
  fill: #1d2628;
}
.label rect {
  fill: #1d2628;
}
.label text {
  font-family: 'Martian Mono';
  font-weight: 600;
  font-size: 15px;
  font-stretch: 80%;
  text-anchor: middle;
  fill: #fbf8f1;
}
.pass text {
  font-family: Archivo;
  font-size: 14px;
}
.disc,
.done .knot {
  fill: #14655f;
  stroke: #fbf8f1;
  stroke-width: 2.5;
}
.done .knot-number {
  fill: #fff;
}
.done .route {
  stroke: #14655f;
}
.tick {
  fill: none;
  stroke: #fff;
  stroke-width: 4;
}
.now .shape:not(.halo-shape) {
  color: #96450f;
}
.now .label rect {
  fill: #96450f;
}
.mark:focus-visible {
  outline: 3px solid #63c2b4;
}
</style>
