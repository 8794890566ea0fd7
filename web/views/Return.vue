<script setup lang="ts">
import {
  cautions,
  cautionsFor,
  describe,
  notes,
  owedCount,
  patternOf,
  settledCount,
  standWords,
  zoneTitle,
  type Debt,
  type Settlement,
} from '@dialytica/core'
import { onLongPress, useSwipe } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useKeys } from '../devices/keys.ts'
import { gate as alarm } from '../devices/signals.ts'
import GateStrip from '../parts/GateStrip.vue'
import JobValley from '../parts/JobValley.vue'
import ReturnRows from '../parts/ReturnRows.vue'
import PlanNotes from '../parts/PlanNotes.vue'
import PhotoStage from '../parts/PhotoStage.vue'
import type { ShownMark } from '../parts/stage/shown-mark.ts'
import { useJob } from '../stores/job.ts'
import { usual, useRefit } from '../stores/refit.ts'
import { useSession } from '../stores/session.ts'

/** The way back: one step filling the screen, only its marks, each tapped as it is done. */
const job = useJob()
const refit = useRefit()
const route = useRoute()
const router = useRouter()
const problem = ref('')
const otherwise = ref(false)
const readOnly = computed(() => job.closed || useSession().person?.role === 'viewer')

const plan = computed(() => job.plan)
const firstOpen = computed(() =>
  Math.max(
    0,
    plan.value.findIndex(r => r.owes > 0),
  ),
)
const index = computed(() => {
  const wanted = plan.value.findIndex(r => r.step.id === route.query.step)
  return wanted >= 0 ? wanted : firstOpen.value
})
const r = computed(() => plan.value[index.value])
/** The step in hand stays in hand while it is being done, whatever else changes. */
watch(
  () => r.value?.step.id,
  id => {
    otherwise.value = false
    problem.value = ''
    if (id && route.query.step !== id) void router.replace({ query: { step: id } })
  },
  { immediate: true },
)
const allBack = computed(() => plan.value.every(p => p.owes === 0))
const next = computed<Debt | undefined>(() => r.value?.debts.find(d => owedCount(d) > 0))
const inHand = computed(() => {
  const moves = r.value?.moves ?? []
  return moves.find(m => m.debts.some(d => owedCount(d) > 0)) ?? moves.at(-1)
})
const photo = computed(() => r.value?.step.photos.at(-1))
/** Groups of which every piece was marked are numbered in the order in which they are tightened. */
const patterns = computed(() => (r.value?.moves ?? []).flatMap(({ move }) => patternOf(r.value!.step, move) ?? []))
const pattern = computed(() => inHand.value && patternOf(r.value!.step, inHand.value.move))
const lines = computed(() =>
  patterns.value
    .filter(p => p.photo === photo.value?.hash)
    .map(p => p.marks.map(id => r.value!.step.marks.find(m => m.id === id)!.path[0]!)),
)
const marks = computed<ShownMark[]>(() => {
  let n = 0
  const order = patterns.value.flatMap(p => p.marks)
  const place = (id: string) => (order.includes(id) ? order.indexOf(id) : order.length)
  return (r.value?.step.marks ?? [])
    .toSorted((a, b) => place(a.id) - place(b.id))
    .map(m => {
      const debt = job.state.debts.get(m.move ?? '')
      const done = debt ? debt.marks.includes(m.id) || owedCount(debt) === 0 : undefined
      const label = debt ? String(++n) : undefined
      return { ...m, label, ...(done !== undefined && { done }), now: debt?.id === next.value?.id && !done }
    })
})
const cell = computed(() => inHand.value?.move.cell)
const inCell = computed(() => inHand.value?.debts.find(d => d.cell))
const hints = computed(() => (inHand.value ? notes(inHand.value.move) : []))
const dangers = computed(() => [...new Set((r.value?.moves ?? []).flatMap(m => cautionsFor(m.move)))])
const gate = computed(() => job.gatesAhead.find(g => g.at >= index.value))
const passed = computed(() => job.state.entries.some(e => e.kind === 'gate-passed' && e.body.step === r.value?.step.id))
/** This step closes a zone over something that is still owed. */
const held = computed(
  () => gate.value?.at === index.value && gate.value.behind.length > 0 && !passed.value && (r.value?.owes ?? 0) > 0,
)
watch(held, now => now && alarm(), { immediate: true })
const ahead = computed(() => (gate.value ? gate.value.at - index.value : 0))

