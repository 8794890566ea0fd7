import type { InferType } from 'yup'
import * as yup from 'yup'
import { above0, count, line, listOf, oneOf, shape } from '../schema/atoms.ts'
import { join, say, type Phrase } from '../words/phrase.ts'

/** One plug and its socket. Reach in mm: how far the cable lets it go. */
export const connector = shape({
  label: line(),
  housing: line(),
  ways: count(),
  /** Wire colours in order of the ways. */
  wires: listOf(line().required(), 64),
  lock: oneOf(['tab', 'secondary slider', 'none']),
  keyed: yup.boolean(),
  reach: above0(10_000, 'mm'),
  /** Where a single wire sits: the name of its terminal. */
  terminal: line(),
})
export type Connector = InferType<typeof connector>

/** `P1, white, 3 ways, red/blue/green`. */
export const connectorName = (c: Connector): Phrase =>
  join(
    ', ',
    c.label,
    join(' ', c.housing, say`plug`),
    c.ways && (c.ways === 1 ? say`1 way` : say`${c.ways} ways`),
    c.wires?.length && c.wires.join('/'),
    c.terminal && say`terminal ${c.terminal}`,
  )
