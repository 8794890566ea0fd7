import { waypointName } from '@dialytica/core/items'
import { isBack, owedCount, settledCount, type Debt, type Mark } from '@dialytica/core/log'
import { pointsOf, type Move } from '@dialytica/core/moves'
import type { ReturnStep } from '@dialytica/core/plan'
import { patternOf } from '@dialytica/core/tighten'
import { text } from '@dialytica/core/words'
import { computed, ref, watch, type ComputedRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import type { ShownMark } from '../../parts/stage/shown-mark.ts'
import { useJob } from '../../stores/job.ts'
import { toStep } from '../../ways.ts'

/** The step of the return that fills the screen: the one that was asked for, else the first that owes something. */
export function useStepInHand() {
  const job = useJob()
  const route = useRoute()
  const router = useRouter()
  const plan = computed(() => job.plan)
  const index = computed(() => {
    const asked = route.query.step
    const own = plan.value.findIndex(r => r.step.id === asked)
    // A recorded turn has no step of its own: the one that takes it back is meant.
    const wanted = own >= 0 ? own : plan.value.findIndex(r => r.debts.some(d => d.step === asked))
    return wanted >= 0
      ? wanted
      : Math.max(
          0,
          plan.value.findIndex(r => r.owes > 0),
        )
  })
  const r = computed<ReturnStep | undefined>(() => plan.value[index.value])
  /** The step in hand stays in hand while it is being done, whatever else changes. */
  watch(
    () => r.value?.step.id,
    id => {
      if (id && route.query.step !== id) void router.replace(toStep(id))
    },
    { immediate: true },
  )
  function goTo(i: number): void {
    const step = plan.value[Math.max(0, Math.min(plan.value.length - 1, i))]?.step.id
    if (step) void router.replace(toStep(step))
  }
  const next = computed<Debt | undefined>(() => r.value?.debts.find(d => owedCount(d) > 0))
  const inHand = computed(() => {
    const moves = r.value?.moves ?? []
    return moves.find(m => m.debts.some(d => owedCount(d) > 0)) ?? moves.at(-1)
  })
  return { plan, index, r, goTo, next, inHand, ...useStepMarks(r, next) }
}

/** Where a line is on its way back: the waypoint that is laid next, as it stands in the path that was drawn going down. */
function knotInHand(move: Move | undefined, debt: Debt, points: number): number | undefined {
  if (!pointsOf(move) || owedCount(debt) === 0 || points !== debt.count) return undefined
  return points - 1 - settledCount(debt)
}

/** Only the marks of this step: groups numbered in their tightening order, a line with the waypoint that is laid next. */
function useStepMarks(r: ComputedRef<ReturnStep | undefined>, next: ComputedRef<Debt | undefined>) {
  const job = useJob()
  /** The photo that was asked for; else the one on which the next thing is marked, or anything is, or the last one. */
  const asked = ref<string | null>(null)
  watch(
    () => r.value?.step.id,
    () => (asked.value = null),
  )
  const photo = computed(() => {
    const { photos = [], marks = [] } = r.value?.step ?? {}
    const on = (mark: Mark | undefined) => photos.find(p => p.hash === mark?.photo)
    return (
      photos.find(p => p.hash === asked.value) ??
      on(marks.find(m => m.move === next.value?.move)) ??
      on(marks.at(-1)) ??
      photos.at(-1)
    )
  })
  const patterns = computed(() => (r.value?.moves ?? []).flatMap(({ move }) => patternOf(r.value!.step, move) ?? []))
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
        const move = r.value!.step.moves.find(x => x.id === m.move)
        const done = debt && isBack(debt, m.id)
        const knot = debt && knotInHand(move, debt, m.path.length)
        const passes = knot === undefined ? undefined : pointsOf(move)?.[knot]
        return {
          ...m,
          label: debt && m.path.length === 1 ? String(++n) : undefined,
          ...(done !== undefined && { done }),
          now: debt?.id === next.value?.id && !done,
          backwards: true,
          ...(knot !== undefined && { knot }),
          ...(passes && {
            points: m.path.map((_, k) => (k === knot ? text(waypointName(passes)) : '')),
            passing: passes.by,
          }),
          ...(move && 'joint' in move && move.joint.clock && { clock: move.joint.clock }),
        }
      })
  })
  return { photo, lines, marks, show: (hash: string) => (asked.value = hash) }
}
