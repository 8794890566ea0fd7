import { needsNew } from '../items/condition.ts'
import { alongside } from '../fetch/alongside.ts'
import type { LessonTold } from '../book/book.ts'
import { saidOnce } from '../book/lessons.ts'
import { named, partNamed } from '../assembly/named.ts'
import { guardedIn, type Family } from '../machine/families.ts'
import { effortOf, type Posture } from '../machine/postures.ts'
import { act as actSays, cautionsFor } from '../moves/move.ts'
import { traitsOf } from '../moves/registry.ts'
import type { Caution } from '../words/cautions.ts'
import { say, type Phrase } from '../words/phrase.ts'
import { cheapest } from './cheapest.ts'
import { graphOf, type Graph, type Source, type WaysAsked } from './graph.ts'
import type { Way } from './openings.ts'
import { seldomAtHand, standIns, type StandIns } from './stand-ins.ts'

/** One act of a plan, in its order. */
export interface Planned {
  source: Source
  says: Phrase
  minutes: number
  /** The machine is turned before it. */
  turn: { from: Posture; to: Posture; people: number; minutes: number } | null
}
/** A tool of a plan: for how many acts, and what may stand in for it. */
export interface ToolUse extends StandIns {
  tool: string
  acts: number
  seldom: boolean
}
/** A way in to one target, with all that somebody has to know before setting out. */
export interface Plan {
  /** The covers by which it goes in, or what comes off first. */
  by: readonly string[]
  acts: readonly Planned[]
  /** Minutes down, with turns and tools. */
  minutes: number
  turns: number
  people: number
  /** In the order in which they are first taken up. */
  tools: readonly ToolUse[]
  toHave: readonly string[]
  /** What lies off the machine at the deepest point, and which zones are open then. */
  off: readonly string[]
  open: readonly string[]
  /** What one learnt there, and what may be in the way besides. */
  learnt: readonly LessonTold[]
  perhaps: readonly Phrase[]
  cautions: readonly Caution[]
  /** What is done before the first cover. */
  first: readonly Phrase[]
  /** Covers and parts that no recording of the model shows. */
  unseen: readonly string[]
  /** In how many jobs that act of it was done which the fewest did, and of how many; null where none of its acts is of the book. */
  jobs: { of: number; all: number } | null
}

/** Half a minute is no difference: then fewer people and turns come first. */
const halves = ({ minutes }: Plan): number => Math.round(minutes * 2)

/** So many plans stand side by side. */
const most = 3

const isDone = (source: Source, done: ReadonlySet<string>): boolean => 'act' in source && done.has(source.act.id)
const opensOf = (source: Source): readonly string[] =>
  'act' in source ? (traitsOf(source.act.move).opens ?? []) : 'cover' in source ? source.cover.opens : []
const partOf = (source: Source): string | undefined =>
  'act' in source ? traitsOf(source.act.move).part : 'cover' in source ? source.cover.name : source.part

function saysOf(source: Source): Phrase {
  if ('act' in source) return actSays(source.act.move)
  return 'cover' in source ? say`Take off the ${source.cover.name}` : say`Take off the ${source.part}`
}

/** People that a part asks for: as it was told, else two for what is heavy. */
function liftedBy(source: Source, family: Family): number {
  const own = 'act' in source && 'part' in source.act.move ? source.act.move.part : undefined
  const name = partOf(source)
  const is = own ? partNamed(own, family, 'act' in source ? source.act.zone : undefined) : name && named(name, family)
  return own?.people ?? (is && is.known?.mass === 'heavy' ? 2 : 1)
}

