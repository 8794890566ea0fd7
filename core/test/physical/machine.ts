/**
 * A washer as a body of metal, water and wire, for checking what the core proposes. It knows nothing of the core: what lies behind
 * what, what is live, what turns, what holds water and what is heavy was written down by hand, for this file alone.
 */
export interface Thing {
  name: string
  /** Where a technician would say that it is. */
  at: string
  /** Any of these off, and a hand reaches it. None: it is always within reach. */
  behind: readonly string[]
  live?: true
  turns?: true
  wet?: true
  kg: number
  /** Screws that hold it; none where it is pushed or hooked. */
  screws: number
  /** Comes away by a plug, a clamp or by slipping it off alone. */
  by?: 'plug' | 'hose' | 'belt'
}
export interface Body {
  family: 'front-loader' | 'top-loader'
  covers: readonly { name: string; at: string; opens: readonly string[]; screws: number; kg: number }[]
  things: readonly Thing[]
}

const frontLoader: Body = {
  family: 'front-loader',
  covers: [
    { name: 'top panel', at: 'outside', opens: ['top'], screws: 2, kg: 5 },
    { name: 'rear panel', at: 'outside', opens: ['rear', 'base'], screws: 6, kg: 3 },
    { name: 'front panel', at: 'outside', opens: ['front'], screws: 5, kg: 7 },
    { name: 'kick plate', at: 'outside', opens: ['base'], screws: 3, kg: 1 },
  ],
  things: [
    { name: 'drive belt', at: 'drive', behind: ['rear panel'], turns: true, kg: 0.2, screws: 0, by: 'belt' },
    { name: 'drive motor', at: 'drive', behind: ['rear panel'], live: true, turns: true, kg: 6, screws: 2 },
    { name: 'motor plug', at: 'drive', behind: ['rear panel'], live: true, kg: 0, screws: 0, by: 'plug' },
    { name: 'heater', at: 'rear', behind: ['rear panel'], live: true, wet: true, kg: 0.8, screws: 1 },
    { name: 'control board', at: 'top', behind: ['top panel'], live: true, kg: 0.5, screws: 3 },
    { name: 'mains filter', at: 'top', behind: ['top panel'], live: true, kg: 0.3, screws: 1 },
    { name: 'upper counterweight', at: 'top', behind: ['top panel'], kg: 11, screws: 3 },
    { name: 'inlet valve', at: 'valves', behind: ['top panel'], live: true, wet: true, kg: 0.4, screws: 2 },
    { name: 'fill hose', at: 'valves', behind: ['top panel'], wet: true, kg: 0.1, screws: 0, by: 'hose' },
    { name: 'drain pump', at: 'base', behind: ['rear panel', 'kick plate'], live: true, wet: true, kg: 0.9, screws: 3 },
    { name: 'sump hose', at: 'base', behind: ['rear panel', 'kick plate'], wet: true, kg: 0.3, screws: 0, by: 'hose' },
    { name: 'pump plug', at: 'base', behind: ['rear panel', 'kick plate'], live: true, kg: 0, screws: 0, by: 'plug' },
    { name: 'front counterweight', at: 'front', behind: ['front panel'], kg: 9, screws: 4 },
    { name: 'door lock', at: 'front', behind: ['front panel'], live: true, kg: 0.2, screws: 2 },
  ],
}
const topLoader: Body = {
  family: 'top-loader',
  covers: [
    { name: 'console', at: 'console', opens: ['console'], screws: 4, kg: 2 },
    { name: 'top panel', at: 'top', opens: ['top'], screws: 3, kg: 5 },
    { name: 'front panel', at: 'outside', opens: ['front'], screws: 4, kg: 6 },
    { name: 'rear panel', at: 'outside', opens: ['rear'], screws: 4, kg: 2 },
  ],
  things: [
    { name: 'control board', at: 'console', behind: ['console'], live: true, kg: 0.5, screws: 3 },
    { name: 'board plug', at: 'console', behind: ['console'], live: true, kg: 0, screws: 0, by: 'plug' },
    { name: 'pressure switch', at: 'console', behind: ['console'], kg: 0.1, screws: 1 },
    { name: 'lid lock', at: 'top', behind: ['top panel'], live: true, kg: 0.2, screws: 2 },
    { name: 'tub ring', at: 'tub', behind: ['top panel'], wet: true, kg: 1, screws: 0 },
    { name: 'basket', at: 'tub', behind: ['top panel'], turns: true, kg: 9, screws: 4 },
    { name: 'drain pump', at: 'base', behind: ['front panel'], live: true, wet: true, kg: 0.9, screws: 3 },
    { name: 'sump hose', at: 'base', behind: ['front panel'], wet: true, kg: 0.3, screws: 0, by: 'hose' },
    { name: 'drive motor', at: 'drive', behind: ['front panel'], live: true, turns: true, kg: 7, screws: 4 },
    { name: 'gearbox', at: 'drive', behind: ['front panel'], turns: true, kg: 13, screws: 8 },
    { name: 'drive belt', at: 'rear', behind: ['rear panel'], turns: true, kg: 0.2, screws: 0, by: 'belt' },
    { name: 'drain hose', at: 'rear', behind: ['rear panel'], wet: true, kg: 0.4, screws: 0, by: 'hose' },
    { name: 'motor plug', at: 'rear', behind: ['rear panel'], live: true, kg: 0, screws: 0, by: 'plug' },
  ],
}
export const bodies: readonly Body[] = [frontLoader, topLoader]
/** From so many kilograms on something that falls breaks a hand, a hose or the floor of the machine. */
export const heavy = 4
