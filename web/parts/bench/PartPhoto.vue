<script setup lang="ts">
import type { Photo } from '@dialytica/core/log'
import type { Spot } from '@dialytica/core/then-and-now'
import { NButton } from 'naive-ui'
import { computed } from 'vue'
import PhotoStage from '../PhotoStage.vue'
import PhotoTag from '../stage/PhotoTag.vue'
import type { ShownMark } from '../stage/shown-mark.ts'

/** The photo of one of the two parts: the outline of what is known on it, and the places between which is measured. */
const props = defineProps<{
  side: 'old' | 'new'
  photo: Photo | undefined
  outline: readonly Spot[]
  taps: readonly Spot[]
  fixed: boolean
  busy: boolean
}>()
const emit = defineEmits<{ shoot: []; tap: [at: Spot] }>()
const marks = computed<ShownMark[]>(() =>
  props.photo
    ? props.taps.map((p, i) => ({
        id: `${props.side}-${i}`,
        photo: props.photo!.hash,
        glyph: 'mark',
        path: [p],
        label: String(i + 1),
      }))
    : [],
)
const points = (w: number, h: number) => props.outline.map(p => `${p.x * w},${p.y * h}`).join(' ')
</script>

<template>
  <section class="photo" :aria-label="`Photo of the ${side} one`">
    <div v-if="photo" class="seen">
      <PhotoStage :photo="photo" :marks="marks" :glyph="fixed ? undefined : 'mark'" @tap="emit('tap', $event)">
        <template #over="{ width, height }">
          <svg :viewBox="`0 0 ${width} ${height}`" :width="width" :height="height" aria-hidden="true">
            <polygon v-if="outline.length" class="halo" :points="points(width, height)" />
            <polygon v-if="outline.length" :points="points(width, height)" />
            <g v-if="taps.length === 2">
              <line
                class="halo"
                v-bind="{
                  x1: taps[0]!.x * width,
                  y1: taps[0]!.y * height,
                  x2: taps[1]!.x * width,
                  y2: taps[1]!.y * height,
                }"
              />
              <line
                v-bind="{
                  x1: taps[0]!.x * width,
                  y1: taps[0]!.y * height,
                  x2: taps[1]!.x * width,
                  y2: taps[1]!.y * height,
                }"
              />
            </g>
          </svg>
        </template>
      </PhotoStage>
      <PhotoTag>{{ side }}</PhotoTag>
    </div>
    <p v-else class="none">
      Lay the {{ side }} one flat, a coin or a card beside it at the height of what you measure, and photograph it from
      straight above.
    </p>
    <NButton v-if="!fixed" class="shoot" :disabled="busy" @click="emit('shoot')">{{
      photo ? `The ${side} one again` : `Photograph the ${side} one`
    }}</NButton>
  </section>
</template>

<style scoped>
.photo {
  position: relative;
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  min-height: 220px;
  background: var(--metal);
}

.seen {
  position: relative;
  min-height: 0;
}
svg {
  position: absolute;
  inset: 0;
  pointer-events: none;
}
polygon,
line {
  fill: none;
  stroke: #e6bd4f;
  stroke-width: 2;
}
.halo {
  stroke: #15191a;
  stroke-width: 5;
}
.none {
  padding: 20px;
  align-self: center;
}
.shoot {
  margin: 6px;
  justify-self: start;
}
</style>
