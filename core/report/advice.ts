import { resolvePart } from '../assembly/resolve.ts'
import type { Family } from '../machine/families.ts'

/** What a customer can do so that it does not come back, by the part that failed: our own words, of general use. */
const table: readonly (readonly [parts: string, advice: string])[] = [
  [
    'drain pump, pump filter, pump housing, pump impeller, recirculation pump, check valve',
    'Empty pockets before washing, and clean the filter behind the low hatch every two months. Coins, pins and hair stop the pump.',
  ],
  [
    'drain hose, hose holder',
    'Keep the drain hose at the height at which we left it, and never push it far into the standpipe.',
  ],
  [
    'heater, temperature sensor, thermostat, thermal fuse',
    'Dose for the hardness of your water and wash hot now and then: scale on the heater is what wears it out.',
  ],
  [
    'inlet valve, cold inlet valve, hot inlet valve, inlet screen, inlet hose, flow meter, anti-flood hose',
    'Close the tap when you are away for long, and have the small sieve at the tap cleaned once a year.',
  ],
  [
    'bellows, bellows clamp, inner bellows clamp, door glass, drain tube of bellows',
    'Wipe the rubber and the glass dry after the last wash, and leave the door a little open. Check pockets for what is sharp.',
  ],
  [
    'door lock, door hook, door hinge, lid lock, lid hinge, lid strike, lock cord, door handle',
    'Do not lean on the open door or lid, and do not pull while it is locked: it opens by itself after a minute or two.',
  ],
  [
    'drum bearing, bearing seal, bearing housing, drum shaft, drum spider',
    'Do not overfill it, and spread heavy pieces. If it roars in the spin again, stop and call: it only gets dearer.',
  ],
  [
    'damper, damper pin, spring, left spring, right spring, suspension rod, snubber, counterweight, upper counterweight, front counterweight, foot',
    'Let it stand level on a firm floor, feet locked, and wash one heavy piece together with small ones.',
  ],
  [
    'drive belt, motor brush, drive motor, motor coupler, clutch, drum pulley, motor pulley, rotor, stator, capacitor',
    'Keep to the load that the maker names for each programme: an overfull drum is what wears the drive.',
  ],
  [
    'drawer, drawer housing, softener cup, dosing pump, drawer hose, water distributor',
    'Take the drawer out once a month and rinse it under warm water. Dose no more than the pack says.',
  ],
  [
    'pressure switch, pressure hose, air chamber',
    'Wash at 60 degrees once a month with a full dose: slime in the level tube makes it fill wrong.',
  ],
  [
    'control board, display board, power module, mains filter, timer, motor board',
    'Give it a socket of its own, no extension lead, and pull the plug when there is a thunderstorm.',
  ],
  ['leak sensor', 'If it tells of a leak again, close the tap first and call: do not switch it on to see.'],
]
const adviceOf = new Map(table.flatMap(([parts, words]) => parts.split(', ').map(part => [part, words] as const)))

/** What to tell the customer, by the things that were at fault or new, as they were named; each piece of advice once. */
export const adviceFor = (names: readonly string[], family: Family): string[] => [
  ...new Set(names.flatMap(name => adviceOf.get(resolvePart(name, { family }).part?.name ?? '') ?? [])),
]
