<script setup lang="ts">
import type { Point } from '@dialytica/core/capture'
import type { Photo } from '@dialytica/core/log'
import { byTaps, fourOf, type Matched } from '@dialytica/core/then-and-now'
import { NButton } from 'naive-ui'
import { computed, ref } from 'vue'
import PhotoStage from '../PhotoStage.vue'
import PhotoTag from '../stage/PhotoTag.vue'
import type { ShownMark } from '../stage/shown-mark.ts'

/**
 * Four places on both photos, one tap after another: four marks of then that stand well apart are only tapped on the photo of now; where
 * there are none, each place is tapped on then and on now.
 */
const props = defineProps<{ then: Photo; now: Photo; marks: readonly ShownMark[]; why: string }>()
const emit = defineEmits<{ matched: [places: Matched]; beside: [] }>()
const given = computed(() =>
  fourOf(props.marks.flatMap(m => (m.photo === props.then.hash && m.path.length === 1 ? [m.path[0]!] : []))),
)
const onThen = ref<Point[]>([])
const onNow = ref<Point[]>([])
const problem = ref('')
const thens = computed<readonly Point[]>(() => given.value ?? onThen.value)
const at = computed(() => onNow.value.length)
const waitsForNow = computed(() => thens.value.length > at.value)

const dots = (photo: Photo, points: readonly Point[]): ShownMark[] =>
  points.map((p, i) => ({
    id: `${photo.hash}-${i}`,
    photo: photo.hash,
    glyph: 'mark',
    path: [p],
    label: String(i + 1),
    now: i === at.value,
  }))
/** Both photos, and which of them takes the next tap. */
const sides = computed(
  () =>
    [
      { side: 'then', photo: props.then, points: thens.value, takes: !given.value && !waitsForNow.value },
      { side: 'now', photo: props.now, points: onNow.value, takes: waitsForNow.value },
    ] as const,
)
function tap(side: 'then' | 'now', point: Point): void {
  if (side === 'then') onThen.value = [...onThen.value, point]
  else onNow.value = [...onNow.value, point]
  if (onNow.value.length < 4) return
  const places = thens.value.map((then, i) => ({ then, now: onNow.value[i]! }))
  const laid = byTaps(places)
  problem.value = 'problem' in laid ? laid.problem : ''
  if (problem.value) onThen.value = onNow.value = []
  else emit('matched', places)
}
function takeBack(): void {
  if (given.value || !waitsForNow.value) onNow.value = onNow.value.slice(0, -1)
  else onThen.value = onThen.value.slice(0, -1)
}
const ask = computed(() =>
  waitsForNow.value
    ? `Tap ${at.value + 1} on the photo of now.`
    : `Tap place ${at.value + 1} of 4 on the photo of then: what stays where it is, well apart.`,
)
</script>

<template>
  <div class="match">
    <figure v-for="{ side, photo, points, takes } in sides" :key="side" :aria-label="`The photo of ${side}`">
      <PhotoStage
        :photo="photo"
        :marks="dots(photo, points)"
        :glyph="takes ? 'mark' : undefined"
        mark-as="Place"
        @tap="tap(side, $event)"
      />
      <figcaption>
        <PhotoTag>{{ side }}</PhotoTag>
      </figcaption>
    </figure>
    <div class="ask">
      <p v-if="problem || why" :class="{ problem }" role="alert">{{ problem || why }}</p>
      <p role="status">
        <b>{{ ask }}</b>
      </p>
      <NButton :disabled="!onThen.length && !onNow.length" @click="takeBack">Take back</NButton>
      <NButton @click="emit('beside')">Beside <kbd>B</kbd></NButton>
    </div>
  </div>
</template>

<style scoped>
.match {
  display: grid;
  grid-template: minmax(0, 1fr) auto / 1fr 1fr;
  gap: 2px;
  height: 100%;
}
figure {
  position: relative;
  min-height: 0;
  min-width: 0;
}
/* Room for all that is said: the photos must not move under the finger. */
.ask {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-content: center;
  align-items: center;
  min-height: 60px;
  padding: 4px 14px;
  background: var(--sheet);
}
.problem {
  color: var(--danger);
  font-weight: 650;
}
@media (max-width: 700px) {
  .match {
    grid-template: 1fr 1fr auto / none;
  }
  .ask {
    min-height: 190px;
  }
  .ask p {
    flex-basis: 100%;
  }
}
</style>
