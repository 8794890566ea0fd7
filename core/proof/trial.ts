import type { Caution } from '../words/cautions.ts'
import type { Phrase } from '../words/phrase.ts'
import type { Opened } from './opened.ts'

/**
 * When a trial is done: by hand with the plug out; with water on and the plug still out; with power on and hands away; empty, with every
 * cover on; under load; and what is looked at when all has run.
 */
export const stages = ['hand', 'water', 'power', 'spin', 'load', 'after'] as const
export type Stage = (typeof stages)[number]

/** True where a trial has power on the machine. */
export const isPowered = (stage: Stage): boolean => stage === 'power' || stage === 'spin' || stage === 'load'

/** One thing that is tried before the machine is closed. */
export interface Trial {
  /** The name under which its result stands in the log. */
  id: string
  /** In a word or two, for a strip of all of them. */
  name: Phrase
  stage: Stage
  /** What is done, as one imperative sentence. */
  say: Phrase
  /** How the hand knows that it is well. */
  sure: Phrase
  /** What is seen when it is not. */
  fails: Phrase
  /** That it was done, for somebody who never saw the inside of a washer: a whole sentence. */
  plain: Phrase
  /** So many seconds are waited before it is told. */
  wait?: number
  /** The unit of the reading that is taken. */
  reads?: 'Ω' | 'MΩ'
  caution?: Caution
  /** What of this job asks for it; empty where it is asked of every machine. */
  because: readonly Opened[]
  /** The zones that are looked into. */
  looksInto?: readonly string[]
}
