<script setup lang="ts">
import type { Photo } from '@dialytica/core/log'
import { inverse } from '@dialytica/core/then-and-now'
import { useIntervalFn, usePreferredReducedMotion } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { usePhotoUrl } from '../../data/photo-url.ts'
import type { LaidOver } from '../../workers/then-and-now.ts'
import PhotoStage from '../PhotoStage.vue'
import PhotoTag from '../stage/PhotoTag.vue'

/** The photo of now over that of then: they blink, or one is wiped over the other; where they differ most is outlined and counted. */
const props = defineProps<{
  then: Photo
  now: Photo
  laid: LaidOver & { ok: true }
  fixed: boolean
  /** What the two are called; with names of their own nothing is said of where they differ. */
  names?: readonly [string, string]
}>()
const emit = defineEmits<{ again: []; beside: [] }>()
const how = ref<'blink' | 'wipe'>('blink')
const motion = usePreferredReducedMotion()
/** Whether the photo of now is seen while they blink, and how far it is wiped, in percent from the left. */
const nowIsSeen = ref(true)
const wiped = ref(50)
const turn = () => (nowIsSeen.value = !nowIsSeen.value)
const beat = useIntervalFn(turn, 900)
watch(
  [how, motion],
  () => {
    nowIsSeen.value = true
    if (how.value === 'blink' && motion.value !== 'reduce') beat.resume()
    else beat.pause()
  },
  { immediate: true },
)
const src = usePhotoUrl(() => props.now.hash, 'stage')
/** The photo of now as the map back lays it over a photo of a size in pixels, as a matrix of CSS: column by column, in three dimensions. */
function laidIn(width: number, height: number): string {
  const [a, b, c, d, e, f, g, h, i] = inverse(props.laid.map)
  const columns = [
    [a, (d * height) / width, 0, g / width],
    [(b * width) / height, e, 0, h / height],
    [0, 0, 1, 0],
    [c * width, f * height, 0, i],
  ]
  return `matrix3d(${columns.flat().join(',')})`
}
const shown = computed(() =>
  how.value === 'wipe' ? { clipPath: `inset(0 ${100 - wiped.value}% 0 0)` } : { opacity: nowIsSeen.value ? 1 : 0 },
)
const called = computed(() => props.names ?? (['then', 'now'] as const))
const seen = computed(() =>
  how.value === 'wipe'
    ? `${called.value[1]} to the left, ${called.value[0]} to the right`
    : called.value[nowIsSeen.value ? 1 : 0],
)
/** An outline with room about what differs. */
const room = 0.012
const outlines = computed(() =>
  props.laid.differences.slice(0, 9).map(({ x, y, width, height }) => ({
    x: Math.max(0, x - room),
    y: Math.max(0, y - room),
    width: width + 2 * room,
    height: height + 2 * room,
  })),
)
const count = computed(() => outlines.value.length)
</script>

<template>
  <div class="laid-over">
    <div class="seen">
      <PhotoStage :photo="then" :marks="[]">
        <template #over="{ width, height }">
          <div class="now" :style="shown">
            <img v-if="src" :src="src" alt="" :style="{ transform: laidIn(width, height) }" />
          </div>
          <svg :viewBox="`0 0 ${width} ${height}`" :width="width" :height="height" aria-hidden="true">
            <line
              v-if="how === 'wipe'"
              class="edge"
              :x1="(width * wiped) / 100"
              :x2="(width * wiped) / 100"
              y1="0"
              :y2="height"
            />
            <g v-for="(o, i) in outlines" :key="i">
              <rect
                class="halo"
                :x="o.x * width"
                :y="o.y * height"
                :width="o.width * width"
                :height="o.height * height"
                rx="6"
              />
              <rect :x="o.x * width" :y="o.y * height" :width="o.width * width" :height="o.height * height" rx="6" />
              <g :transform="`translate(${o.x * width} ${o.y * height})`">
                <circle r="13" />
                <text y="5">{{ i + 1 }}</text>
              </g>
            </g>
          </svg>
        </template>
      </PhotoStage>
      <PhotoTag aria-hidden="true">{{ seen }}</PhotoTag>
    </div>
    <div class="ways">
      <div role="group" aria-label="How they are shown">
        <NButton :aria-pressed="how === 'blink'" @click="how === 'blink' ? turn() : (how = 'blink')">
          {{ how === 'blink' && motion === 'reduce' ? `Show ${called[nowIsSeen ? 0 : 1]}` : 'Blink' }}
        </NButton>
        <NButton :aria-pressed="how === 'wipe'" @click="how = 'wipe'">Wipe</NButton>
      </div>
      <input v-if="how === 'wipe'" v-model.number="wiped" type="range" min="0" max="100" aria-label="Wipe" />
      <p v-if="!names" role="status" :class="{ differs: count }">
        <b>{{
          count === 0
            ? 'Nothing differs that shows.'
            : count === 1
              ? '1 place differs: look at it.'
              : `${count} places differ: look at them.`
        }}</b>
        A plug that sits but has not latched does not show.
      </p>
      <NButton v-if="!fixed" quaternary @click="emit('again')">Tap four marks</NButton>
      <NButton @click="emit('beside')">Beside <kbd>B</kbd></NButton>
    </div>
  </div>
</template>

<style scoped>
.laid-over {
  position: relative;
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  height: 100%;
}
.now,
svg {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
}
.now {
  overflow: hidden;
}
img {
  width: 100%;
  height: 100%;
  transform-origin: 0 0;
}
rect {
  fill: none;
  stroke: #e6bd4f;
  stroke-width: 3;
  stroke-dasharray: 10 5;
}
.halo {
  stroke: #15191a;
  stroke-width: 6;
  stroke-dasharray: none;
}
circle {
  fill: #e6bd4f;
  stroke: #15191a;
  stroke-width: 2;
}
text {
  text-anchor: middle;
  font:
    700 15px Archivo,
    sans-serif;
  fill: #15191a;
}
.edge {
  stroke: #fbf8f1;
  stroke-width: 3;
}
.seen {
  position: relative;
  min-height: 0;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
  padding: 6px 12px;
  background: var(--sheet);
  line-height: 1.25;
}
.ways > div {
  display: flex;
  gap: 6px;
}
.ways p {
  flex: 1 1 230px;
}
.differs {
  border-left: 6px solid var(--caution);
  padding-left: 10px;
}
input {
  flex: 1 1 100px;
  min-width: 100px;
  min-height: 44px;
}
</style>
