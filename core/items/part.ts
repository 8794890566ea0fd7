import type { InferType } from 'yup'
import * as yup from 'yup'
import { limits } from '../schema/limits.ts'
import { line, listOf, oneOf, shape, zoneId } from '../schema/atoms.ts'
import type { Caution } from '../words/cautions.ts'
import { note, type Note } from '../words/note.ts'
import { say, type Phrase } from '../words/phrase.ts'

/** A part as it sits: which way it faces, how it seats, what it weighs on the hand. */
export const part = shape({
  name: line().required('name the part'),
  /** The usual name of what it was taken for; its own name again where it is none of the known parts. */
  is: line(),
  /** `arrow up`, `tab in its slot`, `angled face to the left`. */
  orientation: line(),
  seat: oneOf(['click', 'flush', 'bottomed']),
  fit: oneOf(['loose', 'spline', 'press']),
  /** People needed to lift it. */
  people: yup.number().integer().min(1).max(6, '${path} can be 6 at most'),
  fragile: yup.boolean(),
  stores: oneOf(['spring', 'charge', 'pressure', 'magnet']),
  /** Zones that open when this part is away, and close when it is back. */
  opens: listOf(zoneId().required(), limits.zones),
  /** Where it lies while it is off. */
  lies: line(),
})
export type Part = InferType<typeof part>

const seats = { click: say`Hear it click`, flush: say`Flush all round`, bottomed: say`Down to the stop` } as const

/** How it faces and seats, as short imperatives. */
export const seatNotes = (p: Part): Note[] =>
  [p.orientation, p.seat && seats[p.seat], p.fragile && say`Fragile: do not lever`]
    .filter((says): says is Phrase => Boolean(says))
    .map(says => note(says))

const stored: Record<NonNullable<Part['stores']>, Caution> = {
  spring: 'spring',
  charge: 'capacitor',
  pressure: 'water',
  magnet: 'magnet',
}

/** The cautions that go with lifting and holding it. */
export const partCautions = (p: Part): Caution[] => [
  ...((p.people ?? 1) > 1 ? (['heavy'] as const) : []),
  ...(p.stores ? [stored[p.stores]] : []),
]
