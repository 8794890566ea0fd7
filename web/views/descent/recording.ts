import { seeTo } from '@dialytica/core/acts'
import type { Point } from '@dialytica/core/capture'
import type { Glyph } from '@dialytica/core/items'
import { whyNot } from '@dialytica/core/log'
import type { Gap } from '@dialytica/core/worth-filling'
import { ref, watch, type Ref } from 'vue'
import { done as chime } from '../../devices/signals.ts'
import { useDraft } from '../../stores/draft.ts'
import { useJob } from '../../stores/job.ts'
import { useMarking } from '../../stores/marking.ts'
import type { useHeldMark } from './held-mark.ts'
import type { useLookedAt } from './looked-at.ts'
import type { useShots } from './shots.ts'

/** What the hand does with the step in hand: marks, counts, takes back, records, fills a gap. `line` is the quick line on the screen. */
export function useRecording(
  { looked, photo, leave, forth: onwards }: ReturnType<typeof useLookedAt>,
  held: ReturnType<typeof useHeldMark>,
  shots: ReturnType<typeof useShots>,
  fixed: Ref<boolean>,
  line: Ref<{ blur(): void } | null>,
) {
  const job = useJob()
  const draft = useDraft()
  const marking = useMarking()
  const problem = ref('')
  const zoning = ref(false)
  /** A second device is let in by a code on the screen. */
  const inviting = ref(false)
  /** The field that a gap asks for. */
  const ask = ref<string>()
  watch(looked, () => (zoning.value = false))

  function pick(kind: Glyph): void {
    if (fixed.value || held.retype(kind)) return
    marking.glyph = kind
    if (kind === 'posture' || !photo.value) draft.beginMove(kind)
  }
  function stepDown(): void {
    if (looked.value) return leave()
    if (job.isFixed || shots.busy.value) return
    held.leave()
    const [need] = draft.needs
    if (need) {
      problem.value = whyNot(job.act(seeTo(draft.step.id, need))) ?? ''
      return
    }
    problem.value = draft.record() ?? ''
    if (!problem.value) chime()
  }
  /** The pedal ends a step and frees the keys from the line; Enter in the line ends it and leaves the hands on the line. */
  function forth(): void {
    if (looked.value) return onwards()
    stepDown()
    if (!problem.value) line.value?.blur()
  }
  function tapMark(id: string, point: number): void {
    if (!looked.value) held.take(id, point)
  }
  function tapAt(point: Point): void {
    held.leave()
    marking.tapAt(point)
  }
  function count(by: number): void {
    const move = draft.move
    if (fixed.value || !move || !('count' in move)) return
    const next = (move.count ?? 1) + by
    if (next >= 1) draft.retell({ ...move, count: next })
  }
  function undo(): void {
    if (!fixed.value) problem.value = draft.undo() ?? ''
  }
  /** A gap is filled where it is: in the step in hand, or in an earlier one that is opened for it. */
  function fill(gap: Gap): void {
    const recorded = job.state.steps.get(gap.step)
    if (recorded && draft.amends !== gap.step) draft.amend(recorded)
    leave()
    if (gap.move) draft.choose(gap.move)
    ask.value = gap.move ? gap.field : undefined
    if (gap.field === 'zone') zoning.value = true
  }
  /** Leaves what is open, the innermost first. */
  function escape(): void {
    if (zoning.value) zoning.value = false
    else if (inviting.value) inviting.value = false
    else if (held.at.value) held.leave()
    else if (shots.framing.value) shots.framing.value = false
    else if (looked.value) leave()
  }
  return { problem, zoning, inviting, ask, pick, stepDown, forth, tapMark, tapAt, count, undo, fill, escape }
}
