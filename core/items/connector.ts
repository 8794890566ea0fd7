import type { InferType } from 'yup'
import * as yup from 'yup'
import { above0, count, line, listOf, oneOf, shape } from '../schema/atoms.ts'
import { join, say, type Phrase } from '../words/phrase.ts'

/** Where a single terminal sits on what it is pushed or screwed to, and how it stands there. */
export const sittings = ['upright', 'flat', 'upper', 'middle', 'lower', 'left', 'right'] as const

/** One plug and its socket, or a single terminal. Reach in mm: how far the cable lets it go. */
export const connector = shape({
  /** A housing with ways where nothing is said. */
  type: oneOf(['plug', 'spade', 'ring']),
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
  sits: oneOf(sittings),
})
export type Connector = InferType<typeof connector>

/** True when it is one wire on a terminal of its own, not a housing with ways. */
export const isSingle = (c: Connector): boolean => c.type === 'spade' || c.type === 'ring'

/** `upper terminal L1`; nothing where its place is not known. */
function seatOf({ sits, terminal }: Connector): Phrase | undefined {
  if (sits === 'upright' || sits === 'flat')
    return terminal ? say`terminal ${terminal}, ${{ say: sits }}` : { say: sits }
  if (sits) return terminal ? say`${{ say: sits }} terminal ${terminal}` : say`${{ say: sits }} terminal`
  return terminal && say`terminal ${terminal}`
}

/** `P1, white plug, 3 ways, red/blue/green`; `brown spade, upper terminal`. */
export const connectorName = (c: Connector): Phrase =>
  isSingle(c)
    ? join(', ', c.label, join(' ', c.wires?.join('/'), c.housing, { say: c.type! }), seatOf(c))
    : join(
        ', ',
        c.label,
        join(' ', c.housing, say`plug`),
        c.ways && (c.ways === 1 ? say`1 way` : say`${c.ways} ways`),
        c.wires?.length && c.wires.join('/'),
        seatOf(c),
      )
