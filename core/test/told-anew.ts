import { catalogue } from '../assembly/catalogue.ts'
import { countOf } from '../book/signature.ts'
import type { Recording } from '../book/recording.ts'
import type { Family } from '../machine/families.ts'
import type { Move } from '../moves/registry.ts'
import { dice, type Dice } from './dice.ts'

/** An act of a made-up machine as it is, whoever tells it: its number, and other words for what it names. */
interface True {
  ids: readonly number[]
  zone: string
  move: Move
  also: readonly string[]
}
/** A made-up machine: what its descent has in truth, with a second way in. */
export interface Truth {
  family: Family
  acts: readonly True[]
  otherWay: readonly True[]
}
/** A recording of it with which true acts each of its acts is. */
export interface ToldAnew {
  recording: Recording
  ids: readonly (readonly number[])[]
}

const sizes = ['T20', 'T25', 'PH2', '8 mm', '10 mm'] as const
const drives = { T20: 'torx', T25: 'torx', PH2: 'phillips', '8 mm': 'hex head', '10 mm': 'hex head' } as const
const colours = ['red', 'blue', 'white', 'black', 'brown', 'grey', 'green', 'yellow'] as const

/** A machine of about so many acts: covers, then the parts of what they open, with their screws, plugs, hoses, ties and looms. Follows from the seed. */
export function madeTruth(seed: number, acts: number): Truth {
  const d = dice(seed * 7919 + 5)
  const family = d.pick(['front-loader', 'top-loader'] as const)
  const parts = catalogue().flatMap(p => (p.zone[family] ? [{ ...p, at: p.zone[family] }] : []))
  let id = 0
  const act = (zone: string, move: object, also: readonly string[] = []): True => {
    id += 1
    return { ids: [id], zone, also, move: { id: `${id}`, way: 'down', ...move } as unknown as Move }
  }
  const screws = (zone: string, p: { name: string; also: readonly string[] }) => {
    const size = d.pick(sizes)
    const fastener = { drive: drives[size], size, length: d.pick([12, 16, 20, 30]) }
    return act(zone, { kind: 'remove-fasteners', place: p.name, count: d.int(1, 8), fastener }, p.also)
  }
  const whole = (part: (typeof parts)[number]): True[] => {
    const zone = part.at
    // Some have a twin: `left hinge`.
    const side = d.hit(0.2) ? d.pick(['left ', 'right ', 'upper ']) : ''
    const p = { name: side + part.name, also: part.also.map(n => side + n) }
    const all: True[] = []
    if (d.hit(0.5))
      all.push(
        act(
          zone,
          {
            kind: 'unplug',
            place: p.name,
            connector: {
              housing: d.pick(['white', 'black', 'blue']),
              wires: Array.from({ length: d.int(2, 4) }, () => d.pick(colours)),
            },
          },
          p.also,
        ),
      )
    if (d.hit(0.2))
      all.push(
        act(
          zone,
          { kind: 'open-joint', place: p.name, joint: { hose: 'hose', clamp: d.pick(['spring', 'worm']) } },
          p.also,
        ),
      )
    if (d.hit(0.25)) all.push(act(zone, { kind: 'cut', consumable: 'tie', count: d.int(1, 2), place: p.name }, p.also))
    if (d.hit(0.15))
      all.push(
        act(
          zone,
          {
            kind: 'unroute',
            place: p.name,
            route: { type: 'harness', waypoints: [{ by: 'retainer' }, { by: 'behind', of: p.name }] },
          },
          p.also,
        ),
      )
    all.push(screws(zone, p))
    if (d.hit(0.15)) all.push(screws(zone, p))
    all.push(act(zone, { kind: 'remove-part', part: { name: p.name } }, p.also))
    return all
  }
  const shuffled = [...parts].sort(() => d() - 0.5)
  const covers = shuffled.filter(p => p.at === 'outside')
  const inner = shuffled.filter(p => p.at !== 'outside')
  const told = [
    act('outside', { kind: 'isolate', what: 'power' }),
    act('outside', { kind: 'isolate', what: 'cold water' }),
  ]
  const otherWay = covers.slice(2, 4).flatMap(whole)
  for (const p of [...covers.slice(0, 2), ...inner]) if (told.length < acts) told.push(...whole(p))
  return { family, acts: told, otherWay }
}

