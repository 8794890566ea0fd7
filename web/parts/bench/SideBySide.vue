<script setup lang="ts">
import { photograph } from '@dialytica/core/acts'
import { photosOf, type PartAtHand, type Told } from '@dialytica/core/fit'
import { whyNot } from '@dialytica/core/log'
import {
  laidAt,
  lengthBetween,
  longerBy,
  placeError,
  tapsFor,
  type Known,
  type KnownThing,
  type Measured,
} from '@dialytica/core/side-by-side'
import type { Spot } from '@dialytica/core/then-and-now'
import { NButton, NInputNumber } from 'naive-ui'
import { computed, ref, watch } from 'vue'
import { useScaled } from '../../data/to-scale.ts'
import { useCamera } from '../../stores/camera.ts'
import { useJob } from '../../stores/job.ts'
import Choice from '../Choice.vue'
import Problem from '../Problem.vue'
import LaidOver from '../then-and-now/LaidOver.vue'
import { inShares } from './in-shares.ts'
import { lengthSays, overSays } from './length-words.ts'
import PartPhoto from './PartPhoto.vue'

/** The photos of the old part and of the new one at one scale: what is known is tapped on both, then lengths are, and one is laid over the other. */
const props = defineProps<{ part: PartAtHand }>()
const emit = defineEmits<{ tell: [point: string, told: Told] }>()
const job = useJob()
const camera = useCamera()
const sides = ['old', 'new'] as const
type Side = (typeof sides)[number]
const photos = computed(() => photosOf(job.state, props.part))
const problem = ref('')

/** What lies beside the parts, and how large it is: the same for both photos. */
const thing = ref<KnownThing>('card')
const things = [
  { value: 'card', label: 'a card or rule' },
  { value: 'coin', label: 'a coin or ring' },
  { value: 'length', label: 'a known length' },
] as const
const sizes = ref<Record<KnownThing, number[]>>({ card: [85.6, 54], coin: [23.5], length: [50] })
/** Nobody knows how large it is, but it is the same on both. */
const isSizeKnown = ref(true)
const mayBeUnknown = computed(() => thing.value !== 'card')
/** The size of what is known; none where it is not known. */
const size = computed(() => (isSizeKnown.value || !mayBeUnknown.value ? sizes.value[thing.value] : []))
/** What is being tapped: the known thing, or a length. */
const doing = ref<'known' | 'length'>('known')
const taps = ref<Record<Side, Spot[]>>({ old: [], new: [] })
const known = (side: Side): Known | undefined => photos.value[side]?.known
const measuring = (side: Side) => (doing.value === 'length' ? taps.value[side] : [])
const scaled = {
  old: useScaled(
    () => photos.value.old?.photo,
    () => known('old'),
    () => measuring('old'),
  ),
  new: useScaled(
    () => photos.value.new?.photo,
    () => known('new'),
    () => measuring('new'),
  ),
}
watch(
  () => props.part.key,
  () => {
    taps.value = { old: [], new: [] }
    doing.value = known('old') && known('new') ? 'length' : 'known'
  },
  { immediate: true },
)

function tap(side: Side, at: Spot): void {
  const most = doing.value === 'known' ? tapsFor[thing.value] : 2
  const own = taps.value[side]
  taps.value = { ...taps.value, [side]: own.length < most ? [...own, at] : [at] }
  if (doing.value !== 'known' || taps.value[side].length < most) return
  const photo = photos.value[side]!.photo
  const is = { is: thing.value, mm: [...size.value], at: taps.value[side] }
  problem.value = whyNot(job.act(photograph(props.part, { which: side, photo, known: is }))) ?? ''
  taps.value = { ...taps.value, [side]: [] }
  if (known('old') && known('new')) doing.value = 'length'
}
const shoot = (side: Side) =>
  camera.ask({
    kind: 'part',
    words: `Photograph the ${side} ${props.part.name}, flat, with a coin or a card beside it.`,
    simulated: () =>
      Promise.resolve({
        family: job.family,
        away: [],
        taken: camera.shots,
        part: { name: props.part.name, isNew: side === 'new' },
      }),
    keep(photo) {
      problem.value = whyNot(job.act(photograph(props.part, { which: side, photo }))) ?? ''
      taps.value = { ...taps.value, [side]: [] }
      doing.value = 'known'
    },
  })

/** The two places between which is measured on a photo, in its pixels; null while there are not two. */
function endsOn(side: Side): [Spot, Spot] | null {
  const of = scaled[side].scaled.value
  const [a, b] = of?.meant.map(p => ({ x: p.x * of.width, y: p.y * of.height })) ?? []
  return a && b ? [a, b] : null
}
/** The length between the two taps on a photo; null while there are not two, or it is not to scale. */
function lengthOn(side: Side): Measured | null {
  const of = scaled[side].scaled.value
  const ends = endsOn(side)
  if (!of?.scale || !ends || doing.value !== 'length') return null
  const error = of.meant.every(p => p.isFound) ? placeError.found : placeError.tapped
  return lengthBetween(of.scale.planes, of.scale.known, ...ends, error)
}
const lengths = computed(() => ({ old: lengthOn('old'), new: lengthOn('new') }))
const unit = (side: Side) => scaled[side].scaled.value?.scale?.unit ?? 'mm'
/** Lengths of two photos compare in mm, or where the same thing lies on both. */
const isOneScale = computed(
  () => unit('old') === unit('new') && (unit('old') === 'mm' || known('old')?.is === known('new')?.is),
)
const over = computed(() => {
  const { old, new: fresh } = lengths.value
  return old && fresh && isOneScale.value ? longerBy(old, fresh) : null
})
const says = (side: Side) => lengthSays(lengths.value[side], unit(side), known(side)?.is ?? 'card')
const difference = computed(() =>
  !isOneScale.value
    ? 'known on one by its size only: tap the same thing on both'
    : over.value && lengths.value.old
      ? overSays(over.value, lengths.value.old, unit('old'))
      : '',
)
/** A length is a point in mm; without a size, two that are the same are so. */
const isPoint = computed(
  () => over.value && over.value.says !== 'cannot tell' && (unit('old') === 'mm' || over.value.says === 'same'),
)
const points = computed(() =>
  props.part.kind.points.filter(p => p.rule.form.as === 'length').map(p => ({ value: p.name, label: p.name })),
)
const take = (point: string) => {
  const { old, new: fresh } = lengths.value
  if (!old?.told || !fresh?.told) return
  if (unit('old') === 'mm') emit('tell', point, { old: old.mm.toFixed(1), fresh: fresh.mm.toFixed(1) })
  else emit('tell', point, { how: 'same', words: 'measured on both photos by the same thing' })
}

