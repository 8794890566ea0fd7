<script setup lang="ts">
import type { Point } from '@dialytica/core/capture'
import type { Photo } from '@dialytica/core/log'
import { zoneTitle, type Family, type Posture } from '@dialytica/core/machine'
import type { Matched } from '@dialytica/core/then-and-now'
import { NButton } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useCommands } from '../../commands.ts'
import { inShopTime } from '../../data/time.ts'
import { useJob } from '../../stores/job.ts'
import Cutaway from '../Cutaway.vue'
import PhotoStage from '../PhotoStage.vue'
import PhotoStrip from '../PhotoStrip.vue'
import type { ShownMark } from '../stage/shown-mark.ts'
import { useLaying } from '../then-and-now/laying.ts'
import LaidOver from '../then-and-now/LaidOver.vue'
import MatchPlaces from '../then-and-now/MatchPlaces.vue'

/**
 * The photo as it was, with the marks of the step; beside it, or laid over it, the photo of now, once one was taken. A step without a
 * photo shows the nearest one of its zone, else where on the machine it is.
 */
const props = defineProps<{
  then: Photo | undefined
  /** All photos of the step, to choose from. */
  photos: readonly Photo[]
  /** Stands in where the step has none. */
  near: { photo: Photo; number: number } | undefined
  family: Family
  zone: string | undefined
  now: Photo | undefined
  marks: readonly ShownMark[]
  lines: readonly (readonly Point[])[]
  /** What the photo shows when it is not that of the step. */
  title?: string | undefined
  /** Where the machine is turned: how it stands afterwards is shown instead of a place. */
  turn?: { to: Posture } | undefined
}>()
const emit = defineEmits<{ mark: [id: string]; show: [hash: string] }>()
const job = useJob()
const how = ref<'beside' | 'over' | 'then'>('beside')
/** True while four places are tapped, asked for by hand. */
const matching = ref(false)
watch([() => props.then?.hash, () => props.now?.hash], () => {
  how.value = 'beside'
  matching.value = false
})
const { lay, laid, busy, problem, carried } = useLaying(
  () => props.then,
  () => props.now,
  () => props.marks,
)
const can = computed(() => Boolean(props.then && props.now))
const both = computed(() => Boolean(props.now) && how.value === 'beside')
const over = computed(() => can.value && how.value === 'over')
function layOver(): void {
  how.value = 'over'
  if (!laid.value && !busy.value) void lay()
}
function matched(places: Matched): void {
  matching.value = false
  const { then, now } = props
  if (then && now) job.says('photos-matched', { then: then.hash, now: now.hash, places })
}
useCommands({
  compare: () => {
    if (!props.now) return
    if (how.value === 'beside' && can.value) layOver()
    else how.value = how.value === 'then' ? 'beside' : 'then'
  },
})
</script>

<template>
  <div v-if="over && then && now" class="over">
    <MatchPlaces
      v-if="!job.isFixed && (matching || problem)"
      :then="then"
      :now="now"
      :marks="marks"
      :why="problem"
      @matched="matched"
      @beside="how = 'beside'"
    />
    <LaidOver
      v-else-if="laid"
      :then="then"
      :now="now"
      :laid="laid"
      :fixed="job.isFixed"
      @again="matching = true"
      @beside="how = 'beside'"
    />
    <div v-else class="waits">
      <p role="status">{{ busy ? 'Laying now over then …' : problem }}</p>
      <NButton @click="how = 'beside'">Beside <kbd>B</kbd></NButton>
    </div>
  </div>
  <div v-else class="pair" :class="{ both }">
    <figure>
      <PhotoStage v-if="then" :photo="then" :marks="marks" :lines="lines" mark-as="Fit" @mark="emit('mark', $event)" />
      <PhotoStage v-else-if="near" :photo="near.photo" :marks="[]" />
      <div v-else class="where">
        <Cutaway v-if="turn" :family="family" :posture="turn.to" large />
        <Cutaway v-else :family="family" :zone="zone" :open="zone ? [zone] : []" large />
      </div>
      <PhotoStrip
        v-if="photos.length > 1"
        class="choice"
        :photos="photos"
        :shown="then?.hash ?? null"
        held
        fixed
        :framing="false"
        @show="emit('show', $event)"
      />
      <figcaption v-if="turn && !then">So it stands afterwards.</figcaption>
      <figcaption v-else-if="!then && !title">
        {{
          near
            ? `No photo was taken of this step: this is the same place, step ${near.number}.`
            : `No photo was taken of this step: it is here${zone ? `, ${zoneTitle(family, zone)}` : ''}. Go by the words.`
        }}
      </figcaption>
      <figcaption v-else-if="now || title">
        {{ title ?? 'then' }}<template v-if="then">, {{ inShopTime(then.takenAt, 'minute') }}</template>
        <NButton v-if="now" @click="how = both ? 'then' : 'beside'">{{ both ? 'Only then' : 'Beside now' }}</NButton>
        <NButton v-if="can" @click="layOver">Lay over <kbd>B</kbd></NButton>
      </figcaption>
    </figure>
    <figure v-if="both && now" aria-label="The photo of now">
      <PhotoStage :photo="now" :marks="carried" />
      <figcaption>now, {{ inShopTime(now.takenAt, 'minute') }}</figcaption>
    </figure>
  </div>
</template>

<style scoped>
.over {
  position: relative;
  height: 100%;
  background: #15191a;
}
.waits {
  color: #ece5d6;
  padding: 24px;
}
.waits button {
  margin-top: 12px;
}
.pair {
  display: grid;
  grid-auto-rows: minmax(0, 1fr);
  height: 100%;
  gap: 2px;
  background: #15191a;
}
.pair.both {
  grid-template-columns: 1fr 1fr;
}
figure {
  position: relative;
  min-height: 0;
  min-width: 0;
}
figcaption {
  white-space: nowrap;
  position: absolute;
  left: 8px;
  bottom: 8px;
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 2px 4px 2px 10px;
  background: var(--plate);
  color: var(--on-plate);
  border-radius: 3px;
  min-height: 40px;
}
figcaption:not(:has(button)) {
  padding-right: 10px;
}
.choice {
  position: absolute;
  right: 6px;
  top: 6px;
}
.where {
  display: grid;
  place-items: center;
  height: 100%;
  padding: 12px 12px 60px;
  background: var(--ground);
}
@media (max-width: 700px) {
  /* On a phone they need the whole screen. */
  .over {
    position: fixed;
    inset: 0;
    z-index: 5;
  }
  .pair.both {
    grid-template-columns: none;
    grid-template-rows: 1fr 1fr;
  }
}
</style>
