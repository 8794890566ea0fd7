import type { Family, JobState, Step } from '@dialytica/core'
import { sceneOf } from '@dialytica/demo'
import type { View } from './camera.ts'

/** What a camera sees of a zone of a job: the marks of everything that is owed there, recorded or in hand. */
export function viewOf(state: JobState, family: Family, zone: string | undefined, inHand?: Step): View {
  const scene = sceneOf(family, zone)
  const steps = state.order.toArray().map(id => state.steps.get(id)!)
  const away = steps
    .filter(s => sceneOf(family, s.zone) === scene)
    .flatMap(s => s.marks.filter(m => m.move && (state.owing.has(m.move) || m.glyph === 'mark')))
  const taken = steps.reduce((n, s) => n + s.photos.length, 0) + (inHand?.photos.length ?? 0)
  return { family, zone, away, taken }
}
