import type { JobEvent, Projection } from '@dialytica/core/log'
import type { HandSaid, JobCard, Person } from '@dialytica/core/wire'

/** What a source of events tells the job that is open. */
export interface Follower {
  /** What is known of the job so far. */
  known(): Projection
  /** Acts that were made here before and that nobody has numbered. */
  waits(events: readonly JobEvent[]): void
  /** What was numbered, in its order; returns what was not known. */
  confirm(events: readonly JobEvent[]): readonly JobEvent[]
  /** What was confirmed is of another time: the log begins anew, and what waits stays. */
  forget(): void
  /** What is not taken in. */
  drop(ids: ReadonlySet<string>): void
  card(card: JobCard): void
  /** What another device of the job holds in hand. */
  hand(said: HandSaid): void
  /** Who works here is the same person, under another name or in another role from now on. */
  person(now: Person): void
  /** Whether words of others come in as they are said. */
  live(is: boolean): void
  /** Why the job cannot be opened; null when nothing is in the way any more. */
  problem(words: string | null): void
}

/** One open job at its source. */
export interface Feed {
  /** Resolves when what is at hand is enough to go on with. */
  ready: Promise<void>
  /** Keeps an act for good and sends it on its way. */
  keep(event: JobEvent): Promise<unknown>
  close(): void
}

/** Where the events of a job come from, and go to. A new job has no log anywhere yet. */
export type Source = (job: string, isNew: boolean, to: Follower) => Feed
