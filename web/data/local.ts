import type { Draft } from '@dialytica/core/capture'
import type { JobEvent } from '@dialytica/core/log'
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
/** A photo that the server does not have yet, or refused. It waits for who took it, and goes up only as them. */
export interface WaitingPhoto {
  hash: string
  actor: string
  blob: Blob
  bytes: number
  /** The job for which it was taken. */
  job?: string | undefined
  refused?: string
}
/** The draft of a job, kept at every tap; one of an older version lacks what came later. */
export type KeptDraft = { job: string } & Pick<Draft, 'step' | 'move'> & Partial<Draft>
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

/** What this device keeps until the server has it: written through to its disk, for a battery that is pulled. */
export const local = new Dexie('dialytica', { chromeTransactionDurability: 'strict' }) as Dexie & {
  events: EntityTable<WaitingEvent, 'n'>
  shots: Table<WaitingPhoto, [string, string]>
  drafts: EntityTable<KeptDraft, 'job'>
  kept: EntityTable<Kept, 'what'>
  log: Table<Logged, [string, number]>
}
local.version(1).stores({ events: '++n, &id, job, actor', photos: 'hash', drafts: 'job' })
local.version(2).stores({ kept: 'what' })
local.version(3).stores({ log: '[job+seq], job' })
/** Photos that waited without a name are those of who worked here last. */
local
  .version(4)
  .stores({ photos: null, shots: '[actor+hash], hash, actor' })
  .upgrade(async upgrading => {
    const kept = (await upgrading.table('kept').get('person')) as Kept | undefined
    const waiting = (await upgrading.table('events').toCollection().first()) as WaitingEvent | undefined
    const actor = (kept?.value as { id?: string } | undefined)?.id ?? waiting?.actor ?? ''
    const photos = (await upgrading.table('photos').toArray()) as WaitingPhoto[]
    await upgrading.table('shots').bulkPut(photos.map(({ refused: _, ...photo }) => ({ ...photo, actor })))
  })