function planOf(graph: Graph, way: Way, { family, from, isolated, book }: WaysAsked): Plan {
  let stands = from.stands
  const tools = new Map<string, number>()
  const acts: Planned[] = []
  const left = way.order.filter(i => !isDone(graph.sources[i]!, from.done))
  for (const i of left) {
    const source = graph.sources[i]!
    const { minutes, posture, tool } = graph.acts[i]!
    const to = (posture || stands) as Posture
    const turn = to === stands ? null : { from: stands, to, ...effortOf(stands, to) }
    stands = to
    const forTurn = turn ? [to === 'tipped back' ? 'block' : 'mat'] : []
    const own = 'act' in source ? source.act.tools : tool ? [tool] : []
    for (const t of [...forTurn, ...own]) tools.set(t, (tools.get(t) ?? 0) + 1)
    acts.push({ source, says: saysOf(source), minutes, turn })
  }
  const sources = acts.map(p => p.source)
  const told = sources.flatMap(s => ('act' in s ? [s.act] : []))
  const open = [...new Set([...from.open, ...sources.flatMap(opensOf)])]
  const off = sources.flatMap(s => partOf(s) ?? [])
  const moves = told.map(a => a.move)
  const isOff = new Set([...from.done, ...told.map(a => a.id)])
  const perhaps = left.flatMap(i =>
    graph.perhaps[i]!.flatMap(id => {
      const source = isOff.has(id) ? undefined : graph.sources.find(s => 'act' in s && s.act.id === id)
      return (source && partOf(source)) ?? []
    }),
  )
  const guarded = guardedIn(family, sources.flatMap(opensOf))
  const wet = moves.some(m => traitsOf(m).wet)
  return {
    by: sources.filter(s => opensOf(s).length).flatMap(s => partOf(s) ?? []),
    acts,
    minutes: way.minutes,
    turns: acts.filter(p => p.turn).length,
    people: Math.max(1, ...acts.map(p => p.turn?.people ?? 1), ...sources.map(s => liftedBy(s, family))),
    tools: [...tools].map(([tool, n]) => ({ tool, acts: n, seldom: seldomAtHand(tool), ...standIns(tool) })),
    toHave: [
      ...new Set([
        ...moves.flatMap(m => (m.kind === 'cut' ? [m.size ? `${m.size} ${m.consumable}` : m.consumable] : [])),
        ...moves.flatMap(m => (needsNew(m.condition) ? (traitsOf(m).part ?? []) : [])),
        ...off.flatMap(part => alongside[part] ?? []),
      ]),
    ],
    off,
    open,
    learnt: saidOnce(told.flatMap(a => a.lessons).filter(l => l.when !== 'back')),
    perhaps: [...new Set(perhaps)].map(part => say`In the one job that tells of it the ${part} was off by then`),
    cautions: [
      ...new Set([
        ...moves.flatMap(cautionsFor),
        ...(acts.some(p => p.turn) ? (['tip', 'heavy'] as const) : []),
        ...(guarded.includes('live') ? (['mains'] as const) : []),
      ]),
    ],
    first: [
      ...(acts.length && !isolated.includes('power') ? [say`Pull the plug, and see that it is dead`] : []),
      ...(wet && !isolated.includes('water') ? [say`Close the taps, let the water out`] : []),
    ],
    unseen: book?.recordings.length ? sources.flatMap(s => ('act' in s ? [] : (partOf(s) ?? []))) : [],
    jobs: told.length ? { of: Math.min(...told.map(a => a.jobs.length)), all: Math.max(...told.map(a => a.of)) } : null,
  }
}

/**
 * The ways in, side by side: the cheapest, and the cheapest that go by other covers. Each next one is the best that rules out one cover of those before
 * (after Lawler 1972). None where the target is reached already, or nothing leads there.
 * Up to a second: for a worker.
 */
export function waysIn(asked: WaysAsked): Plan[] {
  const graph = graphOf(asked)
  const found: { key: string; ruledOut: ReadonlySet<number>; order: readonly number[]; plan: Plan }[] = []
  const tried = new Set<string>()
  const look = (ruledOut: ReadonlySet<number>) => {
    const name = [...ruledOut].sort((a, b) => a - b).join()
    if (tried.has(name)) return
    tried.add(name)
    const way = cheapest(graph, ruledOut)
    if (!way || !way.order.length) return
    const plan = planOf(graph, way, asked)
    const key = plan.by.toSorted().join() || plan.acts.map(a => JSON.stringify(a.says)).join()
    if (!found.some(f => f.key === key)) found.push({ key, ruledOut, order: way.order, plan })
  }
  look(new Set())
  for (let at = 0; at < found.length && at < most; at++) {
    const { ruledOut, order } = found[at]!
    for (const i of order)
      if (opensOf(graph.sources[i]!).length && graph.acts[i]!.minutes > 0) look(new Set([...ruledOut, i]))
    // What was found last may be shorter than what was found before it.
    found.splice(at + 1, Infinity, ...found.slice(at + 1).sort((a, b) => a.plan.minutes - b.plan.minutes))
  }
  return found
    .slice(0, most)
    .map(f => f.plan)
    .sort((a, b) => halves(a) - halves(b) || a.people - b.people || a.turns - b.turns || a.minutes - b.minutes)
}
