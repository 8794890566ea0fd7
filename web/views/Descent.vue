<script setup lang="ts">
import { gaps, glyphFor, owedByZone, type Gap, type Glyph as GlyphKind, type Move, type Point } from '@dialytica/core'
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useKeys } from '../devices/keys.ts'
import { done as chime } from '../devices/signals.ts'
import AlikeNote from '../parts/AlikeNote.vue'
import CameraPanel from '../parts/CameraPanel.vue'
import EarlierStep from '../parts/EarlierStep.vue'
import InvitePanel from '../parts/InvitePanel.vue'
import GlyphBar from '../parts/GlyphBar.vue'
import JobValley from '../parts/JobValley.vue'
import MarkBar from '../parts/MarkBar.vue'
import MoveList from '../parts/MoveList.vue'
import FoundAs from '../parts/moves/FoundAs.vue'
import MoveFields from '../parts/moves/MoveFields.vue'
import { glyphKeys } from '../parts/moves/fields.ts'
import { withValue } from '../parts/moves/values.ts'
import PhotoStage from '../parts/PhotoStage.vue'
import PhotoStrip from '../parts/PhotoStrip.vue'
import QuickLine from '../parts/QuickLine.vue'
import { stepMarks } from '../parts/stage/step-marks.ts'
import StandsHere from '../parts/StandsHere.vue'
import StepPhotos from '../parts/StepPhotos.vue'
import TraySide from '../parts/TraySide.vue'
import WorthFilling from '../parts/WorthFilling.vue'
import ZoneChoice from '../parts/ZoneChoice.vue'
import { useAlikes } from '../stores/alikes.ts'
import { useDraft } from '../stores/draft.ts'
import { useJob } from '../stores/job.ts'
import { useSession } from '../stores/session.ts'
import { useHeldMark } from './descent/held-mark.ts'
import { useShots } from './descent/shots.ts'

/** The way down: photo first or line first, taps on the photo, what is known of it, done. */
const job = useJob()
const draft = useDraft()
const alikes = useAlikes()
const route = useRoute()
const router = useRouter()
const problem = ref('')
const zoning = ref(false)
/** On a narrow screen the photos stand over the line, so that the strong action keeps its room. */
const narrow = useMediaQuery('(max-width: 1000px)')
/** A second device is let in by a code on the screen. */
const inviting = ref(false)
const mayInvite = computed(() => !useSession().person?.joined)
const readOnly = computed(() => job.closed || useSession().person?.role === 'viewer')

/** An earlier step is looked at when the address names it; else the step in hand. */
const looked = computed(() => {
  const id = route.query.step
  return typeof id === 'string' ? job.state.steps.get(id) : undefined
})
const lookedPhoto = ref<string | null>(null)
const shownStep = computed(() => looked.value ?? draft.step)
const photo = computed(() =>
  looked.value
    ? (looked.value.photos.find(p => p.hash === lookedPhoto.value) ?? looked.value.photos.at(-1))
    : draft.shot,
)
const fixed = computed(() => Boolean(looked.value) || readOnly.value)
const zones = computed(() => Object.fromEntries(owedByZone(job.debts)))
const at = computed(() => {
  const step = looked.value?.id ?? draft.amends
  return step ? { step, way: 'down' as const } : undefined
})
const number = computed(() => {
  const { order } = job.state
  const step = looked.value?.id ?? draft.amends ?? draft.before
  return step ? order.indexOf(step) + 1 : order.size + 1
})
const worth = computed(() => (readOnly.value ? [] : gaps(job.state, job.family, draft.step)))
watch(looked, () => {
  zoning.value = false
  lookedPhoto.value = null
})
const hand = useHeldMark(fixed)
const shots = useShots(fixed)
const marks = computed(() =>
  stepMarks(shownStep.value, looked.value ? undefined : draft.move?.id, hand.mark.value ? hand.held.value : null),
)

