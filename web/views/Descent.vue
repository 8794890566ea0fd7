<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { NButton } from 'naive-ui'
import { computed, defineAsyncComponent, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useCommands } from '../commands.ts'
import AlikeNotes from '../parts/AlikeNotes.vue'
import DiffersHere from '../parts/book/DiffersHere.vue'
import GhostStep from '../parts/book/GhostStep.vue'
import LearntHere from '../parts/book/LearntHere.vue'
import OnBench from '../parts/descent/OnBench.vue'
import EarlierStep from '../parts/descent/EarlierStep.vue'
import StandsHere from '../parts/descent/StandsHere.vue'
import StepActs from '../parts/descent/StepActs.vue'
import StepInHand from '../parts/descent/StepInHand.vue'
import StepPhoto from '../parts/descent/StepPhoto.vue'
import WorthFilling from '../parts/descent/WorthFilling.vue'
import JobValley from '../parts/JobValley.vue'
import LinkButton from '../parts/LinkButton.vue'
import { stepMarks } from '../parts/stage/step-marks.ts'
import StepPhotos from '../parts/StepPhotos.vue'
import TraySide from '../parts/TraySide.vue'
import { useAlikes } from '../stores/alikes.ts'
import { useBook } from '../stores/book.ts'
import { useDraft } from '../stores/draft.ts'
import { useJob } from '../stores/job.ts'
import { useSession } from '../stores/session.ts'
import { toJob } from '../ways.ts'
import { useHeldMark } from './descent/held-mark.ts'
import { useLookedAt } from './descent/looked-at.ts'
import { useRecording } from './descent/recording.ts'
import { useShots } from './descent/shots.ts'

const OnTheWay = defineAsyncComponent(() => import('../parts/triage/OnTheWay.vue'))

/** The way down: photo first or line first, taps on the photo, what is known of it, done. */
const job = useJob()
const draft = useDraft()
const alikes = useAlikes()
const router = useRouter()
/** On a narrow screen the photos stand over the line, so that the strong action keeps its room. */
const narrow = useMediaQuery('(max-width: 1000px)')
const mayInvite = computed(() => !useSession().person?.joined)

const lookedAt = useLookedAt()
const { looked, step, photo, number, at, leave, back, show } = lookedAt
const fixed = computed(() => Boolean(looked.value) || job.isFixed)
const held = useHeldMark(fixed)
const shots = useShots(fixed, () => (mayInvite.value ? () => (inviting.value = true) : undefined))
const line = ref<InstanceType<typeof StepInHand> | null>(null)
const { problem, zoning, inviting, ask, pick, stepDown, forth, tapMark, tapAt, count, undo, fill, escape } =
  useRecording(lookedAt, held, shots, fixed, line)
const book = useBook()
/** While nothing is told of the step in hand, the book says what comes next. */
const mayGhost = computed(
  () => !fixed.value && !looked.value && !draft.amends && !draft.step.of && draft.step.moves.length === 0,
)
function soItIs(): void {
  if (!mayGhost.value || !book.ghost) return
  book.take(book.ghost)
  // What must be seen to before it is looked at first: nobody has said yet that it is.
  if (draft.needs.length === 0) stepDown()
}
const marks = computed(() =>
  stepMarks(step.value, looked.value ? undefined : draft.move?.id, held.mark.value ? held.at.value : null),
)
useCommands(
  {
    photo: shots.shoot,
    line: () => line.value?.focus(),
    forth,
    back,
    undo,
    ghost: soItIs,
    remove: held.remove,
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
      <StandsHere :zone="step.zone" :disabled="fixed" :at-work="!looked && !job.closed" @choose="zoning = !zoning" />
      <div v-if="!fixed" class="hints">
        <AlikeNotes v-if="!narrow" :of="alikes.ofPlugs.slice(0, 1)" />
        <OnBench v-if="!looked" />
        <DiffersHere v-if="!looked" />
        <LearntHere v-if="mayGhost && !narrow" :of="book.ahead" />
        <OnTheWay v-if="!looked" />
        <WorthFilling @fill="fill" />
        <LinkButton v-if="narrow && !looked" :to="toJob(job.id, 'narration')">Take in a narration</LinkButton>
      </div>
    </div>
    <StepPhoto
      v-model:zoning="zoning"
      v-model:inviting="inviting"
      class="photo"
      :step="step"
      :looked="looked"
      :photo="photo"
      :marks="marks"
      :held="held"
      :shots="shots"
      :fixed="fixed"
      @tap="tapAt"
      @mark="tapMark"
    />
    <TraySide class="tray" :fixed="fixed" />
    <section class="line" aria-label="This step">
      <EarlierStep
        v-if="looked"
        :key="looked.id"
        :step="looked"
        :number="number"
        :fixed="job.isFixed"
        :photo="photo?.hash"
        @leave="leave"
        @show="show"
      />
      <template v-else>
        <StepPhotos
          v-if="!zoning && narrow"
          :framing="shots.framing.value"
          :fixed="job.isFixed"
          @clearer="shots.clearer"
          @close-up="shots.framing.value = !shots.framing.value"
        />
        <AlikeNotes v-if="narrow" :of="[...alikes.ofTray, ...alikes.ofPlugs].slice(0, 1)" />
        <StepInHand
          ref="line"
          v-model:ask="ask"
          :number="number"
          :fixed="job.isFixed"
          :problem="problem || (photo ? shots.problem.value : '')"
          @pick="pick"
          @done="stepDown"
        />
        <GhostStep v-if="mayGhost && !draft.line.trim()" :with-learnt="narrow" @record="soItIs" />
      </template>
    </section>
    <div class="act">
      <NButton v-if="looked" type="primary" size="large" @click="leave">Back to the step in hand</NButton>
      <StepActs
        v-else-if="!job.isFixed"
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
      <NButton v-else size="large" @click="router.push(toJob(job.id, 'return'))">To the return</NButton>
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
.act > .n-button {
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
