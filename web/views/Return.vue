<script setup lang="ts">
import {
  act,
  cautionsFor,
  nearestPhoto,
  notes,
  owedCount,
  patternOf,
  pointByPoint,
  pointsOf,
  settledCount,
  standWords,
  text,
  warn,
  whyNot,
  zoneTitle,
  type Settlement,
} from '@dialytica/core'
import { onLongPress, useSwipe } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { useCommands } from '../commands.ts'
import JobValley from '../parts/JobValley.vue'
import AlignTo from '../parts/return/AlignTo.vue'
import ComesAfter from '../parts/return/ComesAfter.vue'
import GateStrip from '../parts/return/GateStrip.vue'
import PlanNotes from '../parts/return/PlanNotes.vue'
import ReturnRows from '../parts/return/ReturnRows.vue'
import RouteSteps from '../parts/return/RouteSteps.vue'
import ShutIn from '../parts/return/ShutIn.vue'
import StepActs from '../parts/return/StepActs.vue'
import ThenAndNow from '../parts/return/ThenAndNow.vue'
import { useCamera } from '../stores/camera.ts'
import { useJob } from '../stores/job.ts'
import { useRefit } from '../stores/refit.ts'
import { useSession } from '../stores/session.ts'
import { useAligning } from './return/aligning.ts'
import { useGateInHand } from './return/gate-in-hand.ts'
import { useStepInHand } from './return/step-in-hand.ts'

/** The way back: one step filling the screen, only its marks, each tapped as it is done. */
const job = useJob()
const refit = useRefit()
const router = useRouter()
const problem = ref('')
const readOnly = computed(() => job.closed || useSession().person?.role === 'viewer')

const { plan, index, r, goTo, next, inHand, photo, lines, marks, show } = useStepInHand()
const { gate, ahead, held, nearly, shut, counted, count, pass, passClean } = useGateInHand(r, index)
const { drawn, aligning, laid } = useAligning(r)
watch(
  () => r.value?.step.id,
  () => {
    problem.value = ''
  },
)
const near = computed(() => (photo.value || !r.value ? undefined : nearestPhoto(job.state, r.value.step.id)))
const allBack = computed(() => plan.value.every(p => p.owes === 0))
const pattern = computed(() => inHand.value && patternOf(r.value!.step, inHand.value.move))
/** A line with several waypoints is told point by point; the sentence names the line alone. */
const isRoute = computed(() => Boolean(pointsOf(inHand.value?.move)) && (inHand.value?.debts[0]?.count ?? 0) > 1)
const heading = computed(() => {
  if (!inHand.value) return ''
  const { move } = inHand.value
  return text((isRoute.value && pointByPoint(move)) || act(move))
})
const cell = computed(() => inHand.value?.move.cell)
const inCell = computed(() => inHand.value?.debts.find(d => d.cell))
const hints = computed(() => (inHand.value ? notes(inHand.value.move) : []))
const dangers = computed(() => [...new Set((r.value?.moves ?? []).flatMap(m => cautionsFor(m.move)))])

