import type { ReadRecord, RecordMachine, PrivateThing } from '../record/record.ts'
import type { ParcelKind } from './manifest.ts'
import { photosIn } from './photos.ts'

/** What taking in one record will add. */
export interface RecordPreview {
  /** The id of the job where it was recorded. */
  job: string
  machine: RecordMachine
  complaint: string
  steps: number
  moves: number
  photos: number
  /** Where it was at work, by the ids of the zones. */
  zones: string[]
  /** Notes, orders and other things said beside the steps. */
  said: number
  closed: boolean
  /** When it was opened. */
  at: string
  without: PrivateThing[]
}

/** What a record holds, counted. */
export function previewOf({ record, state }: ReadRecord): RecordPreview {
  return {
    job: record.job,
    machine: record.machine,
    complaint: state.opened?.complaint ?? '',
    steps: state.order.size,
    moves: state.order.reduce((n, id) => n + state.steps.get(id)!.moves.length, 0),
    photos: photosIn(record.log).length,
    zones: [...new Set(state.order.toArray().flatMap(id => state.steps.get(id)!.zone ?? []))],
    said: state.entries.size + state.constraints.size,
    closed: state.closing !== null,
    at: record.log[0]!.at,
    without: record.without,
  }
}

/** What taking in a file will do. */
export interface ParcelPreview {
  kind: ParcelKind
  records: RecordPreview[]
  photos: number
}
