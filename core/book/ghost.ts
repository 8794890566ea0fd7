import { inCellsOfTheirOwn } from '../capture/cells.ts'
import type { JobState } from '../log/state.ts'
import type { Step } from '../log/step.ts'
import { kindOf, type Move } from '../moves/registry.ts'
import { align } from './align.ts'
import type { Book, BookAct, LessonTold, Varies } from './book.ts'
import { doings } from './doings.ts'
import { saidOnce } from './lessons.ts'
import { countOf, signatureOf } from './signature.ts'

/** How far a job has come in the book: which act of the book each of its moves is. */
export interface Place {
  /** The acts of the book that were done, with the moves of this job. */
  done: ReadonlyMap<BookAct, readonly Move[]>
  /** The act of the book that each move is. */
  of: ReadonlyMap<string, BookAct>
  /** What the book has after what was done last. */
  ahead: ReadonlySet<BookAct>
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
  const done = new Map<BookAct, Move[]>()
  const of = new Map<string, BookAct>()
  for (const [i, j] of pairs) {
    const [{ move }, act] = [all[i]!, acts[j]!]
    done.set(act, [...(done.get(act) ?? []), move])
    of.set(move.id, act)
  }
  const last = all.findLast(d => of.has(d.move.id))
  return { done, of, ahead: new Set(acts.slice(last ? acts.indexOf(of.get(last.move.id)!) + 1 : 0)) }
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
export function ghostOf(book: Book, { done, ahead }: Place): Ghost | null {
  const isOpen = (a: BookAct) => ahead.has(a) && !a.bench && !done.has(a) && a.jobs.length * 2 > a.of
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
  return saidOnce(acts.flatMap(a => a.lessons).filter(l => l.when === way || l.when === 'both'))
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

/** Where the moves of a step have another count than most machines of the model: one is missing, or it is another build. Two jobs at least say what most are. */
export function differences({ done, of }: Place, step: Step): Differs[] {
  const asked = new Set(step.moves.flatMap(m => of.get(m.id) ?? []))
  return [...asked].flatMap((act): Differs[] => {
    const moves = done.get(act) ?? []
    if (!('count' in act.move) || !moves.length) return []
    const [here, most] = [moves.reduce((n, m) => n + countOf(m), 0), countOf(act.move)]
    const varies = act.varies.find(v => v.field === 'count')
    const jobs = varies ? (varies.values.find(v => v.value === String(most))?.jobs.length ?? 0) : act.jobs.length
    return here !== most && jobs >= 2 ? [{ move: moves.at(-1)!, here, most, jobs, varies }] : []
  })
}
