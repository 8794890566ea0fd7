import * as yup from 'yup'
import { known } from '../../finder/known.ts'
import { limits } from '../../limits.ts'
import { debtId, line, listOf, oneOf, shape, uuid, within, zoneId } from '../../schema.ts'
import { eventKind } from '../event-kind.ts'
import { accept, refuse } from '../refusals.ts'
import { photo } from '../step.ts'

/** What is kept as entered: it changes no debt. */
const entry = <const K extends string, B extends object>(kind: K, body: yup.Schema<B>) =>
  eventKind(kind, body, (state, value, { id, at, actor }) =>
    accept({
      ...state,
      entries: state.entries.set(id, { kind, at, by: actor, body: value as Record<string, unknown> }),
    }),
  )

/** A value read from an instrument; `unit` as shown on it. */
export const readingTaken = entry(
  'reading-taken',
  shape({ of: line().required(), value: within(-1e12, 1e12).required(), unit: line().required(), note: line() }),
)
/** The old part and the new one were held side by side. */
export const partCompared = entry(
  'part-compared',
  shape({ part: line().required(), same: yup.boolean().required(), differs: line() }),
)
/** Something was checked. */
export const checkDone = entry(
  'check-done',
  shape({
    check: line().required(),
    passed: yup.boolean().required(),
    note: line(),
    /** The step it belongs to, and the debt that was checked, where it is a check of refitting. */
    step: uuid(),
    debt: debtId(),
  }),
)
/** A step that closes zones was taken: clean, or with something still owed behind it and a reason. */
export const gatePassed = entry(
  'gate-passed',
  shape({
    step: uuid().required(),
    owed: listOf(debtId().required(), limits.debts).required(),
    reason: line().when('owed', ([owed], reason) =>
      Array.isArray(owed) && owed.length ? reason.required('say why it is closed all the same') : reason,
    ),
    zones: listOf(zoneId().required(), limits.zones),
    /** Temporaries and tools that were counted out, by name, and those that were not. */
    counted: listOf(line().required(), limits.counted),
    uncounted: listOf(line().required(), limits.counted),
  }),
)
/** Something is left over, or one is short, or both. */
export const leftoverReported = entry(
  'leftover-reported',
  shape({
    what: line().required('say what is left over or short'),
    asks: oneOf(['left over', 'one short', 'swap']),
    /** What is known of the thing that is left over. */
    known: known.default(undefined).optional(),
    /** The debt of which one is short. */
    short: debtId(),
  }),
)
/** A place was looked at for it: by its name in the search. */
export const placeLooked = entry(
  'place-looked',
  shape({ leftover: uuid().required(), place: line().required(), found: yup.boolean().required() }),
)
/** Where the leftover came from, or where what was short is. */
export const leftoverExplained = entry(
  'leftover-explained',
  shape({ leftover: uuid().required(), by: line().required(), place: line() }),
)
/** Something worth writing down. */
export const noteAdded = entry('note-added', shape({ text: line().required(), step: uuid() }))

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
