import { needsNew } from '../items/condition.ts'
import { alongside } from '../fetch/alongside.ts'
import type { BookAct, LessonTold } from '../book/book.ts'
import { saidOnce } from '../book/lessons.ts'
import { named } from '../assembly/named.ts'
import { guardedIn, type Family } from '../machine/families.ts'
import { effortOf, type Posture } from '../machine/postures.ts'
import { act as actSays, cautionsFor } from '../moves/move.ts'
import { traitsOf } from '../moves/registry.ts'
import type { Caution } from '../words/cautions.ts'
import { say, type Phrase } from '../words/phrase.ts'
import { cheapest } from './cheapest.ts'
import type { From, Graph, Source } from './graph.ts'
import { seldomAtHand, standIns, type StandIns } from './stand-ins.ts'

/** One act of a plan, in its order. */
export interface Planned {
  source: Source
  says: Phrase
  minutes: number
  /** The machine is turned before it. */
  turn: { from: Posture; to: Posture; people: number } | null
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
  /** Minutes down, with turns and tools; and what no way can be under. */
  minutes: number
  atLeast: number
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

const bookActs = (acts: readonly Planned[]): BookAct[] => acts.flatMap(p => ('act' in p.source ? [p.source.act] : []))
const opensOf = (source: Source): readonly string[] =>
  'act' in source ? (traitsOf(source.act.move).opens ?? []) : 'cover' in source ? source.cover.opens : []
const partOf = (source: Source): string | undefined =>
  'act' in source ? traitsOf(source.act.move).part : 'cover' in source ? source.cover.name : source.part

function saysOf(source: Source): Phrase {
  if ('act' in source) return actSays(source.act.move)
  return 'cover' in source ? say`Take off the ${source.cover.name}` : say`Take off the ${source.part}`
}

function planOf(graph: Graph, order: readonly number[], minutes: number, atLeast: number, around: Around): Plan {
  const { family, from, isolated, recordings } = around
  let stands = from.stands
  const acts = order
    .filter(i => {
      const s = graph.sources[i]!
      return !('act' in s && from.done.has(s.act.id))
    })
    .map((i): Planned => {
      const to = (graph.acts[i]!.posture || stands) as Posture
      const turn = to === stands ? null : { from: stands, to, people: effortOf(stands, to).people }
      stands = to
      const source = graph.sources[i]!
      return { source, says: saysOf(source), minutes: graph.acts[i]!.minutes, turn }
    })
  const told = bookActs(acts)
  const sources = acts.map(p => p.source)
  const open = [...new Set([...from.open, ...sources.flatMap(opensOf)])]
  const off = sources.flatMap(s => partOf(s) ?? [])
  const heavy = (s: Source) => {
    const name = partOf(s)
    if (!name) return 1
    const own = 'act' in s && 'part' in s.act.move ? s.act.move.part.people : undefined
    return own ?? (named(name, family, 'act' in s ? s.act.zone : undefined).known?.mass === 'heavy' ? 2 : 1)
  }
  const tools = new Map<string, number>()
  for (const [at, p] of acts.entries())
    for (const tool of 'act' in p.source ? p.source.act.tools : [graph.acts[order[at]!]!.tool].filter(Boolean))
      tools.set(tool, (tools.get(tool) ?? 0) + 1)
  if (acts.some(p => p.turn && p.turn.to !== 'tipped back')) tools.set('mat', tools.get('mat') ?? 1)
  if (acts.some(p => p.turn?.to === 'tipped back')) tools.set('block', tools.get('block') ?? 1)
  const moves = told.map(a => a.move)
  const isIn = new Set(order)
  const perhaps = order.flatMap(i =>
    graph.perhaps[i]!.flatMap(id => {
      const at = graph.sources.findIndex(s => 'act' in s && s.act.id === id)
      const part = at >= 0 && !isIn.has(at) && !from.done.has(id) ? partOf(graph.sources[at]!) : undefined
      return part ? [part] : []
    }),
  )
  const guarded = guardedIn(family, sources.flatMap(opensOf))
  const wet = moves.some(m => traitsOf(m).wet)
  return {
    by: sources.filter(s => opensOf(s).length).flatMap(s => partOf(s) ?? []),
    acts,
    minutes,
    atLeast,
    turns: acts.filter(p => p.turn).length,
    people: Math.max(1, ...acts.map(p => p.turn?.people ?? 1), ...sources.map(heavy)),
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
    unseen: recordings ? sources.flatMap(s => ('act' in s ? [] : (partOf(s) ?? []))) : [],
    jobs: told.length ? { of: Math.min(...told.map(a => a.jobs.length)), all: Math.max(...told.map(a => a.of)) } : null,
  }
}

/** What a plan is made around: the build, where it begins, what is isolated, and how many jobs the book is of. */
export interface Around {
  family: Family
  from: From
  isolated: readonly string[]
  recordings: number
}

/**
 * The ways in, side by side: the cheapest, and the cheapest that go by other covers. Each next one is the best that rules out one cover of those before
 * (after Lawler 1972). None where the target is reached already, or nothing leads there.
 */
export function plansTo(graph: Graph, around: Around): Plan[] {
  const found: { key: string; ruledOut: ReadonlySet<number>; order: readonly number[]; plan: Plan }[] = []
  const tried = new Set<string>()
  const look = (ruledOut: ReadonlySet<number>) => {
    const name = [...ruledOut].sort((a, b) => a - b).join()
    if (tried.has(name)) return
    tried.add(name)
    const way = cheapest(graph, ruledOut)
    if (!way || !way.order.length) return
    const plan = planOf(graph, way.order, way.minutes, way.atLeast, around)
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
