import type { JobEvent, Step } from '@dialytica/core'
import Dexie, { type EntityTable, type Table } from 'dexie'

/** An event that the server does not have yet, or refused. */
export interface WaitingEvent {
  n?: number
  id: string
  job: string
  actor: string
  event: JobEvent
  refused?: string
}
/** A photo that the server does not have yet, or refused. */
export interface WaitingPhoto {
  hash: string
  blob: Blob
  bytes: number
  refused?: string
}
/** The step in hand of a job, kept at every tap. */
export interface Draft {
  job: string
  step: Step
  move: string | null
  /** The quick line as far as it was typed. */
  line?: string
  /** The recorded step that is being written anew, and the new step that waits meanwhile. */
  amends?: string | null
  aside?: { step: Step; move: string | null } | null
  /** The recorded step before which the one in hand belongs. */
  before?: string | null
}
/** One event of a job as the server numbered it, kept so that the job opens without the server. */
export interface Logged {
  job: string
  seq: number
  event: JobEvent
}
/** What the server said last, kept for when it does not answer. */
export interface Kept {
  what: string
  value: unknown
}

/** What this device keeps until the server has it. */
export const local = new Dexie('dialytica') as Dexie & {
  events: EntityTable<WaitingEvent, 'n'>
  photos: EntityTable<WaitingPhoto, 'hash'>
  drafts: EntityTable<Draft, 'job'>
  kept: EntityTable<Kept, 'what'>
  log: Table<Logged, [string, number]>
}
local.version(1).stores({ events: '++n, &id, job, actor', photos: 'hash', drafts: 'job' })
local.version(2).stores({ kept: 'what' })
local.version(3).stores({ log: '[job+seq], job' })
