import { isSame } from '../schema/equal.ts'
import type { Step } from '../log/step.ts'
import type { Move } from '../moves/registry.ts'

/** A thing that both changed: how I have it now, `undefined` where I took it away. */
type Both<T> = (before: T, mine: T | undefined, theirs: T) => T

/**
 * Things with a name, told by two hands since both knew `base`: what one changed, added or took away holds; where both changed the
 * same thing, `both` decides. The order is theirs, then what I added.
 */
function merged<T>(
  base: readonly T[],
  mine: readonly T[],
  theirs: readonly T[],
  name: (t: T) => string,
  both: Both<T> = (_, now, t) => now ?? t,
): T[] {
  const was = new Map(base.map(t => [name(t), t]))
  const own = new Map(mine.map(t => [name(t), t]))
  const other = new Set(theirs.map(name))
  const kept = theirs.flatMap(t => {
    const [before, now] = [was.get(name(t)), own.get(name(t))]
    if (before === undefined) return [now ?? t]
    if (isSame(before, t)) return now === undefined ? [] : [now]
    return [now !== undefined && isSame(before, now) ? t : both(before, now, t)]
  })
  // What I changed while the other took it away stays with me; what I left as it was goes.
  const added = mine.filter(t => !other.has(name(t)) && !isSame(was.get(name(t)), t))
  return [...kept, ...added]
}

const isFields = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null && !Array.isArray(v)

/** What both told of the same thing, field by field: what one told holds, where both told the same field mine does. */
function fields(before: unknown, mine: unknown, theirs: unknown): unknown {
  if (isSame(before, mine)) return theirs
  if (!isFields(mine) || !isFields(theirs)) return isSame(before, theirs) ? mine : (mine ?? theirs)
  const was = isFields(before) ? before : {}
  const all = [...new Set([...Object.keys(theirs), ...Object.keys(mine)])]
  const told = all.map(key => [key, fields(was[key], mine[key], theirs[key])] as const)
  return Object.fromEntries(told.filter(([, value]) => value !== undefined))
}

type Told = Pick<Step, 'marks' | 'moves'>
/** The count that was said of a move; undefined where it is that of its marks. */
const saidCount = ({ marks }: Told, move: Move | undefined) =>
  move && 'count' in move && (move.count ?? 1) > marks.filter(k => k.move === move.id).length ? move.count : undefined

/**
 * A move that both told. A count is as many as were said or as were marked, whichever is more; the marks of both count, and so
 * a merge that is done twice counts nothing twice.
 */
const toldByBoth =
  (base: Told, own: Told, other: Told): Both<Move> =>
  (before, mine, theirs) => {
    const move = (mine && mine.kind !== theirs.kind ? mine : fields(before, mine ?? before, theirs)) as Move
    if (!('count' in move)) return move
    const [was, now, then] = [saidCount(base, before), saidCount(own, mine), saidCount(other, theirs)]
    const said = now === was ? then : then === was ? now : (now ?? then)
    return { ...move, count: said ?? 1 } as Move
  }

/** Takes out marks that lost their photo or their move, and keeps counts at least at their marks. */
function whole(step: Step): Step {
  const photos = new Set(step.photos.map(p => p.hash))
  const moves = new Set(step.moves.map(m => m.id))
  const marks = step.marks.filter(m => photos.has(m.photo) && (!m.move || moves.has(m.move)))
  return {
    ...step,
    marks,
    moves: step.moves.map(m =>
      'count' in m ? { ...m, count: Math.max(m.count ?? 1, marks.filter(k => k.move === m.id).length) } : m,
    ),
  }
}

/**
 * A step that two devices hold in hand: `base` is what both had, `mine` and `theirs` what each made of it. Where the other has gone
 * on to another step, what I added since goes over to that one: nothing that a hand did is dropped.
 */
export function mergeSteps(base: Step, mine: Step, theirs: Step): Step {
  const told = <K extends 'title' | 'zone' | 'posture' | 'live'>(key: K) =>
    mine.id === theirs.id && !isSame(base[key], mine[key]) ? mine[key] : theirs[key]
  const own = mine.id === theirs.id ? mine : sinceThen(base, mine)
  const before = base.id === theirs.id ? base : { photos: [], marks: [], moves: [] }
  const scalars = Object.fromEntries(
    (['title', 'zone', 'posture', 'live'] as const).flatMap(key => (told(key) === undefined ? [] : [[key, told(key)]])),
  )
  return whole({
    ...scalars,
    id: theirs.id,
    photos: merged(before.photos, own.photos, theirs.photos, p => p.hash),
    marks: merged(before.marks, own.marks, theirs.marks, m => m.id),
    moves: merged(before.moves, own.moves, theirs.moves, m => m.id, toldByBoth(before, own, theirs)),
  })
}

/** What was added to a step since `base`: a mark brings its photo with it, and a move that was there before stays where it is. */
function sinceThen(base: Step, mine: Step): Pick<Step, 'photos' | 'marks' | 'moves'> {
  const old = new Set([...base.photos.map(p => p.hash), ...base.marks.map(m => m.id), ...base.moves.map(m => m.id)])
  const moves = mine.moves.filter(m => !old.has(m.id))
  const marks = mine.marks.filter(m => !old.has(m.id) && moves.some(v => v.id === m.move))
  const photos = mine.photos.filter(p => !old.has(p.hash) || marks.some(m => m.photo === p.hash))
  return { photos, marks, moves }
}
