import type { Book } from '../book/book.ts'
import type { EventName, JobEvent } from '../log/event.ts'
import { toRecord, type JobRecord, type PrivateThing } from '../record/record.ts'

/** Entries that are a shop's, not a machine's: what it set for itself, the words it taught. They stay with it. */
const ofTheShop = new Set<EventName>(['shop-set', 'word-taught'])

/** A body without some of its fields. */
const without = (body: object, fields: readonly string[]) =>
  Object.fromEntries(Object.entries(body).filter(([name]) => !fields.includes(name)))

/** An event without what is private in it; null where nothing else is in it. */
function cleared(event: JobEvent, out: ReadonlySet<PrivateThing>): JobEvent | null {
  if (ofTheShop.has(event.kind)) return null
  switch (event.kind) {
    case 'job-opened': {
      const body = without(event.body, ['callBackOf'])
      return { ...event, body: out.has('serial') ? { ...body, plate: '' } : body } as JobEvent
    }
    case 'intake-told': {
      // The photo of the plate shows the serial.
      const body = without(event.body, [
        ...(out.has('place') ? ['stands'] : []),
        ...(out.has('serial') ? ['plate'] : []),
      ])
      return Object.keys(body).length ? ({ ...event, body } as JobEvent) : null
    }
    case 'job-closed':
      return { ...event, body: without(event.body, out.has('names') ? ['signedBy'] : []) } as JobEvent
    default:
      return event
  }
}

/** Counts things in the order in which they come up: each is told by its number. */
function numbered(): (of: string) => number {
  const numbers = new Map<string, number>()
  return of => {
    if (!numbers.has(of)) numbers.set(of, numbers.size + 1)
    return numbers.get(of)!
  }
}

/**
 * A record with what is private left out: serial (with the photo of the plate), place, names (of people and their devices, and who signed). What the
 * shop set for itself and the words that it taught are never in it. Words that somebody wrote stay as they are.
 */
export function leftOut(record: JobRecord, things: readonly PrivateThing[]): JobRecord {
  const out = new Set(things)
  const gone = new Set(record.log.filter(e => ofTheShop.has(e.kind)).map(e => e.id))
  const device = numbered()
  const log = record.log.flatMap((event): JobEvent[] => {
    // What took back something that is left out goes with it.
    if (event.kind === 'entry-withdrawn' && gone.has(event.body.entry)) return []
    const clear = cleared(event, out)
    if (!clear) return []
    return [out.has('names') ? { ...clear, device: `device ${device(clear.device)}` } : clear]
  })
  const { serial, ...machine } = record.machine
  return toRecord(log, {
    job: record.job,
    machine: out.has('serial') || serial === undefined ? machine : { ...machine, serial },
    people: record.people.map(({ id, name }, i) => ({ id, name: out.has('names') ? `Technician ${i + 1}` : name })),
    ...(record.exportedAt && { exportedAt: record.exportedAt }),
    without: [...things],
  })
}

/** A book without what is only of the shop: the serials of its machines, also those from which on something is otherwise, and its own models. */
export const bookLeftOut = (book: Book): Book => ({
  ...book,
  recordings: book.recordings.map(r => ({ ...r, serial: '' })),
  steps: book.steps.map(step => ({
    acts: step.acts.map(a => ({
      ...a,
      varies: a.varies.map(v => (v.split?.by === 'serial' ? { ...v, split: null } : v)),
    })),
  })),
  sister: null,
})
