<script setup lang="ts">
import { corners, snap, type Point } from '@dialytica/core/capture'
import { glyphNames, type Glyph } from '@dialytica/core/items'
import type { Photo } from '@dialytica/core/log'
import { useElementSize } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { usePhotoUrl } from '../data/photo-url.ts'
import CloseUps from './stage/CloseUps.vue'
import { share, useCross } from './stage/cross.ts'
import { placeLabels } from './stage/label-places.ts'
import { usePhotoAgain } from './stage/photo-again.ts'
import type { ShownMark } from './stage/shown-mark.ts'
import StageMark from './stage/StageMark.vue'
import { useStrokes } from './stage/strokes.ts'
import { useZoom } from './stage/zoom.ts'

/**
 * The photo with its marks. A tap on the picture is a place; a tap on a mark is that mark; a line is drawn past its points.
 * Wheel and pinch enlarge, one finger on the enlarged picture shifts it, a mark can be dragged.
 */
const props = defineProps<{
  photo: Photo | undefined
  marks: readonly ShownMark[]
  glyph?: Glyph | undefined
  markAs?: string
  /** True while a region is framed instead of marked. */
  framing?: boolean
  /** Close-ups that are tied to regions of this photo. */
  closeUps?: readonly Photo[]
  /** Lines from mark to mark: the order in which they are tightened. */
  lines?: readonly (readonly Point[])[]
}>()
const emit = defineEmits<{
  tap: [point: Point]
  stroke: [path: Point[]]
  frame: [region: { x: number; y: number; width: number; height: number }]
  mark: [id: string, index: number]
  drag: [id: string, index: number, point: Point]
  closeUp: [hash: string]
}>()

const frame = ref<HTMLElement | null>(null)
const { width, height } = useElementSize(frame)
const src = usePhotoUrl(() => props.photo?.hash, 'stage')
const { address, isAway, says, onMissing, onThere } = usePhotoAgain(src)
const size = computed(() => props.photo ?? { width: 16, height: 10 })
const tool = computed(() => (props.framing ? 'frame' : props.glyph === 'line' ? 'draw' : 'nothing'))
const { area, scale, enlarge, whole } = useZoom(
  frame,
  computed(() => ({ width: width.value, height: height.value })),
  size,
  from => tool.value === 'nothing' && scale.value > 1 && !(props.glyph && from.closest('[data-mark]')),
)
watch(src, () => whole())
const own = computed(() => props.marks.filter(m => m.photo === props.photo?.hash))
const shown = computed(() =>
  own.value.map(mark => ({
    mark,
    spots: mark.path.map(p => ({ x: p.x * area.value.width, y: p.y * area.value.height })),
  })),
)
const labels = computed(() =>
  placeLabels(
    shown.value.map(({ mark, spots }) => ({ ...spots[0]!, label: mark.label ?? '' })),
    area.value.width,
    area.value.height,
  ),
)

const picture = ref<HTMLElement | null>(null)
/** A new photo takes the keys, unless somebody is writing. */
watch(picture, at => {
  if (at && props.glyph && !document.activeElement?.matches('input, select')) at.focus({ preventScroll: true })
})
/** Where a point of the window lies on the photo. */
const onPhoto = ({ x, y }: { x: number; y: number }): Point => {
  const at = picture.value!.getBoundingClientRect()
  return { x: share((x - at.left) / at.width), y: share((y - at.top) / at.height) }
}
/** A point of a line lies on the mark that is near it: the clip that was tapped before is the clip that it passes. */
const near = (point: Point): Point =>
  props.glyph === 'line'
    ? snap(
        point,
        own.value.filter(m => m.glyph !== 'line'),
        area.value,
      )
    : point

const gestures = useStrokes(picture, onPhoto, {
  tool: () => tool.value,
  drags: () => props.glyph !== undefined,
  stroke: path => emit('stroke', corners(path, area.value).map(near)),
  frame: region => emit('frame', region),
  drag: (id, index, at) => emit('drag', id, index, at),
})