function tell(refusal: string | null): void {
  problem.value = refusal ?? ''
}
function forth(how?: Settlement): void {
  if (!r.value) return
  if (held.value) problem.value = 'Settle what is behind the gate first, or say why it is closed all the same.'
  else if (r.value.owes > 0 && !readOnly.value) {
    passClean()
    tell(refit.fitNext(r.value, how))
  } else if (allBack.value && index.value === plan.value.length - 1) void router.push(`/jobs/${job.id}/close`)
  else goTo(index.value + 1)
}
function all(): void {
  if (!r.value || !next.value || readOnly.value || held.value) return
  passClean()
  tell(refit.fitAll(r.value, next.value))
}
function tapMark(id: string): void {
  const at = r.value
  const debt = job.state.debts.get(at?.step.marks.find(m => m.id === id)?.move ?? '')
  if (!at || !debt || readOnly.value) return
  const isOn = debt.marks.includes(id) || owedCount(debt) === 0
  if (!isOn && held.value) return forth()
  if (!isOn) passClean()
  tell(refit.touch(at, id))
}
function passGate(reason: string): void {
  if (reason) tell(pass(reason))
  else problem.value = 'Say why it is closed all the same: it stays in the record.'
}
/** A photo of now stands beside the one of then. */
const camera = useCamera()
function shoot(): void {
  if (!r.value || readOnly.value) return
  const { id: step, zone } = r.value.step
  camera.ask({
    kind: 'now',
    words: 'Photograph the same place as it is now.',
    async simulated() {
      const { viewOf } = await import('../devices/away.ts')
      return viewOf(job.state, job.family, zone)
    },
    keep: photo => tell(whyNot(job.record('photo-added', { step, photo }))),
  })
}
const label = computed(() => {
  if (!r.value) return ''
  if (r.value.owes === 0)
    return allBack.value && index.value === plan.value.length - 1 ? 'Close the machine' : 'Next step'
  const d = next.value!
  return d.count > 1 ? `Fitted ${settledCount(d) + 1} of ${d.count}` : 'Fitted'
})
useCommands({
  forth: () => forth(),
  all,
  back: () => goTo(index.value - 1),
  photo: shoot,
  undo: () => tell(refit.undo()),
})
/** By touch: a swipe turns the page, a long press on the strong action fits all that is left of a group. */
const page = ref<HTMLElement | null>(null)
const strong = ref<HTMLElement | null>(null)
useSwipe(page, {
  threshold: 90,
  onSwipeEnd: (_, way) =>
    way === 'left' ? goTo(index.value + 1) : way === 'right' ? goTo(index.value - 1) : undefined,
})
onLongPress(strong, all, { delay: 700, modifiers: { prevent: true } })
const at = computed(() => (r.value ? { step: r.value.step.id, way: 'back' as const } : undefined))
</script>

<template>
  <main ref="page" class="return" :class="{ free: r && !gate }">
    <h1 v-if="!r" class="sr">Return</h1>
    <div class="valley"><JobValley :at="at" /></div>
    <p v-if="!r" class="empty">Nothing is off this machine. Record the way down first; the way back follows from it.</p>
    <template v-else>
      <section class="say" aria-label="What to do">
        <p class="soft">
          step {{ index + 1 }} of {{ plan.length }}, back from <span class="mono">{{ r.number }}</span><template
            v-if="r.step.zone"
            >, {{ zoneTitle(job.family, r.step.zone) }}</template
          ><template v-if="r.step.title">, {{ r.step.title }}</template>
        </p>
        <h1>{{ heading }}</h1>
        <ShutIn v-if="shut.length" class="shut" :shut="shut" />
        <div v-if="cell" class="cell">
          <b class="mono">{{ cell }}</b>
          <span
            >from this cell<br /><span class="soft">{{ inCell && text(inCell.label) }}</span></span
          >
        </div>
        <RouteSteps v-if="isRoute && inHand" class="route" :move="inHand.move" :debt="inHand.debts[0]!" />
        <p v-if="pattern" class="pattern">
          <b>As numbered, {{ standWords[pattern.stand] }}:</b> {{ pattern.rounds.join(', then ') }}.
        </p>
        <ul v-if="hints.length" class="hints">
          <li v-for="(h, i) in hints" :key="i" :class="h.tone">{{ text(h.says) }}</li>
        </ul>
        <AlignTo v-model="aligning" class="align" :marks="drawn" />
        <PlanNotes class="plan-notes" :step="r.step.id" :fixed="readOnly" />
        <ReturnRows class="moves" :step="r.step.id" :moves="r.moves" :fixed="readOnly" />
        <p v-for="d in dangers" :key="d" class="note danger">{{ text(warn(d)) }}</p>
        <p v-if="problem || camera.problem('now')" class="note danger" role="alert">
          {{ problem || camera.problem('now') }}
        </p>
        <StepActs
          v-if="!readOnly"
          class="how"
          :r="r"
          :next="next"
          :held="held"
          :busy="camera.isBusy('now')"
          @all="all"
          @settle="forth"
          @shoot="shoot"
        />
        <ComesAfter class="after" :index="index" />
      </section>
      <section class="photo" aria-label="The photo as it was">
        <ThenAndNow
          :then="laid ? laid.photo : photo"
          :photos="laid ? [] : r.step.photos"
          :near="near"
          :zone="r.step.zone"
          :family="job.family"
          :now="r.step.later.at(-1)"
          :marks="laid?.marks ?? marks"
          :lines="laid ? [] : lines"
          :title="laid?.title"
          @show="show"
          @mark="tapMark"
        />
      </section>
      <GateStrip
        v-if="gate"
        class="gate"
        :gate="gate"
        :ahead="ahead"
        :held="held"
        :nearly="nearly"
        :counted="counted"
        :family="job.family"
        :may-pass="!readOnly"
        @pass="passGate"
        @count="count"
      />
      <div class="act">
        <button class="btn big" type="button" aria-label="Back one step" @click="goTo(index - 1)">Back</button>
        <button ref="strong" class="btn go big" type="button" @click="forth()">{{ label }} <kbd>Space</kbd></button>
      </div>
    </template>
  </main>
