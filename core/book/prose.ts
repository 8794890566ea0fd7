import { zoneTitle, type Family } from '../machine/families.ts'
import { act as actSays, cautionsFor, invert, notes, subject, toolsFor } from '../moves/move.ts'
import { warn } from '../words/cautions.ts'
import { text } from '../words/language.ts'
import { supportSays, variesSays } from './book-words.ts'
import type { Book, BookAct, BookStep } from './book.ts'
import { heard } from './ghost.ts'

/** One step of the book in words, for a sheet. */
export interface ProseStep {
  number: number
  zone: string
  /** What is done, a sentence each, with what the hand must know. */
  says: readonly string[]
  /** What varies, how many had it, what was learnt, what can hurt. */
  minds: readonly string[]
  tools: readonly string[]
  photo: { job: string; hash: string } | null
}
/** The whole way of a model in words: down, and back. */
export interface Prose {
  down: readonly ProseStep[]
  back: readonly ProseStep[]
}

/** What not all of the jobs did, named where a step has several acts. */
const some = (acts: readonly BookAct[]): string[] =>
  acts.flatMap(a =>
    a.jobs.length === a.of ? [] : [`Done ${supportSays(a)}${acts.length > 1 ? `: ${text(subject(a.move))}` : ''}`],
  )

function stepOf(step: BookStep, number: number, family: Family, way: 'down' | 'back'): ProseStep {
  const moves = step.acts.map(a => (way === 'down' ? a.move : invert(a.move)))
  const cautions = [...new Set(moves.flatMap(cautionsFor))].map(c => text(warn(c)))
  return {
    number,
    zone: step.acts[0]?.zone ? zoneTitle(family, step.acts[0].zone) : '',
    says: moves.flatMap(m => [text(actSays(m)), ...notes(m).map(n => `${text(n.says)}.`)]),
    minds: [
      ...some(step.acts),
      ...step.acts.flatMap(a => a.varies.map(v => `Varies, ${variesSays(v)}`)),
      ...heard(step.acts, way).map(l => text(l.says)),
      ...(way === 'down' ? cautions : []),
    ],
    tools: [...new Set(moves.flatMap(toolsFor))],
    photo: step.acts.find(a => a.photo)?.photo ?? null,
  }
}

/** The book as a sheet is read: every step down as most had it, and back in its mirror, each with its number of the way down. */
export function proseOf({ steps }: Book, family: Family): Prose {
  const numbered = steps.map((step, i) => ({ step, number: i + 1 }))
  const told = (way: 'down' | 'back') => (of: (typeof numbered)[number]) => stepOf(of.step, of.number, family, way)
  return { down: numbered.map(told('down')), back: numbered.toReversed().map(told('back')) }
}
