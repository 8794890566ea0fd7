import type { JobState } from '../log/state.ts'
import type { Photo } from '../log/step.ts'
import { adaptationsOf, leftTo, offersOf, partsAtHand, photosOf, toldOf } from './at-hand.ts'
import { compareParts } from './compare.ts'
import type { Verdict } from './judged.ts'

/** A part for which a new one was held against the old one or bought: both numbers, where it came from, what was said, and where the old one went. */
export interface Renewed {
  name: string
  old: string
  fresh: string
  verdict: Verdict | null
  supplier: string
  /** Price as it was told, without its currency; months of warranty. */
  price: number | null
  warranty: number | null
  adapted: string[]
  oldTo: string
  photos: { old: Photo | undefined; new: Photo | undefined }
}

/** What is new for old in a job, in the order of the bench. */
export function renewedParts(state: JobState): Renewed[] {
  return partsAtHand(state).flatMap((part): Renewed[] => {
    const [told, offers, gone] = [toldOf(state, part), offersOf(state, part), leftTo(state, part)]
    const [photos, adapted] = [photosOf(state, part), adaptationsOf(state, part)]
    const from = offers.find(o => o.how === 'here') ?? offers.find(o => o.how === 'ordered')
    const isSaid = told.size || from || gone || adapted.length || photos.old || photos.new
    if (!part.isNew || !isSaid) return []
    const number = told.get('number')
    return [
      {
        name: part.name,
        old: number?.old ?? '',
        fresh: number?.fresh ?? from?.number ?? '',
        verdict: told.size ? compareParts(part.kind, told).verdict : null,
        supplier: from?.supplier ?? '',
        price: from?.price ?? null,
        warranty: from?.warranty ?? null,
        adapted: adapted.map(a => a.says),
        oldTo: gone ? (gone.left?.length ? `${gone.to}, with ${gone.left.join(', ')}` : gone.to) : '',
        photos: { old: photos.old?.photo, new: photos.new?.photo },
      },
    ]
  })
}

/** One of them as a line: numbers, source, verdict, how it was made to fit, where the old one went. */
export const renewedWords = ({
  name,
  old,
  fresh,
  verdict,
  supplier,
  price,
  warranty,
  adapted,
  oldTo,
}: Renewed): string =>
  [
    `${name}: old number ${old || 'not read'}, new number ${fresh || 'not read'}`,
    verdict && verdict !== 'cannot tell' && verdict,
    supplier && `from ${supplier}`,
    price !== null && price.toFixed(2),
    warranty && `${warranty} months of warranty`,
    adapted.length && `made to fit: ${adapted.join('; ')}`,
    oldTo && `old one: ${oldTo}`,
  ]
    .filter(Boolean)
    .join(', ')
