import type { Dice } from '../dice.ts'
import { bodies, type Body, type Thing } from './machine.ts'

/** What a hand really did, whatever was written down of it. */
export type Done =
  | { did: 'plug out' }
  | { did: 'tap shut' }
  | { did: 'turned'; from: string; to: string }
  | { did: 'block in' }
  | { did: 'unscrewed'; what: string }
  | { did: 'off'; what: string }
  | { did: 'parked'; what: string }
/** One move as it was written down, and what was really done; nothing where it never was. */
export interface Written {
  move: Record<string, unknown>
  really?: Done
}
/** One step as it was written down. */
export interface WrittenStep {
  zone: string | undefined
  moves: Written[]
}
/** How one line was misread. */
export const misreadings = [
  'nothing',
  'another zone',
  'an isolation that was none',
  'two lines in one step',
  'a part that nobody knows',
  'a count that is off',
] as const
export type Misreading = (typeof misreadings)[number]
export interface Story {
  body: Body
  steps: WrittenStep[]
}

const postures = ['upright', 'tipped back', 'on its back', 'on its front', 'on its left side', 'on its right side']
const screws = (place: string, count: number): Record<string, unknown> => ({
  kind: 'remove-fasteners',
  place,
  count,
  fastener: { drive: 'torx', size: 'T20' },
})
/** How a thing comes off, in what is written. */
function takenOff({ name, by }: Thing): Record<string, unknown> {
  if (by === 'plug') return { kind: 'unplug', connector: { label: name } }
  if (by === 'hose') return { kind: 'open-joint', joint: { hose: name } }
  if (by === 'belt') return { kind: 'slip-belt' }
  return { kind: 'remove-part', part: { name } }
}

/** A machine that was really taken apart so, as far as chance has it; every line is written down as it was. */
function truly(d: Dice): Story {
  const body = d.pick(bodies)
  const steps: WrittenStep[] = []
  const write = (zone: string, move: Record<string, unknown>, really: Done) =>
    steps.push({ zone, moves: [{ move, really }] })
  let zone = 'outside'
  let posture = 'upright'
  const mains: [string, Done][] = [
    ['power', { did: 'plug out' }],
    ['cold water', { did: 'tap shut' }],
  ]
  const isolate = () => {
    const [what, done] = mains.shift()!
    write(d.hit(0.5) ? zone : 'outside', { kind: 'isolate', what }, done)
  }
  const turn = () => {
    const to = d.pick(postures.filter(p => p !== posture))
    const moves: Written[] = [
      { move: { kind: 'turn-machine', from: posture, to }, really: { did: 'turned', from: posture, to } },
    ]
    if (d.hit(0.3))
      moves.push({ move: { kind: 'place-temporary', thing: 'block', count: 1 }, really: { did: 'block in' } })
    steps.push({ zone: 'outside', moves })
    posture = to
  }
  if (d.hit(0.6)) while (mains.length) isolate()
  const off = new Set<string>()
  const left = new Set<string>()
  const length = d.int(6, 24)
  while (steps.length < length) {
    if (mains.length && d.hit(0.2)) isolate()
    const closed = body.covers.filter(c => !off.has(c.name))
    const inReach = body.things.filter(t => !off.has(t.name) && !left.has(t.name) && t.behind.some(c => off.has(c)))
    if (closed.length && (inReach.length === 0 || d.hit(0.12))) {
      const cover = d.pick(closed)
      write(cover.at, screws(cover.name, cover.screws), { did: 'unscrewed', what: cover.name })
      const parks = d.hit(0.15)
      const part = { name: cover.name, opens: [...cover.opens] }
      write(
        cover.at,
        { kind: parks ? 'park-part' : 'remove-part', part },
        { did: parks ? 'parked' : 'off', what: cover.name },
      )
      off.add(cover.name)
      zone = cover.opens[0]!
    } else if (d.hit(0.12)) turn()
    else if (inReach.length) {
      const thing = d.pick(inReach)
      zone = thing.at
      if (thing.screws) write(thing.at, screws(thing.name, thing.screws), { did: 'unscrewed', what: thing.name })
      if (d.hit(0.2)) turn()
      if (thing.screws && d.hit(0.15)) left.add(thing.name)
      else {
        write(thing.at, takenOff(thing), { did: 'off', what: thing.name })
        off.add(thing.name)
      }
    } else break
  }
  return { body, steps }
}

const nonsense = (n: number) => `frobber ${n}`
/** The same written move with its names made strange. */
function unknown(move: Record<string, unknown>, n: number): Record<string, unknown> {
  if (move.part) return { ...move, part: { ...(move.part as object), name: nonsense(n) } }
  if (move.joint) return { ...move, joint: { hose: nonsense(n) } }
  if (move.connector) return { ...move, connector: { label: nonsense(n) } }
  return move.place ? { ...move, place: nonsense(n) } : move
}
const zones = ['outside', 'top', 'front', 'rear', 'base', 'drive', 'console', 'tub', 'valves', undefined]

/** A story with one of its lines misread. */
export function story(d: Dice, how: Misreading): Story {
  const { body, steps } = truly(d)
  const at = d.int(0, steps.length - 1)
  const own = steps[at]!
  const other = (): WrittenStep => {
    switch (how) {
      case 'another zone':
        return { ...own, zone: d.pick(zones.filter(z => z !== own.zone)) }
      case 'an isolation that was none':
        return {
          ...own,
          moves: [...own.moves, { move: { kind: 'isolate', what: d.pick(['power', 'cold water']) } }],
        }
      case 'two lines in one step':
        return { ...own, moves: [...own.moves, ...(steps[at + 1]?.moves ?? [])] }
      case 'a part that nobody knows':
        return { ...own, moves: own.moves.map(m => ({ ...m, move: unknown(m.move, at) })) }
      case 'a count that is off':
        return {
          ...own,
          moves: own.moves.map(({ move, ...m }) => ({
            ...m,
            move: move.count ? { ...move, count: Math.max(1, Number(move.count) + d.pick([-1, 1])) } : move,
          })),
        }
      default:
        return own
    }
  }
  // A false isolation can stand in a step of its own as well.
  const alone = how === 'an isolation that was none' && d.hit(0.5)
  const misread = other()
  const written = alone ? [own, { zone: own.zone, moves: misread.moves.slice(own.moves.length) }] : [misread]
  return { body, steps: steps.toSpliced(at, how === 'two lines in one step' ? 2 : 1, ...written) }
}