function pick(kind: GlyphKind): void {
  if (fixed.value) return
  if (hand.retype(kind)) return
  draft.glyph = kind
  if (kind === 'posture' || !photo.value) draft.beginMove(kind)
}
function stepDown(): void {
  if (looked.value) return void router.replace({ query: {} })
  if (readOnly.value || shots.busy.value) return
  hand.leave()
  problem.value = draft.record() ?? ''
  if (!problem.value) chime()
}
function tapMark(id: string, point: number): void {
  if (!looked.value) hand.take(id, point)
}
function tapAt(point: Point): void {
  hand.leave()
  draft.tapAt(point)
}
function count(by: number): void {
  const move = draft.move
  if (fixed.value || !move || !('count' in move) || move.count + by < 1) return
  draft.retell({ ...move, count: move.count + by })
}
/** Only things have a condition; a turn or an isolation has none. */
const canBeFound = (move: Move) =>
  ['fastener', 'clip', 'connector', 'line', 'joint', 'part'].includes(glyphFor(move.kind))
function undo(): void {
  if (!fixed.value) problem.value = draft.undo() ?? ''
}

/** A gap is filled where it is: in the step in hand, or in an earlier one that is opened for it. */
const ask = ref<string>()
function fill(gap: Gap): void {
  const recorded = job.state.steps.get(gap.step)
  if (recorded && draft.amends !== gap.step) draft.amend(recorded)
  if (looked.value) void router.replace({ query: {} })
  if (gap.move) draft.choose(gap.move)
  ask.value = gap.move ? gap.field : undefined
  if (gap.field === 'zone') zoning.value = true
}
const back = () => {
  const order = job.state.order
  const here = looked.value ? order.indexOf(looked.value.id) : order.size
  if (here > 0) void router.replace({ query: { step: order.get(here - 1) } })
}
/** The pedal ends a step and frees the keys from the line; Enter in the line ends it and leaves the hands on the line. */
const forth = () => {
  if (!looked.value) {
    stepDown()
    if (!problem.value) quick.value?.blur()
    return
  }
  const next = job.state.order.get(job.state.order.indexOf(looked.value.id) + 1)
  void router.replace({ query: next ? { step: next } : {} })
}
function escape(): void {
  if (zoning.value) zoning.value = false
  else if (inviting.value) inviting.value = false
  else if (hand.held.value) hand.leave()
  else if (shots.framing.value) shots.framing.value = false
  else if (looked.value) void router.replace({ query: {} })
}
const quick = ref<InstanceType<typeof QuickLine> | null>(null)
useKeys({
  p: shots.simulate,
  '/': () => quick.value?.focus(),
  ' ': forth,
  PageDown: forth,
  PageUp: back,
  u: undo,
  Delete: hand.remove,
  Backspace: hand.remove,
  '+': () => count(1),
  '-': () => count(-1),
  z: () => (zoning.value = !zoning.value),
  j: () => (inviting.value = mayInvite.value && !fixed.value && !inviting.value),
  d: () => router.push(`/jobs/${job.id}/close`),
  Escape: escape,
  ...Object.fromEntries(glyphKeys.map(([key, kind]) => [key, () => pick(kind)])),
})
</script>

