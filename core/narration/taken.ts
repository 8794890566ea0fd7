import type { Photo } from '../log/step.ts'
import type { StepDraft } from './drafts.ts'
import type { OfTheWayBack, Spoken } from './narrate.ts'
import { withPhotos } from './review.ts'

/** A narration that was taken in, as far as it was looked at. A value: each act makes another. */
export interface Taken {
  name: string
  spoken: Spoken[]
  drafts: StepDraft[]
  /** What belongs to the way back, until it is noted or let go. */
  back: OfTheWayBack[]
  /** Photos that were taken while nothing was told. */
  loose: Photo[]
  /** The draft that is looked at. */
  at: number
  /** The moment of second 0. */
  startedAt: string
  zone: string | undefined
}

const without = (photos: readonly Photo[], photo: Photo) => photos.filter(p => p.hash !== photo.hash)
const withDraft = (taken: Taken, change: (draft: StepDraft) => StepDraft): StepDraft[] =>
  taken.drafts.map((d, i) => (i === taken.at ? change(d) : d))

/** With photos at the drafts that were told when they were taken; those of no draft are loose. */
export function withShots(taken: Taken, photos: readonly Photo[]): Taken {
  const { drafts, left } = withPhotos(taken.drafts, photos, new Date(taken.startedAt))
  return { ...taken, drafts, loose: [...taken.loose, ...left] }
}
/** With a photo at the draft that is looked at. */
export const withShotHere = (taken: Taken, photo: Photo): Taken => ({
  ...taken,
  drafts: withDraft(taken, d => ({ ...d, photos: [...without(d.photos, photo), photo] })),
  loose: without(taken.loose, photo),
})
/** With a photo of the draft that is looked at loose again. */
export const withoutShot = (taken: Taken, photo: Photo): Taken => ({
  ...taken,
  drafts: withDraft(taken, d => ({ ...d, photos: without(d.photos, photo) })),
  loose: [...taken.loose, photo],
})

/** With the draft that is looked at kept or dropped, and the next open one looked at. */
export function settled(taken: Taken, draft: StepDraft): Taken {
  const drafts = taken.drafts.with(taken.at, draft)
  const after = drafts.findIndex((d, i) => i > taken.at && d.state === 'open')
  const open = after < 0 ? drafts.findIndex(d => d.state === 'open') : after
  return { ...taken, drafts, at: open < 0 ? taken.at : open }
}