const isLaid = ref(false)
/** The new one under the old one, by the two places that were tapped on each. */
const laid = computed(() => {
  const [a, b] = [scaled.old.scaled.value, scaled.new.scaled.value]
  const [onOld, onNew] = [endsOn('old'), endsOn('new')]
  if (!a?.scale || !b?.scale || !onOld || !onNew) return null
  const map = laidAt([a.scale.planes[0]!, b.scale.planes[0]!], onOld, onNew)
  return { ok: true as const, map: inShares(map, a, b), differences: [] }
})
const asks = computed(() => {
  if (!photos.value.old || !photos.value.new) return 'Photograph both, the same thing beside them.'
  if (doing.value === 'length')
    return 'Tap the two ends of a length on each: the middles of two holes, a shaft, a neck.'
  const how = {
    card: 'the four corners of the card',
    coin: 'the middle of the coin',
    length: 'both ends of the known length',
  }
  return `Tap ${how[thing.value]} on each photo.`
})
</script>

<template>
  <div class="sides">
    <LaidOver
      v-if="isLaid && laid"
      class="both"
      :then="photos.old!.photo"
      :now="photos.new!.photo"
      :laid="laid"
      :names="['old', 'new']"
      fixed
      @beside="isLaid = false"
    />
    <PartPhoto
      v-for="side in isLaid && laid ? [] : sides"
      :key="side"
      :side="side"
      :photo="photos[side]?.photo"
      :outline="scaled[side].scaled.value?.scale?.outline ?? []"
      :taps="doing === 'length' ? (scaled[side].scaled.value?.meant ?? []) : taps[side]"
      :fixed="job.isFixed"
      :busy="camera.isBusy('part')"
      @shoot="shoot(side)"
      @tap="tap(side, $event)"
    />
    <section class="tools" tabindex="0" aria-label="What is known, and lengths">
      <p role="status">
        <b>{{ asks }}</b>
      </p>
      <Problem :says="problem || camera.problem('part') || scaled.old.problem.value || scaled.new.problem.value" />
      <template v-if="photos.old && photos.new && !job.isFixed">
        <div class="row">
          <NButton :aria-pressed="doing === 'known'" @click="doing = 'known'">What is known</NButton>
          <NButton :aria-pressed="doing === 'length'" @click="doing = 'length'">Measure</NButton>
          <NButton v-if="laid" :aria-pressed="isLaid" @click="isLaid = !isLaid">Lay over</NButton>
        </div>
        <div v-if="doing === 'known'" class="row">
          <Choice :value="thing" label="What is known" :options="things" @choose="thing = $event" />
          <NButton v-if="mayBeUnknown" :aria-pressed="!isSizeKnown" @click="isSizeKnown = !isSizeKnown"
            >Size not known, the same on both</NButton
          >
          <NInputNumber
            v-for="(mm, i) in size"
            :key="`${thing}${i}`"
            :value="mm"
            :min="1"
            :max="2000"
            :show-button="false"
            :input-props="{ 'aria-label': i ? 'Its other side, mm' : 'Its size, mm' }"
            @update:value="$event && (sizes[thing][i] = $event)"
          /><span v-if="size.length">mm</span>
        </div>
        <div v-else class="row">
          <p class="lengths mono">
            old {{ says('old') }}<br />new {{ says('new')
            }}<template v-if="difference"><br />{{ difference }}</template>
          </p>
          <Choice
            v-if="isPoint"
            class="as"
            value=""
            label="Take it as"
            placeholder="Take it as …"
            :options="points"
            @choose="take"
          />
        </div>
      </template>
    </section>
  </div>
</template>

<style scoped>
.sides {
  display: grid;
  /* Nothing moves under a finger that taps corners: what is said below keeps its height. */
  grid-template: minmax(0, 1fr) 208px / 1fr 1fr;
  gap: 2px;
  min-height: 0;
  height: 100%;
}
.both {
  grid-column: 1 / -1;
}
.tools {
  grid-column: 1 / -1;
  display: grid;
  gap: 8px;
  align-content: start;
  overflow: auto;
  padding: 10px 14px;
  background: var(--ground);
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.row .n-input-number {
  width: 90px;
}
.lengths {
  flex: 1 1 260px;
  font-size: 16px;
}
.as {
  width: 220px;
}
@media (max-width: 1000px) {
  .tools {
    overflow: visible;
  }
  .sides {
    grid-template: 46vh 46vh auto / 1fr;
  }
}
</style>
