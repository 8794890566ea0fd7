import type { JobState } from '../log/state.ts'
import type { Photo } from '../log/step.ts'

/** A photo of the place of a step that has none itself: of the step of the same zone that was recorded nearest to it. */
export function nearestPhoto(state: JobState, stepId: string): { photo: Photo; number: number } | undefined {
  const order = state.order.toArray()
  const at = order.indexOf(stepId)
  const zone = state.steps.get(stepId)?.zone
  if (at < 0 || !zone) return undefined
  const near = order
    .map((id, i) => ({ step: state.steps.get(id)!, i }))
    .filter(({ step }) => step.zone === zone && step.photos.length > 0)
    .sort((a, b) => Math.abs(a.i - at) - Math.abs(b.i - at))[0]
  return near && { photo: near.step.photos.at(-1)!, number: near.i + 1 }
}
