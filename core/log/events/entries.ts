import type { InferType } from 'yup'
import type * as yup from 'yup'
import { shape, uuid } from '../../schema/atoms.ts'
import { entryBodies, type Entry, type EntryName } from '../entry.ts'
import { eventKind } from '../event-kind.ts'
import { accept, refuse } from '../refusals.ts'
import { photo } from '../step.ts'

/** What is kept as entered: it changes no debt. */
const entry = <const K extends EntryName>(kind: K) =>
  eventKind(
    kind,
    entryBodies[kind] as unknown as yup.Schema<InferType<(typeof entryBodies)[K]>>,
    (state, body, { id, at, actor }) =>
      accept({ ...state, entries: state.entries.set(id, { kind, at, by: actor, body } as unknown as Entry) }),
  )

export const readingTaken = entry('reading-taken')
export const partCompared = entry('part-compared')
export const pointCompared = entry('point-compared')
export const partOffered = entry('part-offered')
export const partPhotographed = entry('part-photographed')
export const toolMade = entry('tool-made')
export const partAdapted = entry('part-adapted')
export const checkDone = entry('check-done')
export const proofDone = entry('proof-done')
export const photosMatched = entry('photos-matched')
export const gatePassed = entry('gate-passed')
export const leftoverReported = entry('leftover-reported')
export const placeLooked = entry('place-looked')
export const leftoverExplained = entry('leftover-explained')
export const noteAdded = entry('note-added')
export const wordTaught = entry('word-taught')
export const ritualKept = entry('ritual-kept')
export const liaisonTold = entry('liaison-told')
export const postureAllowed = entry('posture-allowed')
export const findingTold = entry('finding-told')
export const troubleChecked = entry('trouble-checked')
export const causeTold = entry('cause-told')
export const shopSet = entry('shop-set')
export const fetchTicked = entry('fetch-ticked')
export const codeKept = entry('code-kept')
export const foundBefore = entry('found-before')

/** A photo taken of a step later, beside the one of then. */
export const photoAdded = eventKind(
  'photo-added',
  shape({ step: uuid().required(), photo: photo.required() }),
  (state, { step: id, photo: taken }) => {
    const step = state.steps.get(id)
    if (!step) return refuse(4)
    const later = [...step.later, taken].sort((a, b) => (a.takenAt + a.hash < b.takenAt + b.hash ? -1 : 1))
    return accept({ ...state, steps: state.steps.set(id, { ...step, later }) })
  },
)
