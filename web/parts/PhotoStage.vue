<script setup lang="ts">
import type { Glyph, Mark, Photo } from '@dialytica/core'
import { useElementSize } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { usePhotoUrl } from '../data/photo-url.ts'
import { glyphNames, glyphShapes } from './glyphs.ts'
import { fit } from './stage/fit.ts'
import { placeLabels } from './stage/labels.ts'

/** A mark as shown: what stands beside it, whether it is done, whether it is the one in hand. */
export interface ShownMark extends Mark {
  label?: string | undefined
  done?: boolean
  now?: boolean
  /** Names of the points of a path, in its order. */
  points?: readonly string[]
}

/** The photo with its marks. A tap on the picture is a place; a tap on a mark is that mark. */
const props = defineProps<{
  photo: Photo | undefined
  marks: readonly ShownMark[]
  glyph?: Glyph | undefined
  markAs?: string
}>()
const emit = defineEmits<{ tap: [point: { x: number; y: number }]; mark: [id: string] }>()

const frame = ref<HTMLElement | null>(null)
const { width, height } = useElementSize(frame)
const src = usePhotoUrl(() => props.photo?.hash, 'stage')
const missing = ref(false)
const tries = ref(0)
watch(src, () => {
  missing.value = false
  tries.value = 0
})
const area = computed(() => fit(props.photo ?? { width: 16, height: 10 }, { width: width.value, height: height.value }))
const shown = computed(() =>
  props.marks
    .filter(m => m.photo === props.photo?.hash)
    .map(m => ({ ...m, spots: m.path.map(p => ({ x: p.x * area.value.width, y: p.y * area.value.height })) })),
)
const labels = computed(() =>
  placeLabels(
    shown.value.map(m => ({ ...m.spots[0]!, label: m.label ?? '' })),
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
const cross = ref<{ x: number; y: number } | null>(null)
function place(event: MouseEvent): void {
  if (!props.photo || !props.glyph) return
  const at = (event.currentTarget as Element).getBoundingClientRect()
  cross.value = null
  emit('tap', { x: round((event.clientX - at.left) / at.width), y: round((event.clientY - at.top) / at.height) })
}
const round = (n: number) => Math.min(1, Math.max(0, Number(n.toFixed(4))))
function move(event: KeyboardEvent): void {
  if (!props.photo || !props.glyph) return
  const step = event.shiftKey ? 0.1 : 0.02
  const by = { ArrowLeft: [-step, 0], ArrowRight: [step, 0], ArrowUp: [0, -step], ArrowDown: [0, step] }[event.key]
  if (by) {
    event.preventDefault()
    const from = cross.value ?? { x: 0.5, y: 0.5 }
    cross.value = { x: round(from.x + by[0]!), y: round(from.y + by[1]!) }
  } else if (event.key === 'Enter') {
    event.preventDefault()
    emit('tap', cross.value ?? { x: 0.5, y: 0.5 })
  }
}
const hint = computed(() =>
  props.glyph ? `Photo. Arrow keys move the cross, Enter marks a ${glyphNames[props.glyph]}.` : 'Photo of this step',
)
const said = (m: ShownMark) =>
  [props.markAs ?? 'Mark', glyphNames[m.glyph], m.label, m.done ? 'done' : ''].filter(Boolean).join(' ')
</script>

<template>
  <div ref="frame" class="stage">
    <template v-if="photo && width">
      <div
        ref="picture"
        class="picture"
        :style="{ left: `${area.x}px`, top: `${area.y}px`, width: `${area.width}px`, height: `${area.height}px` }"
        :tabindex="glyph ? 0 : undefined"
        :role="glyph ? 'application' : 'group'"
        :aria-label="hint"
        data-stage
        @click="place"
        @keydown="move"
      >
        <p v-if="missing" class="away">This photo is still on the device that took it.</p>
        <img v-else-if="address" :src="address" alt="" draggable="false" @error="onMissing" />
        <svg :viewBox="`0 0 ${area.width} ${area.height}`" :width="area.width" :height="area.height">
          <g v-if="cross" class="cross" :transform="`translate(${cross.x * area.width} ${cross.y * area.height})`">
            <path d="M-26 0H-6M6 0H26M0 -26V-6M0 6V26" class="halo" />
            <path d="M-26 0H-6M6 0H26M0 -26V-6M0 6V26" />
          </g>
          <g
            v-for="(m, i) in shown"
            :key="m.id"
            class="mark"
            :class="{ done: m.done, now: m.now }"
            role="button"
            tabindex="0"
            :aria-label="said(m)"
            :aria-pressed="m.done === undefined ? undefined : m.done"
            :data-mark="m.id"
            @click.stop="emit('mark', m.id)"
            @keydown.enter.space.prevent.stop="emit('mark', m.id)"
          >
            <template v-if="m.spots.length > 1">
              <path class="halo" :d="`M${m.spots.map(s => `${s.x} ${s.y}`).join('L')}`" />
              <path class="route" :d="`M${m.spots.map(s => `${s.x} ${s.y}`).join('L')}`" />
              <g v-for="(s, k) in m.spots" :key="k">
                <circle :cx="s.x" :cy="s.y" r="13" class="knot" />
                <text :x="s.x" :y="s.y + 5" class="knot-number">{{ k + 1 }}</text>
              </g>
            </template>
            <g v-else :transform="`translate(${m.spots[0]!.x} ${m.spots[0]!.y})`">
              <rect x="-24" y="-24" width="48" height="48" fill="transparent" />
              <svg
                x="-23"
                y="-23"
                width="46"
                height="46"
                viewBox="0 0 24 24"
                class="shape halo-shape"
                v-html="glyphShapes[m.glyph]"
              />
              <svg
                x="-23"
                y="-23"
                width="46"
                height="46"
                viewBox="0 0 24 24"
                class="shape"
                v-html="glyphShapes[m.glyph]"
              />
              <template v-if="m.done">
                <circle r="19" class="disc" />
                <path d="M-9 0-3 7 9 -7" class="tick" />
              </template>
            </g>
            <g v-if="m.label" :transform="`translate(${labels[i]!.x} ${labels[i]!.y})`" class="label">
              <rect :width="labels[i]!.width" height="24" rx="2" />
              <text :x="labels[i]!.width / 2" y="17">{{ m.label }}</text>
            </g>
          </g>
        </svg>
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
  touch-action: manipulation;
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
.halo,
.cross .halo {
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
.cross path {
  stroke: #b3201f;
  stroke-width: 3;
}
.mark:focus-visible {
  outline: 3px solid #63c2b4;
}
</style>
