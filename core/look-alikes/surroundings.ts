import { amongWires, earthing, inTheWet, onTheTub, turning } from '../assembly/part-traits.ts'
import type { Lot } from './lot.ts'

const isAt = ({ things }: Lot, parts: ReadonlySet<string>): boolean => things.some(name => parts.has(name))

/** What a screw that is too long would meet behind its hole, as far as the parts at its place and its zone tell. */
export function behind(lot: Lot): 'the tub wall' | 'a wire' | 'what lies behind' {
  const { zone = '' } = lot
  if (isAt(lot, onTheTub)) return 'the tub wall'
  if (isAt(lot, amongWires)) return 'a wire'
  if (zone === 'tub' || zone === 'suspension') return 'the tub wall'
  if (zone === 'console') return 'a wire'
  return 'what lies behind'
}

const wetZones = new Set(['door', 'tub', 'drawer', 'valves', 'base'])
/** True where water gets at a screw in use. */
export const isWet = (lot: Lot): boolean => wetZones.has(lot.zone ?? '') || isAt(lot, inTheWet)

/** True where what it holds turns with the drum or the motor. */
export const spins = (lot: Lot): boolean => lot.zone === 'drive' || isAt(lot, turning)
/** True where the earth of the machine hangs on it. */
export const earths = (lot: Lot): boolean => isAt(lot, earthing)
