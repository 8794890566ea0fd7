import { line, photoHash, shape, uuid, year } from '../../schema/atoms.ts'
import { eventKind, stampOf } from '../event-kind.ts'
import { accept, refuse } from '../refusals.ts'
import type { IntakeField } from '../state.ts'

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

/** What was said, read or ticked off was not so; the log keeps both. */
export const entryWithdrawn = eventKind(
  'entry-withdrawn',
  shape({ entry: uuid().required(), reason: line() }),
  (state, { entry }) =>
    state.entries.has(entry) ? accept({ ...state, entries: state.entries.remove(entry) }) : refuse(17),
)
