import type { Glyph } from '@dialytica/core/items'
import type { Mark } from '@dialytica/core/log'
import { pointsOf } from '@dialytica/core/moves'
import { computed, ref, type Ref } from 'vue'
import { useDraft } from '../../stores/draft.ts'
import { useMarking } from '../../stores/marking.ts'

/** The mark of the step in hand that was taken up, and the point of its path: to be moved, retyped, taken away. */
export function useHeldMark(fixed: Ref<boolean>) {
  const draft = useDraft()
  const marking = useMarking()
  const at = ref<{ id: string; point: number } | null>(null)
  const mark = computed<Mark | undefined>(() =>
    fixed.value ? undefined : draft.step.marks.find(m => m.id === at.value?.id && m.photo === marking.photo),
  )
  /** How the line passes the point that was taken up. */
  const by = computed(() => {
    const move = draft.step.moves.find(m => m.id === mark.value?.move)
    return pointsOf(move)?.[at.value!.point]?.by
  })
  const leave = () => void (at.value = null)
  function take(id: string, point: number): void {
    draft.choose(draft.step.marks.find(m => m.id === id)?.move ?? null)
    at.value = { id, point }
  }
  /** Tells that it is of another kind; false when there is none that could be. */
  function retype(kind: Glyph): boolean {
    if (!mark.value || mark.value.glyph === 'line' || kind === 'line') return false
    marking.retype(mark.value.id, kind)
    return true
  }
  function remove(): void {
    if (!mark.value) return
    if (mark.value.glyph === 'line' && mark.value.path.length > 1) marking.removePoint(mark.value.id, at.value!.point)
    else marking.removeMark(mark.value.id)
    leave()
  }
  return { at, mark, by, take, retype, remove, leave }
}
