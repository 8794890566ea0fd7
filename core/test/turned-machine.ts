import { foldAll } from '../log/fold.ts'
import { refusalWords } from '../log/refusals.ts'
import type { JobEvent } from '../log/event.ts'
import type { JobState } from '../log/state.ts'
import { postures, type Posture } from '../machine/postures.ts'
import { event, id, opening } from './arbitrary-log.ts'
import { dice } from './dice.ts'

/** What a turned machine is made of, for whoever checks its return: each heavy part with its steps, by their numbers. */
export interface Heavy {
  name: string
  seat: number
  groups: number[]
}
interface Told {
  zone: string
  posture: Posture
  moves: object[]
  seatOf?: string
  groupOf?: string
}

/** Heavy parts by their usual names, each with other names under which people say it. */
const aliases: Record<string, readonly string[]> = {
  'upper counterweight': ['top weight', 'upper concrete weight'],
  'front counterweight': ['front weight', 'lower weight'],
  'drive motor': ['wash motor', 'main motor'],
  'drum unit': ['tub and drum', 'swinging unit'],
  stator: ['motor stator', 'coil pack'],
  'front panel': ['front cover', 'cabinet front'],
  'rear tub half': ['tub back', 'rear shell'],
}
const heavies = Object.keys(aliases)
/** The same machine with shapes that are rarer. */
interface Shapes {
  /** Parts are also said by other names; screws hold something else too; lines run behind parts; brushes are exchanged; a cover is parked. */
  odd?: boolean
}

/**
 * A descent that was really possible: the machine is turned several times, heavy parts are held by groups that are undone in one posture or
 * another, the last one where the part comes off; sometimes it is turned once and back only to knock something loose. In about so many
 * steps, from the seed alone.
 */
export function turnedMachine(
  seed: number,
  steps: number,
  { odd = false }: Shapes = {},
): { log: JobEvent[]; heavy: Heavy[]; home: Posture } {
  const d = dice(seed)
  const saidAs = (name: string) => (odd && d.hit(0.4) ? d.pick([...aliases[name]!]) : name)
  const told: Told[] = []
  let at: Posture = d.hit(0.9) ? 'upright' : d.pick([...postures])
  const tell = (zone: string, move: object, more: Partial<Told> = {}) =>
    told.push({ zone, posture: at, moves: [move], ...more })
  const turn = (to: Posture) => {
    if (to === at) return
    told.push({ zone: 'outside', posture: to, moves: [{ kind: 'turn-machine', from: at, to }] })
    at = to
  }
  const home = at
  tell('outside', { kind: 'isolate', what: 'power' })
  const left = heavies.map(name => ({ name, groups: d.int(1, 3), open: false }))
  for (let n = 1; told.length < steps; n++) {
    if (d.hit(0.15)) turn(d.pick(postures.filter(p => p !== at)))
    if (d.hit(0.05)) {
      const was = at
      turn(d.pick(postures.filter(p => p !== at)))
      turn(was)
    }
    const part = left.length ? d.pick(left) : undefined
    if (part && d.hit(0.5)) {
      const size = d.pick(['8 mm', '10 mm', '13 mm'] as const)
      const under = odd && d.hit(0.15) ? { shares: ['ground eyelet'] } : {}
      tell(
        'rear',
        {
          kind: 'remove-fasteners',
          count: d.int(1, 4),
          place: saidAs(part.name),
          fastener: { drive: 'hex head', size },
          ...under,
        },
        { groupOf: part.name },
      )
      part.groups -= 1
      if (part.groups > 0) continue
      left.splice(left.indexOf(part), 1)
      if (d.hit(0.3)) tell('rear', { kind: 'unplug', connector: { label: `P${n}` } })
      if (d.hit(0.1)) {
        // It does not come: the machine is turned to knock it out, and laid as it was.
        const was = at
        turn(d.pick(postures.filter(p => p !== at)))
        turn(was)
      }
      tell('rear', { kind: 'remove-part', part: { name: saidAs(part.name) } }, { seatOf: part.name })
    } else if (odd && d.hit(0.2)) {
      const name = d.pick(heavies)
      tell(
        'rear',
        d.pick([
          { kind: 'exchange', part: { name: 'left brush', orientation: 'slope to the left' } },
          { kind: 'attend', act: 'knock loose', thing: saidAs(name) },
          { kind: 'unroute', route: { waypoints: [{ by: 'behind', of: saidAs(name) }] } },
          { kind: 'unroute', route: { waypoints: [{ by: 'over', of: saidAs(name) }] } },
          { kind: 'park-part', part: { name: 'drawer housing' } },
        ]),
      )
    } else if (d.hit(0.5)) tell('rear', { kind: 'unplug', connector: { label: `Q${n}` } })
    else tell('base', { kind: 'open-joint', joint: { hose: `hose ${n}` } })
  }
  const log = told.map(({ zone, posture, moves }, i) =>
    event(
      'step-recorded',
      {
        step: {
          id: id(i + 1, 's'),
          zone,
          posture,
          photos: [],
          marks: [],
          moves: moves.map((m, k) => ({ id: id((i + 1) * 100 + k, 'm'), way: 'down', ...m })),
        },
      },
      (i + 1) * 40,
    ),
  )
  const numbered = told.map((t, i) => ({ ...t, number: i + 1 }))
  const heavy = heavies.flatMap(name => {
    const groups = numbered.filter(t => t.groupOf === name).map(t => t.number)
    const seat = numbered.find(t => t.seatOf === name)?.number ?? 0
    return groups.length ? [{ name, seat, groups }] : []
  })
  return { log: [opening(), ...log], heavy, home }
}

/** The same as a state. */
export function turnedState(
  seed: number,
  steps: number,
  shapes: Shapes = {},
): { state: JobState; heavy: Heavy[]; home: Posture } {
  const { log, heavy, home } = turnedMachine(seed, steps, shapes)
  const { state, refused } = foldAll(log)
  if (refused.length) throw new Error(refusalWords(refused[0]!.refusal))
  return { state, heavy, home }
}

/**
 * What goes wrong along a return, walked by somebody who knows only the machine: turns with a heavy part in place that nothing holds, or
 * that is not fastened although it could be where the machine lies; steps in another posture than that of the descent; and how it stands
 * in the end. `walk` names the steps by their numbers, a turn by where it leads.
 */
export function troubles(
  state: JobState,
  heavy: readonly Heavy[],
  walk: readonly (number | { to: string })[],
  stands: string,
): { falls: string[]; wrong: number[]; ends: string } {
  const postureOf = (n: number) => state.steps.get(id(n, 's'))!.posture ?? 'upright'
  const done = new Set<number>()
  const [falls, wrong]: [string[], number[]] = [[], []]
  let at = stands
  for (const item of walk) {
    if (typeof item === 'number') {
      if (postureOf(item) !== at && !state.steps.get(id(item, 's'))!.moves.some(m => m.kind === 'isolate'))
        wrong.push(item)
      done.add(item)
      continue
    }
    for (const { name, seat, groups } of heavy) {
      if (seat !== 0 && !done.has(seat)) continue
      if (!groups.some(g => done.has(g)) || groups.some(g => !done.has(g) && postureOf(g) === at)) {
        // A part that never came off is still held by what was never undone of it.
        if (seat !== 0) falls.push(name)
      }
    }
    at = item.to
  }
  return { falls, wrong, ends: at }
}
