import { line, listOf, oneOf, photoHash, shape, uuid, year, zoneId } from '../../schema.ts'
import { eventKind, stampOf } from '../event-kind.ts'
import { accept, refuse } from '../refusals.ts'
import { photo } from '../step.ts'
import type { IntakeField } from '../state.ts'

/** How a thing was found before anybody touched it. */
export const foundStates = ['missing', 'broken', 'worn', 'wrong part', 'leaking'] as const

/** What is told at intake. The latest word by the clock of the devices wins, field by field. */
export const intakeTold = eventKind(
  'intake-told',
  shape({
    /** In the customer's words. */
    complaint: line(),
    /** What was seen when it was tried. */
    seen: line(),
    /** The code it shows. */
    shows: line(),
    /** The code on the fascia, where it is not the plate's. */
    fascia: line(),
    stands: line(),
    /** Year of make. */
    made: year(),
    plate: photoHash(),
  }),
  (state, body, stamp) => {
    const at = stampOf(stamp)
    const told = { ...state.intake }
    for (const [field, value] of Object.entries(body) as [IntakeField, string | number | undefined][])
      if (value !== undefined && at >= (told[field]?.at ?? '')) told[field] = { value, at }
    return accept({ ...state, intake: told })
  },
)

/** Something that was missing or broken before we came: it stays in the record, and is never a debt. */
export const foundBefore = eventKind(
  'found-before',
  shape({
    what: line().required('say what was found'),
    how: oneOf(foundStates).required(),
    zone: zoneId(),
    photos: listOf(photo.required(), 8).required(),
  }),
  (state, body, { id, at, actor }) =>
    accept({ ...state, entries: state.entries.set(id, { kind: 'found-before', at, by: actor, body }) }),
)

/** What was said, read or ticked off was not so; the log keeps both. */
export const entryWithdrawn = eventKind(
  'entry-withdrawn',
  shape({ entry: uuid().required(), reason: line() }),
  (state, { entry }) =>
    state.entries.has(entry) ? accept({ ...state, entries: state.entries.remove(entry) }) : refuse(17),
)
