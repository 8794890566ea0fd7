import type { JobState, Mark, Photo, Step } from '@dialytica/core/log'
import type { Family } from '@dialytica/core/machine'
import { sceneOf } from '@dialytica/demo'
import type { View } from './camera.ts'

/** A mark on a close-up, where it is on the whole. */
function onWhole(mark: Mark, region: Photo['closeUpOf']): Mark {
  if (!region) return mark
  const share = Math.max(region.width, region.height)
  const [left, top] = [region.x + (region.width - share) / 2, region.y + (region.height - share) / 2]
  return { ...mark, path: mark.path.map(p => ({ x: left + p.x * share, y: top + p.y * share })) }
}

/** What a camera sees of a zone of a job: the marks of everything that is owed there, recorded or in hand. */
export function viewOf(state: JobState, family: Family, zone: string | undefined, inHand?: Step): View {
  const scene = sceneOf(family, zone)
  const steps = state.order.toArray().map(id => state.steps.get(id)!)
  const away = steps
    .filter(s => sceneOf(family, s.zone) === scene)
    .flatMap(s =>
      s.marks
        .filter(m => m.move && (state.owing.has(m.move) || m.glyph === 'mark'))
        .map(m => onWhole(m, s.photos.find(p => p.hash === m.photo)?.closeUpOf)),
    )
  const taken = steps.reduce((n, s) => n + s.photos.length, 0) + (inHand?.photos.length ?? 0)
  return { family, zone, away, taken }
}
