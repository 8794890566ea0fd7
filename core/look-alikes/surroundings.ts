import type { Lot } from './lot.ts'

/** What a screw that is too long would meet behind its hole, as far as its place and zone tell. */
export function behind({ place = '', zone = '' }: Lot): 'the tub wall' | 'a wire' | 'what lies behind' {
  if (/tub|drum|tank|sump|bellows/i.test(place)) return 'the tub wall'
  if (/wire|loom|board|console|control|harness|switch|module|heater|filter|motor/i.test(place)) return 'a wire'
  if (zone === 'tub' || zone === 'suspension') return 'the tub wall'
  if (zone === 'console') return 'a wire'
  return 'what lies behind'
}

const wetZones = new Set(['door', 'tub', 'drawer', 'valves', 'base'])
/** True where water gets at a screw in use. */
export const isWet = ({ place = '', zone = '' }: Lot): boolean =>
  wetZones.has(zone) || /tub|drum|pump|drawer|valve|bellows|sump|hose|dispenser/i.test(place)

/** True where what it holds turns with the drum or the motor. */
export const spins = ({ place = '', zone = '' }: Lot): boolean =>
  zone === 'drive' || /pulley|rotor|shaft|motor|drum|fan/i.test(place)