/** A slip of the hand in a word of four letters at least: two letters change places, one is left out, or one is struck twice. */
function misspelt(d: Dice, text: string): string {
  const words = text.split(' ')
  const long = words.flatMap((w, i) => (w.length >= 4 ? [i] : []))
  if (!long.length) return text
  const i = d.pick(long)
  const w = words[i]!
  const at = d.int(1, w.length - 2)
  const slips = [
    w.slice(0, at) + w[at + 1]! + w[at]! + w.slice(at + 2),
    w.slice(0, at) + w.slice(at + 1),
    w.slice(0, at) + w[at]! + w.slice(at),
  ]
  return words.with(i, d.pick(slips)).join(' ')
}
const named = (act: True, name: (usual: string) => string): True => {
  const move = { ...act.move } as Move & { place?: string }
  if ('part' in move) return { ...act, move: { ...move, part: { ...move.part, name: name(move.part.name) } } as Move }
  return move.place ? { ...act, move: { ...move, place: name(move.place) } as Move } : act
}
/** The same told in haste: without its place, its size, its colours, as taps on a photo leave it. */
function inHaste(d: Dice, act: True): True {
  const { place, ...rest } = act.move as Move & { place?: string; fastener?: object; connector?: object }
  const move = {
    ...rest,
    ...(place !== undefined && !d.hit(0.4) && { place }),
    ...(rest.fastener && d.hit(0.4) && { fastener: {} }),
    ...(rest.connector && d.hit(0.4) && { connector: {} }),
  } as Move
  return { ...act, move }
}
/**
 * A machine as somebody tells it: a share of its acts is left out, told after the next ones, in two goes, together with the next, by another name, or
 * misspelt; much is told in haste; and somebody else goes in another way. Follows from
 * the seed.
 */
export function toldAnew(truth: Truth, noise: number, seed: number): ToldAnew {
  const d = dice(seed * 104_729 + 17)
  let acts = truth.acts.map(a => inHaste(d, a))
  if (d.hit(noise * 2))
    acts = [...acts.slice(0, 2), ...truth.otherWay, ...acts.slice(2).filter(a => a.zone !== 'outside')]
  const told: True[] = []
  let late: True[] = []
  for (const [i, one] of acts.entries()) {
    let act = one
    const from = late
    late = []
    if (d.hit(noise))
      switch (d.int(0, 6)) {
        case 0:
          break
        case 1:
          late.push(act)
          break
        case 2: {
          const count = countOf(act.move)
          const half = Math.floor(count / 2)
          if (half > 0) told.push({ ...act, move: { ...act.move, count: half } as Move })
          told.push(half > 0 ? ({ ...act, move: { ...act.move, count: count - half } as Move } as True) : act)
          break
        }
        case 3: {
          const next = acts[i + 1]
          const before = told.at(-1)
          if (before && next && before.move.kind === act.move.kind && 'count' in act.move)
            told[told.length - 1] = {
              ...before,
              ids: [...before.ids, ...act.ids],
              move: { ...before.move, count: countOf(before.move) + countOf(act.move) } as Move,
            }
          else told.push(act)
          break
        }
        case 4:
          if (act.also.length) act = named(act, () => d.pick(one.also))
          told.push(act)
          break
        case 5:
          told.push(named(act, text => misspelt(d, text)))
          break
        default:
          told.push(
            'count' in act.move
              ? { ...act, move: { ...act.move, count: Math.max(1, countOf(act.move) + d.pick([-1, 1])) } as Move }
              : act,
          )
      }
    else told.push(act)
    told.push(...from)
  }
  told.push(...late)
  return {
    recording: {
      job: `job ${seed}`,
      family: truth.family,
      serial: String(1000 + seed),
      made: undefined,
      at: '2026-01-01T00:00:00.000Z',
      by: 'somebody',
      lessons: [],
      doings: told.map((t, i) => ({
        move: { ...t.move, id: `${seed}-${i}` },
        step: `${seed}-${i}`,
        zone: t.zone,
        minutes: 1,
      })),
    },
    ids: told.map(t => t.ids),
  }
}
