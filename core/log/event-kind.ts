import type * as yup from 'yup'
import type { Folded } from './refusals.ts'
import type { JobState } from './state.ts'

/** What every event says of itself beside its body. */
export interface Stamp {
  id: string
  /** When it was, by the clock of the server where that has said so. */
  at: string
  actor: string
}

/** One kind of event: the schema of its body and what it does to the state. */
export interface EventKind<B> {
  kind: string
  body: yup.Schema<B>
  fold(state: JobState, body: B, stamp: Stamp): Folded<JobState>
}

/** Names a kind and ties its fold to the type of its body. */
export const eventKind = <const K extends string, B>(
  kind: K,
  body: yup.Schema<B>,
  fold: (state: JobState, body: B, stamp: Stamp) => Folded<JobState>,
) => ({ kind, body, fold })

/** A total order over events that no arrival can change: when it was, then id. */
export const stampOf = (stamp: Stamp): string => `${stamp.at}|${stamp.id}`