<template>
  <main class="descent">
    <h1 class="sr">Descent, {{ draft.amends && !looked ? 'amending ' : '' }}step {{ number }}</h1>
    <div class="valley"><JobValley :at="at" /></div>
    <div class="left">
      <StandsHere
        :family="job.family"
        :zone="shownStep.zone"
        :standing="job.standing"
        :owed="zones"
        :disabled="fixed"
        :at-work="!looked && !job.closed"
        @choose="zoning = !zoning"
      />
      <div v-if="!fixed" class="hints">
        <AlikeNote
          v-for="w in narrow ? [] : alikes.ofPlugs.slice(0, 1)"
          :key="w.pair.a.id + w.pair.b.id"
          :head="w.head"
          :why="w.why"
          :act="w.act"
          :danger="w.pair.danger"
        />
        <WorthFilling :gaps="worth" @fill="fill" />
      </div>
    </div>
    <section class="photo" aria-label="Photo of this step">
      <ZoneChoice v-if="zoning" @leave="zoning = false" />
      <InvitePanel v-else-if="inviting" @leave="inviting = false" />
      <template v-else>
        <PhotoStage
          :photo="photo"
          :marks="marks"
          :glyph="fixed ? undefined : draft.glyph"
          :framing="shots.framing.value"
          :close-ups="looked ? [] : draft.closeUps"
          mark-as="Marked"
          @tap="tapAt"
          @stroke="draft.drawAlong"
          @frame="shots.frame"
          @mark="tapMark"
          @drag="(id, index, point) => draft.shiftMark(id, point, index)"
          @close-up="draft.photo = $event"
        >
          <CameraPanel
            v-if="!fixed"
            :busy="shots.busy.value"
            :problem="shots.problem.value"
            :may-invite="mayInvite"
            @simulate="shots.simulate"
            @taken="shots.keep"
            @invite="inviting = true"
          />
          <p v-else class="nothing">
            {{ looked ? 'No photo was taken of this step.' : 'Nothing is being recorded here.' }}
          </p>
        </PhotoStage>
        <p v-if="shots.framing.value" class="framing">Draw a frame round what the close-up shows.</p>
        <MarkBar
          v-if="hand.mark.value"
          :mark="hand.mark.value"
          :point="hand.held.value!.point"
          :by="hand.by.value"
          @retype="draft.retype(hand.mark.value.id, $event)"
          @pass="draft.pass(hand.held.value!.point, $event)"
          @remove="hand.remove"
          @leave="hand.leave"
        />
      </template>
    </section>
    <TraySide class="tray" :fixed="fixed" />
    <section class="line" aria-label="This step">
      <template v-if="looked">
        <PhotoStrip
          v-if="looked.photos.length > 1"
          :photos="looked.photos"
          :shown="photo?.hash ?? null"
          :held="true"
          :framing="false"
          fixed
          @show="lookedPhoto = $event"
        />
        <EarlierStep
          :key="looked.id"
          :step="looked"
          :number="number"
          :fixed="readOnly"
          @leave="router.replace({ query: {} })"
        />
      </template>
      <template v-else>
        <StepPhotos
          v-if="!zoning && narrow"
          :framing="shots.framing.value"
          :fixed="readOnly"
          @clearer="shots.clearer"
          @close-up="shots.framing.value = !shots.framing.value"
        />
        <AlikeNote
          v-for="w in narrow ? [...alikes.ofTray, ...alikes.ofPlugs].slice(0, 1) : []"
          :key="w.pair.a.id + w.pair.b.id"
          :head="w.head"
          :why="w.why"
          :act="w.cell ? `Put it into ${w.cell} instead.` : w.act"
          :danger="w.pair.danger"
        />
        <GlyphBar v-if="!readOnly" :glyph="draft.glyph" @pick="pick" />
        <p v-if="draft.amends || draft.before" class="mode" role="status">
          {{ draft.amends ? `Step ${number} is written anew.` : `This step goes before step ${number}.` }}
          <button class="btn" type="button" @click="draft.amends ? draft.leaveAmend() : draft.insertBefore(null)">
            {{ draft.amends ? 'Leave it as it was' : 'At the end instead' }}
          </button>
        </p>
        <div v-if="shownStep.moves.length && !draft.line.trim()" class="moves">
          <MoveList :moves="shownStep.moves" :chosen="draft.move?.id" @choose="draft.choose" />
          <FoundAs
            v-if="draft.move && canBeFound(draft.move)"
            :found="draft.move.condition"
            @tell="draft.retell(withValue(draft.move, 'condition', $event))"
          />
        </div>
        <p v-if="shownStep.title" class="soft">{{ shownStep.title }}</p>
        <MoveFields
          v-if="draft.move && !draft.line.trim()"
          :move="draft.move"
          :family="job.family"
          :zone="draft.step.zone"
          :ask="ask"
          @tell="draft.retell"
          @as="draft.retellAs"
          @drop="draft.removeMove(draft.move!.id)"
          @asked="ask = undefined"
        />
        <QuickLine v-if="!readOnly" ref="quick" @done="stepDown" />
        <p v-if="problem || (photo && shots.problem.value)" class="note danger" role="alert">
          {{ problem || shots.problem.value }}
        </p>
      </template>
    </section>
    <div class="act">
      <button v-if="looked" class="btn go big" type="button" @click="router.replace({ query: {} })">
        Back to the step in hand
      </button>
      <template v-else-if="!readOnly">
        <div class="two">
          <button
            v-if="photo && !zoning"
            class="btn"
            type="button"
            :disabled="shots.busy.value"
            @click="shots.simulate"
          >
            Photo <kbd>P</kbd>
          </button>
          <button class="btn" type="button" aria-label="Undo (U)" @click="undo">Undo <kbd>U</kbd></button>
        </div>
        <StepPhotos
          v-if="!zoning && !narrow"
          :framing="shots.framing.value"
          :fixed="readOnly"
          @clearer="shots.clearer"
          @close-up="shots.framing.value = !shots.framing.value"
        />
        <button class="btn go big" type="button" @click="stepDown">
          {{ draft.amends ? 'Amend' : 'Step down' }} <kbd>Space</kbd>
        </button>
      </template>
      <button v-else class="btn big" type="button" @click="router.push(`/jobs/${job.id}/return`)">To the return</button>
    </div>
  </main>