function tell(refusal: string | null): void {
  problem.value = refusal ?? ''
}
function goTo(i: number): void {
  const step = plan.value[Math.max(0, Math.min(plan.value.length - 1, i))]?.step.id
  if (step) void router.replace({ query: { step } })
}
function forth(how?: Settlement): void {
  if (!r.value) return
  if (r.value.owes > 0 && !readOnly.value && !held.value) tell(refit.fitNext(r.value, how))
  else if (held.value) problem.value = 'Settle what is behind the gate first, or say why it is closed all the same.'
  else if (allBack.value && index.value === plan.value.length - 1) void router.push(`/jobs/${job.id}/close`)
  else goTo(index.value + 1)
}
function all(): void {
  if (r.value && next.value && !readOnly.value && !held.value) tell(refit.fitAll(r.value, next.value))
}
function tapMark(id: string): void {
  const mark = r.value?.step.marks.find(m => m.id === id)
  const debt = job.state.debts.get(mark?.move ?? '')
  if (!r.value || !mark || !debt || readOnly.value) return
  const single = mark.path.length === 1
  if (debt.marks.includes(id) || owedCount(debt) === 0)
    tell(refit.reopen(r.value.step.id, debt, single ? id : undefined))
  else if (held.value) forth()
  else tell(refit.fit(r.value, debt, usual(debt), 1, single ? [id] : undefined))
}
function passGate(reason: string): void {
  if (!reason) {
    problem.value = 'Say why it is closed all the same: it stays in the record.'
    return
  }
  const owed = gate.value!.behind.map(d => d.id)
  tell(job.record('gate-passed', { step: r.value!.step.id, reason, owed })?.message ?? null)
}
/** What comes after, so that the hand can get ready. */
const after = computed(() =>
  plan.value.slice(index.value + 1, index.value + 3).flatMap(p => p.moves.find(m => m.debts.length)?.move ?? []),
)
const label = computed(() => {
  if (!r.value) return ''
  if (r.value.owes === 0)
    return allBack.value && index.value === plan.value.length - 1 ? 'Close the machine' : 'Next step'
  const d = next.value!
  return d.count > 1 ? `Fitted ${settledCount(d) + 1} of ${d.count}` : 'Fitted'
})
useKeys({
  ' ': e => (e.shiftKey ? all() : forth()),
  PageDown: e => (e.shiftKey ? all() : forth()),
  PageUp: () => goTo(index.value - 1),
  u: () => tell(refit.undo()),
  d: () => router.push(`/jobs/${job.id}/close`),
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
  <main ref="page" class="return">
    <h1 v-if="!r" class="sr">Return</h1>
    <div class="valley"><JobValley :at="at" /></div>
    <p v-if="!r" class="empty">Nothing is off this machine. Record the way down first; the way back follows from it.</p>
    <template v-else>
      <section class="say" aria-label="What to do">
        <p class="soft">
          step {{ index + 1 }} of {{ plan.length }}, back from <span class="mono">{{ r.number }}</span><template
            v-if="r.step.zone"
            >, {{ zoneTitle(job.family, r.step.zone) }}</template
          >
        </p>
        <h1>{{ inHand ? describe(inHand.move) : '' }}</h1>
        <div v-if="cell" class="cell">
          <b class="mono">{{ cell }}</b>
          <span
            >from this cell<br /><span class="soft">{{ inCell?.label }}</span></span
          >
        </div>
        <p v-if="pattern" class="pattern">
          <b>As numbered, {{ standWords[pattern.stand] }}:</b> {{ pattern.rounds.join(', then ') }}.
        </p>
        <ul v-if="hints.length" class="hints">
          <li v-for="h in hints" :key="h" :class="{ strong: h.startsWith('Left-hand'), found: h.startsWith('Found') }">
            {{ h }}
          </li>
        </ul>
        <PlanNotes class="plan-notes" :step="r.step.id" :fixed="readOnly" />
        <ReturnRows class="moves" :moves="r.moves" />
        <p v-for="d in dangers" :key="d" class="note danger">{{ cautions[d] }}</p>
        <p v-if="problem" class="note danger" role="alert">{{ problem }}</p>
        <div v-if="!readOnly && next" class="how">
          <button v-if="next.count > 1 && owedCount(next) > 1" class="btn" type="button" :disabled="held" @click="all">
            All {{ owedCount(next) }}
          </button>
          <button class="btn" type="button" :aria-expanded="otherwise" @click="otherwise = !otherwise">
            Other than refitted
          </button>
          <template v-if="otherwise">
            <button class="btn" type="button" @click="forth('replaced')">New one</button>
            <button class="btn" type="button" @click="forth('scrapped')">Scrapped</button>
            <button class="btn" type="button" @click="forth('missing')">Was missing before</button>
          </template>
        </div>
        <div v-if="after.length" class="after">
          <p class="soft">After this</p>
          <p v-for="m in after" :key="m.id">{{ describe(m) }}</p>
        </div>
      </section>
      <section class="photo" aria-label="The photo as it was">
        <PhotoStage :photo="photo" :marks="marks" :lines="lines" mark-as="Fit" @mark="tapMark"
          ><p class="nothing">No photo was taken of this step. Go by the words.</p></PhotoStage
        >
      </section>
      <GateStrip
        v-if="gate"
        class="gate"
        :gate="gate"
        :ahead="ahead"
        :held="held"
        :family="job.family"
        :may-pass="!readOnly"
        @pass="passGate"
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
  display: grid;
  gap: 10px;
  align-content: start;
  overflow: auto;
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
.how {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.after {
  margin-top: 6px;
  padding-top: 8px;
  border-top: 2px solid var(--rule);
  display: grid;
  gap: 4px;
  line-height: 1.2;
}
.photo {
  grid-area: photo;
  min-height: 0;
}
.nothing {
  padding: 24px;
  color: #ece5d6;
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
