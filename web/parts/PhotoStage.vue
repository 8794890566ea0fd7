<script setup lang="ts">
import { corners, snap, type Point } from '@dialytica/core/capture'
import { glyphNames, type Glyph } from '@dialytica/core/items'
import type { Photo } from '@dialytica/core/log'
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { usePhotoUrl } from '../data/photo-url.ts'
import { useGestures } from './stage/gestures.ts'
import { placeLabels } from './stage/label-places.ts'
import type { ShownMark } from './stage/shown-mark.ts'
import StageMark from './stage/StageMark.vue'
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
const missing = ref(false)
const tries = ref(0)
const size = computed(() => props.photo ?? { width: 16, height: 10 })
const { area, scale, pan, zoomAt, whole } = useZoom(
  size,
  computed(() => ({ width: width.value, height: height.value })),
)
watch(src, () => {
  missing.value = false
  tries.value = 0
  whole()
})
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

/** A photo that another device took may still be on its way: it is asked for again. */
function onMissing(): void {
  if (tries.value < 20) setTimeout(() => (tries.value += 1), 700)
  else missing.value = true
}
const address = computed(() =>
  src.value && tries.value && src.value.startsWith('/') ? `${src.value}?again=${tries.value}` : src.value,
)

const picture = ref<HTMLElement | null>(null)
/** A new photo takes the keys, unless somebody is writing. */
watch(picture, at => {
  if (at && props.glyph && !document.activeElement?.matches('input, select')) at.focus({ preventScroll: true })
})
const round = (n: number) => Math.min(1, Math.max(0, Number(n.toFixed(4))))
const share = ({ x, y }: { x: number; y: number }): Point => {
  const at = picture.value!.getBoundingClientRect()
  return { x: round((x - at.left) / at.width), y: round((y - at.top) / at.height) }
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

const gestures = useGestures({
  oneFinger: () => (props.framing ? 'frame' : props.glyph === 'line' ? 'draw' : scale.value > 1 ? 'pan' : 'nothing'),
  drags: () => props.glyph !== undefined,
  pan,
  pinch(factor, { x, y }) {
    const at = frame.value!.getBoundingClientRect()
    zoomAt(factor, x - at.left, y - at.top)
  },
  stroke: path => emit('stroke', corners(path.map(share), area.value).map(near)),
  frame(from, to) {
    const [a, b] = [share(from), share(to)]
    emit('frame', {
      x: Math.min(a.x, b.x),
      y: Math.min(a.y, b.y),
      width: Math.abs(a.x - b.x),
      height: Math.abs(a.y - b.y),
    })
  },
  drag: (id, index, at) => emit('drag', id, index, share(at)),
})
const sketch = computed(() => {
  const at = picture.value?.getBoundingClientRect()
  return at ? gestures.path.value.map(p => ({ x: p.x - at.left, y: p.y - at.top })) : []
})
const box = computed(() => {
  const [a, b] = [sketch.value[0], sketch.value.at(-1)]
  if (gestures.doing.value !== 'frame' || !a || !b) return null
  return { x: Math.min(a.x, b.x), y: Math.min(a.y, b.y), width: Math.abs(a.x - b.x), height: Math.abs(a.y - b.y) }
})

const cross = ref<Point | null>(null)
function place(event: MouseEvent): void {
  if (gestures.wasMoved() || !props.photo || !props.glyph || props.framing) return
  cross.value = null
  emit('tap', near(share({ x: event.clientX, y: event.clientY })))
}
function pick(mark: ShownMark, index: number): void {
  if (gestures.wasMoved()) return
  const passes = props.glyph === 'line' && mark.glyph !== 'line'
  if (passes) emit('tap', mark.path[0]!)
  else emit('mark', mark.id, index)
}
function wheel(event: WheelEvent): void {
  const at = frame.value!.getBoundingClientRect()
  zoomAt(Math.exp(-event.deltaY / 400), event.clientX - at.left, event.clientY - at.top)
}
const middle = (factor: number) => zoomAt(factor, width.value / 2, height.value / 2)
const arrows: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
function move(event: KeyboardEvent): void {
  if (!props.photo || !props.glyph) return
  const by = arrows[event.key]
  const chosen = own.value.find(m => m.chosen)
  if (by) {
    event.preventDefault()
    const step = (event.shiftKey ? 0.1 : 0.02) / (chosen ? 4 : 1)
    const index = chosen?.point ?? 0
    const from = chosen?.path[index] ?? cross.value ?? { x: 0.5, y: 0.5 }
    const to = { x: round(from.x + by[0] * step), y: round(from.y + by[1] * step) }
    if (chosen) emit('drag', chosen.id, index, to)
    else cross.value = to
  } else if (event.key === 'Enter' && event.target === picture.value) {
    event.preventDefault()
    emit('tap', near(cross.value ?? { x: 0.5, y: 0.5 }))
  } else if (event.key === '[' || event.key === ']') middle(event.key === ']' ? 1.4 : 1 / 1.4)
}
const hint = computed(() =>
  props.glyph ? `Photo. Arrow keys move the cross, Enter marks a ${glyphNames[props.glyph]}.` : 'Photo of this step',
)
</script>

<template>
  <div ref="frame" class="stage" @wheel.prevent="wheel">
    <template v-if="photo && width">
      <div
        ref="picture"
        class="picture"
        :class="{ free: scale > 1 || glyph === 'line' || framing }"
        :style="{ left: `${area.x}px`, top: `${area.y}px`, width: `${area.width}px`, height: `${area.height}px` }"
        :tabindex="glyph ? 0 : undefined"
        :role="glyph ? 'application' : 'group'"
        :aria-label="hint"
        data-stage
        @click="place"
        @keydown="move"
        @pointerdown="gestures.down"
        @pointermove="gestures.move"
        @pointerup="gestures.up"
        @pointercancel="gestures.up"
      >
        <p v-if="missing" class="away">This photo is still on the device that took it.</p>
        <img v-else-if="address" :src="address" alt="" draggable="false" @error="onMissing" />
        <svg :viewBox="`0 0 ${area.width} ${area.height}`" :width="area.width" :height="area.height">
          <g
            v-for="(c, i) in closeUps"
            :key="c.hash"
            class="region"
            role="button"
            tabindex="0"
            :aria-label="`Close-up ${i + 1}`"
            :transform="`translate(${c.closeUpOf!.x * area.width} ${c.closeUpOf!.y * area.height})`"
            @click.stop="emit('closeUp', c.hash)"
            @keydown.enter.prevent.stop="emit('closeUp', c.hash)"
          >
            <path
              :d="`M0 24V0H24M${c.closeUpOf!.width * area.width - 24} ${c.closeUpOf!.height * area.height}h24v-24`"
              class="halo"
            />
            <path
              :d="`M0 24V0H24M${c.closeUpOf!.width * area.width - 24} ${c.closeUpOf!.height * area.height}h24v-24`"
            />
            <rect width="48" height="48" fill="transparent" />
          </g>
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
          <path
            v-if="gestures.doing.value === 'draw' && sketch.length > 1"
            class="stroke"
            :d="`M${sketch.map(s => `${s.x} ${s.y}`).join('L')}`"
          />
          <rect v-if="box" v-bind="box" class="stroke" />
        </svg>
      </div>
      <div v-if="scale > 1" class="zoomed">
        <button class="btn" type="button" @click="whole">Whole photo</button>
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
.cross .halo,
.region .halo {
  fill: none;
  stroke: #fbf8f1;
  stroke-width: 8;
}
.cross path {
  stroke: #b3201f;
  stroke-width: 3;
}
.region {
  cursor: zoom-in;
}
.region path {
  fill: none;
  stroke: #1d2628;
  stroke-width: 4;
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
