import type { Photo, Step } from '../log/step.ts'
import type { Captured } from './capture.ts'

/** The step in hand with one more photo; the same one again is there already. */
export const withPhoto = ({ step, move }: Captured, photo: Photo): Captured => ({
  step: step.photos.some(p => p.hash === photo.hash) ? step : { ...step, photos: [...step.photos, photo] },
  move,
})

/** A clearer photo in the place of another: its marks, and the close-ups tied to it, go over to the new one. */
export function replacePhoto({ step, move }: Captured, old: string, photo: Photo): Captured {
  const closeUpOf = step.photos.find(p => p.hash === old)?.closeUpOf
  const fresh = closeUpOf ? { ...photo, closeUpOf } : photo
  const photos = step.photos.map(p =>
    p.hash === old
      ? fresh
      : p.closeUpOf?.photo === old
        ? { ...p, closeUpOf: { ...p.closeUpOf, photo: photo.hash } }
        : p,
  )
  return {
    step: { ...step, photos, marks: step.marks.map(m => (m.photo === old ? { ...m, photo: photo.hash } : m)) },
    move,
  }
}

/** A photo is taken out of the step, when nothing is marked on it and no close-up is tied to it. */
export function dropPhoto({ step, move }: Captured, hash: string): Captured {
  const held = step.marks.some(m => m.photo === hash) || step.photos.some(p => p.closeUpOf?.photo === hash)
  return held ? { step, move } : { step: { ...step, photos: step.photos.filter(p => p.hash !== hash) }, move }
}

/** The close-ups that are tied to regions of a photo. */
export const closeUpsOf = (step: Step, hash: string): Photo[] => step.photos.filter(p => p.closeUpOf?.photo === hash)