</template>

<style scoped>
.return {
  display: grid;
  grid-template: 112px minmax(0, 1fr) auto auto / 390px minmax(0, 1fr);
  grid-template-areas: 'valley valley' 'say photo' 'say gate' 'act gate';
  font-size: 18px;
}
.return.free {
  grid-template-areas: 'valley valley' 'say photo' 'say photo' 'act photo';
}
.valley {
  grid-area: valley;
  border-bottom: 2px solid var(--rule);
  min-height: 0;
}
.empty {
  grid-column: 1 / -1;
  padding: 32px 24px;
  font-size: 22px;
}
.say {
  grid-area: say;
  border-right: 2px solid var(--rule);
  padding: 14px 22px;
  display: flex;
  flex-direction: column;
  gap: 10px;
  overflow: auto;
}
.say > * {
  flex: none;
}
/* What comes after takes the room that is left; a line for which there is none is left out whole. */
.say > .after {
  flex: 1 1 0;
  min-height: 0;
}
h1 {
  font-size: 32px;
}
.cell {
  display: flex;
  gap: 14px;
  align-items: center;
  border: 2px solid var(--rule);
  border-radius: 3px;
  padding: 8px 14px;
  background: var(--work-wash);
  line-height: 1.15;
}
.cell b {
  font-size: 36px;
  font-weight: 700;
}
.hints {
  display: grid;
  gap: 4px;
}
.hints .found {
  border-left: 6px solid var(--caution);
  padding-left: 10px;
  font-weight: 700;
}
.hints .strong {
  border-left: 6px solid var(--danger);
  padding-left: 10px;
  font-weight: 700;
}
.photo {
  grid-area: photo;
  min-height: 0;
}
.gate {
  grid-area: gate;
}
.act {
  grid-area: act;
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 10px;
  padding: 12px 22px;
  border-right: 2px solid var(--rule);
}
@media (max-width: 1000px) {
  .return {
    display: flex;
    flex-direction: column;
    overflow: auto;
  }
  .valley {
    flex: 0 0 72px;
  }
  .say {
    display: contents;
  }
  .say > * {
    margin: 4px 14px;
    flex: none;
  }
  h1 {
    font-size: 26px;
  }
  .photo {
    flex: 0 0 min(62.5vw, 46vh);
    order: 1;
  }
  .say > .cell,
  .say > .hints,
  .say > .pattern,
  .say > .moves,
  .say > .route,
  .say > .align,
  .say > .shut,
  .say > .note,
  .say > .plan-notes,
  .say > .how {
    order: 2;
  }
  .say > .after {
    display: none;
  }
  .gate {
    order: 3;
    flex: none;
  }
  .act {
    order: 4;
    position: sticky;
    bottom: 0;
    margin-top: auto;
    padding: 8px;
    background: var(--ground);
    border: 0;
    border-top: 2px solid var(--rule);
  }
}
</style>
