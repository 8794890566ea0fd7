import type { JobState } from '../log/state.ts'
import type { Step } from '../log/step.ts'
import { anatomy, families, type Family } from '../machine/families.ts'
import { kindOf, traitsOf, type Move } from '../moves/registry.ts'
import { catalogue } from './catalogue.ts'
import { thingsIn } from './named.ts'
import { once } from './kept.ts'
import { readingsOf, resolvePart, type Resolved, type Said } from './resolve.ts'
import { termsOf } from './terms.ts'

/** What the words of a move were taken for, for the hand to see and correct: what it holds, or what the part is. */
export interface Meaning {
  field: 'holds' | 'is'
  /** The words that were said. */
  said: string
  /** Usual names; none where the words name no known part. */
  taken: readonly string[]
  certainty: Resolved['certainty'] | 'told'
  /** What else they can mean, the likeliest first. */
  others: readonly string[]
}

const usualNames = once(() => new Set(catalogue().map(p => p.name)))
/** Usual names of the parts that were told of this machine so far, and of the step in hand: what was told last comes last. */
export function atHandOf(state: JobState, step?: Step): ReadonlySet<string> {
  const moves = [...state.order.toArray().map(id => state.steps.get(id)!), ...(step ? [step] : [])].flatMap(
    s => s.moves,
  )
  const said = moves.flatMap(m => [
    ...(m.holds ?? (m.place ? [m.place.toLowerCase()] : [])),
    ('part' in m ? (m.part.is ?? m.part.name) : undefined) ?? '',
  ])
  // Told again, it is told last.
  return new Set(
    said
      .filter(name => usualNames().has(name))
      .reverse()
      .filter((n, i, all) => all.indexOf(n) === i)
      .reverse(),
  )
}

/** What a name of a part was taken for, with what else it can mean. */
function ofName(text: string, said: Said): Omit<Meaning, 'field' | 'said'> {
  const { part, certainty } = resolvePart(text, said)
  return {
    taken: part ? [part.name] : [],
    certainty,
    others: readingsOf(text, said).filter(name => name !== part?.name),
  }
}
const worst = { told: 0, sure: 1, likely: 2, new: 3 } as const

/** What a move was taken to mean at its place; null where its words name no thing. */
export function meaningOf(move: Move, around: Said): Meaning | null {
  const traits = traitsOf(move)
  if (traits.part && 'part' in move) {
    const { name, is } = move.part
    if (name === 'part') return null
    const read = ofName(name, around)
    if (is === undefined) return { field: 'is', said: name, ...read }
    const known = usualNames().has(is)
    const others = [...read.taken, ...read.others].filter(other => other !== is)
    return { field: 'is', said: name, taken: known ? [is] : [], certainty: 'told', others }
  }
  if (!traits.fastens || !move.place) return null
  const said = move.place
  const read = thingsIn(said).map(text => ofName(text, around))
  const all = [...new Set(read.flatMap(r => [...r.taken, ...r.others]))]
  if (move.holds) {
    const { holds } = move
    return { field: 'holds', said, taken: holds, certainty: 'told', others: all.filter(name => !holds.includes(name)) }
  }
  const taken = [...new Set(read.flatMap(r => r.taken))]
  const certainty = read.map(r => r.certainty).sort((a, b) => worst[b] - worst[a])[0] ?? 'new'
  return { field: 'holds', said, taken, certainty, others: all.filter(name => !taken.includes(name)) }
}

/** The move with its words taken for this; for nothing known where none is given. */
export function takenFor(move: Move, { field }: Pick<Meaning, 'field'>, names: readonly string[]): Move {
  if (field === 'holds') return { ...move, holds: [...names] }
  if (!('part' in move)) return move
  // The zones that it opens as the cover for which it was taken before go with that.
  const was = families.map(family => coverOf(family, move.part.is ?? move.part.name)?.opens.join())
  const { opens, ...part } = move.part
  const own = opens && !was.includes(opens.join()) ? { opens } : {}
  return { ...move, part: { ...part, ...own, is: names[0] ?? part.name } } as Move
}
/** The cover of a family by its usual name. */
const coverOf = (family: Family, name: string) => anatomy[family].covers.find(c => c.name === name)
/** A part that was taken for a cover opens its zones, where nobody told which. */
function withCover(move: Move, family: Family): Move {
  if (!traitsOf(move).part || !('part' in move) || move.part.opens || !kindOf(move).grammar.opensCovers) return move
  const cover = coverOf(family, move.part.is ?? move.part.name)
  return cover ? ({ ...move, part: { ...move.part, opens: [...cover.opens] } } as Move) : move
}

const sameWords = (a: string, b: string) => termsOf(a).join(' ') === termsOf(b).join(' ')
/** A step with what its words were taken for written into its moves, where they are not the usual names already. */
export function withMeanings<S extends Step>(step: S, family: Said['family'], atHand: ReadonlySet<string>): S {
  return {
    ...step,
    moves: step.moves.map(move => {
      const meaning = meaningOf(move, { family, zone: step.zone, atHand })
      if (!meaning || meaning.taken.length === 0) return move
      const asSaid = meaning.certainty === 'told' || meaning.taken.every(name => sameWords(name, meaning.said))
      return withCover(asSaid ? move : takenFor(move, meaning, meaning.taken), family)
    }),
  }
}
