import type { InferType } from 'yup'
import * as yup from 'yup'
import { count, line, oneOf, shape } from '../schema.ts'
import { join } from '../text/words.ts'

/** One plug and its socket. Reach in mm: how far the cable lets it go. */
export const connector = shape({
  label: line(),
  housing: line(),
  ways: count(),
  /** Wire colours in order of the ways. */
  wires: yup.array(line().required()).max(64, '${path} can name 64 wires at most'),
  lock: oneOf(['tab', 'secondary slider', 'none']),
  keyed: yup.boolean(),
  reach: yup.number().positive('${path} must be more than 0 mm'),
  /** Where a single wire sits: the name of its terminal. */
  terminal: line(),
})
export type Connector = InferType<typeof connector>

/** `P1, white, 3 ways, red/blue/green`. */
export const connectorName = (c: Connector): string =>
  join(
    ', ',
    c.label,
    join(' ', c.housing, 'plug'),
    c.ways && `${c.ways} ${c.ways === 1 ? 'way' : 'ways'}`,
    c.wires?.length && c.wires.join('/'),
    c.terminal && `terminal ${c.terminal}`,
  )
