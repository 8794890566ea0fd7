<script setup lang="ts">
import { learntAt } from '@dialytica/core/book'
import type { Debt, Settlement } from '@dialytica/core/log'
import { zoneTitle } from '@dialytica/core/machine'
import { act, cautionsFor, notes, pointByPoint, pointsOf } from '@dialytica/core/moves'
import { turnNotes, type DrawnMark, type Gate, type ReturnMove, type ReturnStep } from '@dialytica/core/plan'
import { patternOf, standWords } from '@dialytica/core/tighten'
import { say, text, warn } from '@dialytica/core/words'
import { computed } from 'vue'
import { useBook } from '../../stores/book.ts'
import { useJob } from '../../stores/job.ts'
import LearntHere from '../book/LearntHere.vue'
import Problem from '../Problem.vue'
import Breaches from '../Breaches.vue'
import AlignTo from './AlignTo.vue'
import ComesAfter from './ComesAfter.vue'
import JoinedFirst from './JoinedFirst.vue'
import PlanNotes from './PlanNotes.vue'
import ReturnRows from './ReturnRows.vue'
import RouteSteps from './RouteSteps.vue'
import ShutIn from './ShutIn.vue'
import StandsToo from './StandsToo.vue'
import StepActs from './StepActs.vue'

/** What to do in the step of the return in hand: the act, where its things lie, in which order, what to mind, and what comes after. */
const props = defineProps<{
  r: ReturnStep
  /** Its place in the return, from 0, and how many steps there are. */
  index: number
  of: number
  inHand: ReturnMove | undefined
  next: Debt | undefined
  held: boolean
  /** What is owed behind covers that are on already. */
  shut: readonly { gate: Gate; debts: readonly Debt[] }[]
  /** Marks to align to. */
  drawn: readonly DrawnMark[]
  busy: boolean
  fixed: boolean
  problem: string
  /** It is asked whether the new part or the old one goes on. */
  askingNew: boolean
}>()
const aligning = defineModel<string>('aligning')
const emit = defineEmits<{ all: []; settle: [how?: Settlement]; shoot: [] }>()
const job = useJob()
const book = useBook()
const learnt = computed(() =>
  book.place ? learntAt(book.place, props.r.step.moves, 'back').filter(l => l.job !== job.id) : [],
)
const pattern = computed(() => props.inHand && patternOf(props.r.step, props.inHand.move))
/** A line with several waypoints is told point by point; the sentence names the line alone. */
const isRoute = computed(() => Boolean(pointsOf(props.inHand?.move)) && (props.inHand?.debts[0]?.count ?? 0) > 1)
const heading = computed(() => {
  if (!props.inHand) return ''
  const { move } = props.inHand
  const { turn } = props.r
  // What stood under the machine goes with the turn.
  const besides = turn ? props.r.moves.slice(0, -1).map(m => text(act(m.move))) : []
  if (turn && turn.from === turn.to)
    return [...besides, text(say`The machine stands ${{ say: turn.to }}, as it stood.`)].join(' ')
  if (turn) return [...besides, text(act(props.r.moves.at(-1)!.move))].join(' ')
  return text((isRoute.value && pointByPoint(move)) || act(move))
})
const cell = computed(() => props.inHand?.move.cell)
const inCell = computed(() => props.inHand?.debts.find(d => d.cell))
const hints = computed(() => [
  ...(props.r.turn ? turnNotes(props.r.turn) : []),
  ...(props.inHand ? notes(props.inHand.move) : []),
])
/** A turn settles what was turned on the way down at once: it is one row. */
const rows = computed(() =>
  props.r.turn ? props.r.moves.map(m => ({ ...m, debts: m.debts.slice(0, 1) })) : props.r.moves,
)
const dangers = computed(() => [...new Set(props.r.moves.flatMap(m => cautionsFor(m.move)))])
</script>

<template>
  <section class="say" aria-label="What to do">
    <p class="soft">
      step {{ index + 1 }} of {{ of }}, <template v-if="r.turn">the machine is turned</template
      ><template v-else
        >back from <span class="mono">{{ r.number }}</span></template
      ><template v-if="r.step.zone">, {{ zoneTitle(job.family, r.step.zone) }}</template
      ><template v-if="r.step.title">, {{ r.step.title }}</template>
    </p>
    <h1>{{ heading }}</h1>
    <Breaches v-if="!fixed" class="shut" />
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
    <JoinedFirst v-if="!fixed" class="joined" :r="r" />
    <StandsToo class="too" :r="r" :index="index" :fixed="fixed" />
    <AlignTo v-model="aligning" class="align" :marks="drawn" />
    <LearntHere class="learnt" :of="learnt" />
    <PlanNotes class="plan-notes" :step="r.step.id" :fixed="fixed" />
    <ReturnRows class="moves" :step="r.step.id" :moves="rows" :fixed="fixed" />
    <p v-for="d in dangers" :key="d" class="note danger">{{ text(warn(d)) }}</p>
    <Problem :says="problem" />
    <StepActs
      v-if="!fixed"
      class="how"
      :r="r"
      :next="r.turn ? undefined : next"
      :held="held"
      :busy="busy"
      :asking-new="askingNew"
      @all="emit('all')"
      @settle="emit('settle', $event)"
      @shoot="emit('shoot')"
    />
    <ComesAfter class="after" :index="index" />
  </section>
</template>

<style scoped>
.say {
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
@media (max-width: 1000px) {
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
  .say > .cell,
  .say > .hints,
  .say > .pattern,
  .say > .moves,
  .say > .route,
  .say > .align,
  .say > .joined,
  .say > .too,
  .say > .shut,
  .say > .note,
  .say > .plan-notes,
  .say > .how {
    order: 2;
  }
  .say > .after {
    display: none;
  }
}
</style>