function place(event: MouseEvent): void {
  if (gestures.wasMoved() || !props.photo || !props.glyph || props.framing) return
  cross.value = null
  emit('tap', near(onPhoto({ x: event.clientX, y: event.clientY })))
}
function pick(mark: ShownMark, index: number): void {
  if (gestures.wasMoved()) return
  const passes = props.glyph === 'line' && mark.glyph !== 'line'
  if (passes) emit('tap', mark.path[0]!)
  else emit('mark', mark.id, index)
}
const { cross, press } = useCross({
  chosen: () => own.value.find(m => m.chosen),
  drag: (id, index, to) => emit('drag', id, index, to),
  tap: at => emit('tap', near(at)),
  zoom: enlarge,
})
function key(event: KeyboardEvent): void {
  if (props.photo && props.glyph) press(event, event.target === picture.value)
}
const hint = computed(() =>
  props.glyph ? `Photo. Arrow keys move the cross, Enter marks a ${glyphNames[props.glyph]}.` : 'Photo of this step',
)
</script>

<template>
  <div ref="frame" class="stage">
    <template v-if="photo && width">
      <div
        ref="picture"
        class="picture"
        :class="{ free: scale > 1 || tool !== 'nothing' }"
        :style="{ left: `${area.x}px`, top: `${area.y}px`, width: `${area.width}px`, height: `${area.height}px` }"
        :tabindex="glyph ? 0 : undefined"
        :role="glyph ? 'application' : 'group'"
        :aria-label="hint"
        data-stage
        @click="place"
        @keydown="key"
        @pointerdown="gestures.down"
        @pointermove="gestures.move"
        @pointerup="gestures.up"
        @pointercancel="gestures.up"
      >
        <p v-if="says" class="away" role="status">{{ says }}</p>
        <img
          v-if="address"
          v-show="!isAway"
          :src="address"
          alt=""
          draggable="false"
          @error="onMissing"
          @load="onThere"
        />
        <slot name="over" :width="area.width" :height="area.height" />
        <svg :viewBox="`0 0 ${area.width} ${area.height}`" :width="area.width" :height="area.height">
          <CloseUps :of="closeUps ?? []" :width="area.width" :height="area.height" @show="emit('closeUp', $event)" />
          <g v-if="cross" class="cross" :transform="`translate(${cross.x * area.width} ${cross.y * area.height})`">
            <path d="M-26 0H-6M6 0H26M0 -26V-6M0 6V26" class="halo" />
            <path d="M-26 0H-6M6 0H26M0 -26V-6M0 6V26" />
          </g>
          <path
            v-for="(line, i) in lines"
            :key="i"
            class="pattern"
            :d="`M${line.map(p => `${p.x * area.width} ${p.y * area.height}`).join('L')}`"
          />
          <StageMark
            v-for="({ mark, spots }, i) in shown"
            :key="mark.id"
            :mark="mark"
            :spots="spots"
            :label="labels[i]"
            :as="markAs ?? 'Mark'"
            @pick="pick(mark, $event)"
          />
          <path v-if="gestures.line.value" class="stroke" :d="gestures.line.value" />
          <rect v-if="gestures.box.value" v-bind="gestures.box.value" class="stroke" />
        </svg>
      </div>
      <div v-if="scale > 1" class="zoomed">
        <NButton @click="whole">Whole photo</NButton>
      </div>
    </template>
    <slot v-if="!photo" />
  </div>
</template>

<style scoped>
.stage {
  position: relative;
  width: 100%;
  height: 100%;
  background: #15191a;
  overflow: hidden;
}
.picture {
  position: absolute;
  cursor: crosshair;
  touch-action: pan-y;
}
.free {
  touch-action: none;
}
.picture[role='group'] {
  cursor: default;
}
img {
  display: block;
  width: 100%;
  height: 100%;
  user-select: none;
}
.away {
  color: #ece5d6;
  padding: 24px;
}
svg {
  position: absolute;
  inset: 0;
}
.cross .halo {
  fill: none;
  stroke: #fbf8f1;
  stroke-width: 8;
}
.cross path {
  stroke: #b3201f;
  stroke-width: 3;
}
.pattern {
  fill: none;
  stroke: #14655f;
  stroke-width: 4;
  stroke-dasharray: 1 9;
  stroke-linecap: round;
}
.stroke {
  fill: none;
  stroke: #b3201f;
  stroke-width: 4;
  stroke-linejoin: round;
}
.zoomed {
  position: absolute;
  right: 10px;
  top: 10px;
}
</style>