</template>

<style scoped>
.descent {
  display: grid;
  grid-template: 100px minmax(0, 1fr) auto / 252px minmax(0, 1fr) 292px;
  grid-template-areas: 'valley valley valley' 'left photo tray' 'line line act';
  font-size: 18px;
}
.valley {
  grid-area: valley;
  border-bottom: 2px solid var(--rule);
  min-height: 0;
}
.left {
  grid-area: left;
  border-right: 2px solid var(--rule);
  overflow: auto;
}
.hints {
  padding: 0 12px 10px;
}
.photo {
  grid-area: photo;
  position: relative;
  min-height: 0;
  background: #15191a;
}
.nothing {
  padding: 24px;
  color: #ece5d6;
}
.framing {
  position: absolute;
  left: 12px;
  top: 12px;
  padding: 6px 12px;
  background: var(--caution-wash);
}
.tray {
  grid-area: tray;
}
.line {
  grid-area: line;
  border-top: 2px solid var(--rule);
  background: var(--sheet);
  padding: 6px 14px 8px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 6px;
  align-content: start;
  min-height: 222px;
  min-width: 0;
}
.moves {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
.moves > :last-child:not(:first-child) {
  margin-left: auto;
}
.mode {
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 2px 10px;
  background: var(--caution-wash);
}
.act {
  grid-area: act;
  border-top: 2px solid var(--rule);
  background: var(--sheet);
  padding: 8px 12px;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.two {
  display: flex;
  gap: 10px;
}
.two > * {
  flex: 1;
}
.act .big {
  flex: 1;
}
@media (max-width: 1000px) {
  .descent {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .valley {
    flex: 0 0 72px;
  }
  .left {
    display: contents;
  }
  .photo {
    flex: 0 0 min(62.5vw, 46vh);
  }
  .photo:has(.choosing),
  .photo:has(.invite) {
    flex: 0 0 440px;
  }
  .line {
    flex: none;
    order: 3;
  }
  .hints {
    order: 5;
    flex: none;
    padding: 0 14px 20px;
  }
  .tray {
    order: 4;
  }
  .act {
    position: sticky;
    bottom: 0;
    order: 6;
    margin-top: auto;
    padding: 8px;
    flex-direction: row;
  }
}
</style>
