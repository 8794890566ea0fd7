/** The builds of machines that are known. */
export const families = ['front-loader', 'top-loader'] as const
/** A build of machines, with its zones and covers. */
export type Family = (typeof families)[number]

export interface Zone {
  id: string
  name: string
  /** The zone whose cover also hides this one. */
  within?: string
  /**
   * What can be within reach of a hand here while the machine has power, and which things those are: reviewed by hand, the worse of the
   * machines of this family taken.
   */
  guards?: Guards
}
/** What a cover guards against: what turns, and what is live. */
export type Hazard = 'spins' | 'live'
/** Each hazard with the things that it comes from. */
export type Guards = Partial<Record<Hazard, string>>
/** A cover that this family usually has: the part by its usual name, the zones that open when it comes off, and the minutes to take it off and put it on again: our own estimates. */
export interface Cover {
  name: string
  zone: string
  opens: readonly string[]
  minutes: number
}
/** A way in which a family lets its water out, with the litres to expect: our own estimates, rounded up. */
export interface Drain {
  by: 'filter' | 'drain tube' | 'hose'
  zone: string
  how: string
  /** Litres that are left after the pump has run dry, and with a tub that is full. */
  litres: readonly [pumped: number, full: number]
}
export interface Anatomy {
  name: string
  zones: readonly Zone[]
  covers: readonly Cover[]
  drains: readonly Drain[]
  /** What holds the way in shut while it has power. */
  lock: string
  /** What swings open when the machine is laid down. */
  loose: string
}

/** The regions that a cover or a part hides, by family. Zones nest: closing the outer one closes what is within. */
export const anatomy: Record<Family, Anatomy> = {
  'front-loader': {
    name: 'front loader',
    zones: [
      { id: 'outside', name: 'outside' },
      {
        id: 'top',
        name: 'top',
        guards: { live: 'mains filter, board and terminals', spins: 'pulley and belt, reached over the tub' },
      },
      { id: 'console', name: 'console', within: 'top', guards: { live: 'display, selector and their board' } },
      { id: 'drawer', name: 'drawer', within: 'top' },
      { id: 'valves', name: 'valves', within: 'top', guards: { live: 'coils of the valves' } },
      { id: 'front', name: 'front', guards: { live: 'door lock, on some the heater' } },
      { id: 'door', name: 'door and bellows' },
      { id: 'tub', name: 'tub interior', within: 'door', guards: { spins: 'drum' } },
      { id: 'rear', name: 'rear', guards: { live: 'heater and its terminals' } },
      {
        id: 'drive',
        name: 'drive',
        within: 'rear',
        guards: { spins: 'pulley, belt, motor', live: 'motor and its plug' },
      },
      {
        id: 'base',
        name: 'base',
        guards: { live: 'pump and its plug, on some the motor board', spins: 'motor and belt, from below' },
      },
    ],
    covers: [
      { name: 'top panel', zone: 'outside', opens: ['top'], minutes: 4 },
      { name: 'rear panel', zone: 'outside', opens: ['rear', 'base'], minutes: 6 },
      { name: 'front panel', zone: 'outside', opens: ['front'], minutes: 12 },
      { name: 'kick plate', zone: 'outside', opens: ['base'], minutes: 4 },
      { name: 'console', zone: 'console', opens: ['console'], minutes: 6 },
      { name: 'bellows', zone: 'door', opens: ['tub'], minutes: 14 },
    ],
    drains: [
      { by: 'drain tube', zone: 'base', how: 'Pull the tube behind the low hatch, draw its stopper', litres: [2, 16] },
      { by: 'filter', zone: 'base', how: 'Turn the filter behind the low hatch a little at a time', litres: [2, 16] },
      { by: 'hose', zone: 'outside', how: 'Lay the drain hose into a bucket below the water level', litres: [1, 14] },
    ],
    lock: 'door',
    loose: 'door and drawer',
  },
  'top-loader': {
    name: 'top loader',
    zones: [
      { id: 'outside', name: 'outside' },
      { id: 'console', name: 'console', guards: { live: 'board, level switch and terminals' } },
      { id: 'top', name: 'top and lid', guards: { live: 'lid lock and its loom' } },
      { id: 'valves', name: 'valves', within: 'console', guards: { live: 'coils of the valves' } },
      { id: 'front', name: 'front' },
      { id: 'tub', name: 'tub interior', within: 'top', guards: { spins: 'basket and agitator' } },
      { id: 'suspension', name: 'suspension', within: 'front' },
      { id: 'base', name: 'base', within: 'front', guards: { live: 'pump and its plug' } },
      {
        id: 'drive',
        name: 'drive',
        within: 'base',
        guards: { spins: 'motor, coupler, gearbox', live: 'motor and capacitor' },
      },
      {
        id: 'rear',
        name: 'rear',
        guards: { spins: 'belt and pulleys, where a belt drives it', live: 'motor, capacitor and loom' },
      },
    ],
    covers: [
      { name: 'console', zone: 'console', opens: ['console'], minutes: 4 },
      { name: 'top panel', zone: 'top', opens: ['top'], minutes: 7 },
      { name: 'front panel', zone: 'outside', opens: ['front'], minutes: 5 },
      { name: 'rear panel', zone: 'outside', opens: ['rear'], minutes: 4 },
    ],
    drains: [
      { by: 'hose', zone: 'outside', how: 'Lay the drain hose into a bucket below the water level', litres: [3, 60] },
      {
        by: 'drain tube',
        zone: 'base',
        how: 'Pull the sump hose over a flat tray, a little at a time',
        litres: [3, 60],
      },
    ],
    lock: 'lid',
    loose: 'lid and agitator',
  },
}

/** The name of a zone as said, or the id where the family does not know it. */
export const zoneTitle = (family: Family, id: string): string =>
  anatomy[family].zones.find(z => z.id === id)?.name ?? id

/** A zone and those that it lies within, the innermost first. */
function withOuter(family: Family, zone: string | undefined): string[] {
  const all: string[] = []
  for (let at = zone; at; at = anatomy[family].zones.find(z => z.id === at)?.within) all.push(at)
  return all
}
/** True when `inner` is `outer` or lies within it. */
export const liesIn = (family: Family, inner: string, outer: string): boolean =>
  withOuter(family, inner).includes(outer)
/** The zones that must be open for a hand to reach a place, the innermost first; none for what is outside. */
export const shutOver = (family: Family, zone: string | undefined): string[] =>
  withOuter(family, zone).filter(z => z !== 'outside')

const notKnown: Guards = { spins: 'whatever turns there', live: 'whatever is live there' }
/** What a cover of these zones guards against, with the things that lie in them or within them. A zone that the family does not know may hold all of it. */
export function guardsOver(family: Family, opened: readonly string[]): ReadonlyMap<Hazard, readonly string[]> {
  const { zones } = anatomy[family]
  const found = new Map<Hazard, string[]>()
  const guards = opened.flatMap(zone =>
    zones.some(z => z.id === zone)
      ? zones.filter(z => liesIn(family, z.id, zone)).flatMap(z => z.guards ?? [])
      : [notKnown],
  )
  for (const [hazard, things] of guards.flatMap(g => Object.entries(g) as [Hazard, string][]))
    found.set(hazard, [...new Set([...(found.get(hazard) ?? []), things])])
  return found
}
/** The hazards alone. */
export const guardedIn = (family: Family, opened: readonly string[]): Hazard[] => [...guardsOver(family, opened).keys()]

/** Behind a cover there are live parts while the machine has power; a place that was not named may be one of them. */
export const mayBeLive = (zone: string | undefined): boolean => zone !== 'outside'
