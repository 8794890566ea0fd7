import { inCellsOfTheirOwn } from '../capture/cells.ts'
import type { JobState } from '../log/state.ts'
import type { Step } from '../log/step.ts'
import { kindOf, type Move } from '../moves/registry.ts'
import { align } from './align.ts'
import type { Book, BookAct, LessonTold, Varies } from './book.ts'
import { doings } from './doings.ts'
import { signatureOf } from './signature.ts'

/** How far a job has come in the book: which act of the book each of its moves is. */
export interface Place {
  acts: readonly BookAct[]
  /** The acts of the book that were done, by their place, with the moves of this job. */
  done: ReadonlyMap<number, readonly Move[]>
  /** The act of the book that each move is. */
  of: ReadonlyMap<string, BookAct>
  /** The place in the book of what was done last; -1 before anything was. */
  last: number
}

/** Where a job stands in the book of its model. O(moves × acts of the book). */
export function placeIn(book: Book, state: JobState): Place {
  const acts = book.steps.flatMap(s => s.acts)
  const family = state.opened?.family ?? 'front-loader'
  const all = doings(state)
  const pairs = align(
    all.map(d => signatureOf(d, family)),
    acts.map(a => [signatureOf(a, family)]),
  )
  const done = new Map<number, Move[]>()
  const of = new Map<string, BookAct>()
  for (const [i, j] of pairs) {
    done.set(j, [...(done.get(j) ?? []), all[i]!.move])
    of.set(all[i]!.move.id, acts[j]!)
  }
  const recent = all.findLast(d => of.has(d.move.id))
  return { acts, done, of, last: recent ? acts.indexOf(of.get(recent.move.id)!) : -1 }
}

/** What most did next where a job stands, as one step: acts that are not done yet. */
export interface Ghost {
  acts: readonly BookAct[]
  zone: string | undefined
  /** In how many jobs, of those that came so far. */
  jobs: number
  of: number
}

/** The next step as most of the jobs of the book did it; null where they all ended here. */
export function ghostOf(book: Book, { done, last, acts }: Place): Ghost | null {
  const isOpen = (a: BookAct) =>
    !a.bench && !done.has(acts.indexOf(a)) && acts.indexOf(a) > last && a.jobs.length * 2 > a.of
  for (const step of book.steps) {
    const left = step.acts.filter(isOpen)
    const [first] = left
    if (first) return { acts: left, zone: first.zone, jobs: first.jobs.length, of: first.of }
  }
  return null
}

/** The step in hand with a ghost taken into it, its loose things in cells of their own. `ids` gives an id for each act. */
export function takenUp(state: JobState, step: Step, ghost: Ghost, ids: () => string, cell: string | undefined): Step {
  const moves = ghost.acts.map(a => {
    const move = { ...a.move, id: ids() }
    return kindOf(move).loose && cell ? { ...move, cell } : move
  })
  const zone = ghost.zone ?? step.zone
  return inCellsOfTheirOwn(state, step, { ...step, ...(zone && { zone }), moves: [...step.moves, ...moves] }, cell)
}

/** What was learnt at the acts that these moves are, on the way down or back; each said once. */
export function learntAt({ of }: Place, moves: readonly Pick<Move, 'id'>[], way: 'down' | 'back'): LessonTold[] {
  return heard(
    moves.flatMap(m => of.get(m.id) ?? []),
    way,
  )
}
/** What was learnt at acts of the book, on the way down or back; each said once. */
export function heard(acts: readonly BookAct[], way: 'down' | 'back'): LessonTold[] {
  const said = new Set<string>()
  return acts
    .flatMap(a => a.lessons)
    .filter(l => l.when === way || l.when === 'both')
    .filter(l => !said.has(JSON.stringify(l.says)) && said.add(JSON.stringify(l.says)))
}

/** A count that is another than on most machines of the model. */
export interface Differs {
  move: Move
  here: number
  most: number
  /** In how many jobs it is as most have it. */
  jobs: number
  varies: Varies | undefined
}
const countIn = (moves: readonly Move[]) => moves.reduce((n, m) => n + ('count' in m ? (m.count ?? 1) : 1), 0)

/** Where the moves of a step have another count than most machines of the model: one is missing, or it is another build. Two jobs at least say what most are. */
export function differences({ acts, done, of }: Place, step: Step): Differs[] {
  const asked = new Set(step.moves.flatMap(m => of.get(m.id) ?? []))
  return [...asked].flatMap((act): Differs[] => {
    const moves = done.get(acts.indexOf(act)) ?? []
    if (!('count' in act.move) || !moves.length) return []
    const [here, most] = [countIn(moves), act.move.count ?? 1]
    const varies = act.varies.find(v => v.field === 'count')
    const jobs = varies ? (varies.values.find(v => v.value === String(most))?.jobs.length ?? 0) : act.jobs.length
    return here !== most && jobs >= 2 ? [{ move: moves.at(-1)!, here, most, jobs, varies }] : []
  })
}
