import {
  draftsOf,
  narrate,
  type OfTheWayBack,
  type NarrationContext,
  type Spoken,
  type StepDraft,
} from '@dialytica/core/narration'
import { taughtBy } from '@dialytica/core/hearing'
import type { TaughtWord } from '@dialytica/core/moves'
import { expose } from 'comlink'
import { v4 } from 'uuid'

/** What a narration tells, to be looked at; or what is wrong with its text. */
export type Narrated =
  { ok: true; spoken: Spoken[]; drafts: StepDraft[]; back: OfTheWayBack[] } | { ok: false; problem: string }

/** Hears a narration, off the thread of the hand. */
expose((source: string, words: TaughtWord[], context: Omit<NarrationContext, 'id'>): Narrated => {
  const heard = narrate(source, taughtBy(words))
  if (!heard.ok) return heard
  return { ok: true, spoken: heard.spoken, drafts: draftsOf(heard, { ...context, id: v4 }), back: heard.back }
})
