<script setup lang="ts">
import { gaps, owedByZone, say, type Gap, type Glyph as GlyphKind, type Point } from '@dialytica/core'
import { useMediaQuery } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useCommands } from '../commands.ts'
import { done as chime } from '../devices/signals.ts'
import AlikeNote from '../parts/AlikeNote.vue'
import CameraPanel from '../parts/CameraPanel.vue'
import EarlierStep from '../parts/descent/EarlierStep.vue'
import StepActs from '../parts/descent/StepActs.vue'
import StepInHand from '../parts/descent/StepInHand.vue'
import InvitePanel from '../parts/InvitePanel.vue'
import JobValley from '../parts/JobValley.vue'
import MarkBar from '../parts/MarkBar.vue'
import PhotoStage from '../parts/PhotoStage.vue'
import { stepMarks } from '../parts/stage/step-marks.ts'
import StandsHere from '../parts/StandsHere.vue'
import StepPhotos from '../parts/StepPhotos.vue'
import TraySide from '../parts/TraySide.vue'
import WorthFilling from '../parts/WorthFilling.vue'
import ZoneChoice from '../parts/ZoneChoice.vue'
import { useAlikes } from '../stores/alikes.ts'
import { useDraft } from '../stores/draft.ts'
import { useJob } from '../stores/job.ts'
import { useMarking } from '../stores/marking.ts'
import { useSession } from '../stores/session.ts'
import { useHeldMark } from './descent/held-mark.ts'
import { useLookedAt } from './descent/looked-at.ts'
import { useShots } from './descent/shots.ts'

/** The way down: photo first or line first, taps on the photo, what is known of it, done. */
const job = useJob()
const draft = useDraft()
const marking = useMarking()
const alikes = useAlikes()
const router = useRouter()
const problem = ref('')
const zoning = ref(false)
/** On a narrow screen the photos stand over the line, so that the strong action keeps its room. */
const narrow = useMediaQuery('(max-width: 1000px)')
/** A second device is let in by a code on the screen. */
const inviting = ref(false)
const mayInvite = computed(() => !useSession().person?.joined)
const readOnly = computed(() => job.closed || useSession().person?.role === 'viewer')

const { looked, step, photo, number, at, leave, back, forth: onwards, show } = useLookedAt()
const fixed = computed(() => Boolean(looked.value) || readOnly.value)
const zones = computed(() => Object.fromEntries(owedByZone(job.debts)))
const worth = computed(() => (readOnly.value ? [] : gaps(job.state, job.family, draft.step)))
watch(looked, () => (zoning.value = false))
const hand = useHeldMark(fixed)
const shots = useShots(fixed, () => (mayInvite.value ? () => (inviting.value = true) : undefined))
const marks = computed(() =>
  stepMarks(step.value, looked.value ? undefined : draft.move?.id, hand.mark.value ? hand.held.value : null),
)

function pick(kind: GlyphKind): void {
  if (fixed.value) return
  if (hand.retype(kind)) return
  marking.glyph = kind
  if (kind === 'posture' || !photo.value) draft.beginMove(kind)
}
function stepDown(): void {
  if (looked.value) return leave()
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
  marking.tapAt(point)
}
function count(by: number): void {
  const move = draft.move
  if (fixed.value || !move || !('count' in move) || move.count + by < 1) return
  draft.retell({ ...move, count: move.count + by })
}
function undo(): void {
  if (!fixed.value) problem.value = draft.undo() ?? ''
}

/** A gap is filled where it is: in the step in hand, or in an earlier one that is opened for it. */
const ask = ref<string>()
function fill(gap: Gap): void {
  const recorded = job.state.steps.get(gap.step)
  if (recorded && draft.amends !== gap.step) draft.amend(recorded)
  leave()
  if (gap.move) draft.choose(gap.move)
  ask.value = gap.move ? gap.field : undefined
  if (gap.field === 'zone') zoning.value = true
}
/** The pedal ends a step and frees the keys from the line; Enter in the line ends it and leaves the hands on the line. */
const forth = () => {
  if (looked.value) return onwards()
  stepDown()
  if (!problem.value) quick.value?.blur()
}
function escape(): void {
  if (zoning.value) zoning.value = false
  else if (inviting.value) inviting.value = false
  else if (hand.held.value) hand.leave()
  else if (shots.framing.value) shots.framing.value = false
  else if (looked.value) leave()
}
const quick = ref<InstanceType<typeof StepInHand> | null>(null)
useCommands(
  {
    photo: shots.shoot,
    line: () => quick.value?.focus(),
    forth,
    back,
    undo,
    remove: hand.remove,
    more: () => count(1),
    fewer: () => count(-1),
    zone: () => (zoning.value = !zoning.value),
    device: () => (inviting.value = mayInvite.value && !fixed.value && !inviting.value),
    leave: escape,
  },
  pick,
)
</script>

<template>
  <main class="descent">
    <h1 class="sr">Descent, {{ draft.amends && !looked ? 'amending ' : '' }}step {{ number }}</h1>
    <div class="valley"><JobValley :at="at" /></div>
    <div class="left">
      <StandsHere
        :family="job.family"
        :zone="step.zone"
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
          :glyph="fixed ? undefined : marking.glyph"
          :framing="shots.framing.value"
          :close-ups="looked ? [] : marking.closeUps"
          mark-as="Marked"
          @tap="tapAt"
          @stroke="marking.drawAlong"
          @frame="shots.frame"
          @mark="tapMark"
          @drag="(id, index, point) => marking.shiftMark(id, point, index)"
          @close-up="marking.photo = $event"
        >
          <CameraPanel v-if="!fixed" :key="step.id" :errand="shots.another" />
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
          @retype="marking.retype(hand.mark.value.id, $event)"
          @pass="draft.pass(hand.held.value!.point, $event)"
          @remove="hand.remove"
          @leave="hand.leave"
        />
      </template>
    </section>
    <TraySide class="tray" :fixed="fixed" />
    <section class="line" aria-label="This step">
      <EarlierStep
        v-if="looked"
        :key="looked.id"
        :step="looked"
        :number="number"
        :fixed="readOnly"
        :photo="photo?.hash"
        @leave="leave"
        @show="show"
      />
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
          :act="w.cell ? say`Put it into ${w.cell} instead.` : w.act"
          :danger="w.pair.danger"
        />
        <StepInHand
          ref="quick"
          v-model:ask="ask"
          :number="number"
          :fixed="readOnly"
          :problem="problem || (photo ? shots.problem.value : '')"
          @pick="pick"
          @done="stepDown"
        />
      </template>
    </section>
    <div class="act">
      <button v-if="looked" class="btn go big" type="button" @click="leave">Back to the step in hand</button>
      <StepActs
        v-else-if="!readOnly"
        :photo="Boolean(photo) && !zoning"
        :busy="shots.busy.value"
        :framing="shots.framing.value"
        :photos="!zoning && !narrow"
        @shoot="shots.shoot"
        @undo="undo"
        @clearer="shots.clearer"
        @close-up="shots.framing.value = !shots.framing.value"
        @done="stepDown"
      />
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
