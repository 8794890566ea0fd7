import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import first from '../record/record-1.test-data.json' with { type: 'json' }
import { foldAll } from '../log/fold.ts'
import { toSnapshot } from '../log/snapshot.ts'
import { readRecord, toRecord, type RecordOf } from '../record/record.ts'
import { bookOf } from '../book/book.ts'
import { nothingLaid, withRecording } from '../book/columns.ts'
import { screws as fixing, told } from '../test/told-machine.ts'
import { arbitraryLog, event, id, opening } from '../test/arbitrary-log.ts'
import type { JobEvent } from '../log/event.ts'
import { bookLeftOut, leftOut } from './left-out.ts'
import { readManifest } from './manifest.ts'
import { photosIn, renamed } from './photos.ts'
import { previewOf } from './preview.ts'

const of: RecordOf = {
  job: id(1),
  machine: { maker: 'Corrane', code: 'FL-84', family: 'front-loader', serial: '2231-0417' },
  people: [{ id: id(2), name: 'Pia Sandel' }],
}
/** A record of a log, of which the state refuses nothing. */
const recordOf = (log: JobEvent[]) => {
  const refused = new Set(foldAll(log).refused.map(r => r.event.id))
  return toRecord(
    log.filter(e => !refused.has(e.id)),
    of,
  )
}
const everything = ['serial', 'place', 'names'] as const

describe('a record without what is private', () => {
  it('is read again, with the same steps, debts and orders, whatever the log', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        const record = recordOf(log)
        const read = readRecord(JSON.stringify(leftOut(record, everything)))
        if (!read.ok) throw new Error(read.problems[0]!.message)
        const [before, after] = [foldAll(record.log).state, read.value.state]
        const told = ({ steps, order, debts, constraints, owed }: typeof before) =>
          JSON.stringify({ steps, order, debts, constraints, owed })
        expect(told(after)).toBe(told(before))
        expect(read.value.record.machine.serial).toBeUndefined()
        expect(previewOf(read.value).without).toEqual(everything)
      }),
      { numRuns: 60 },
    )
  })
  it('with nothing to leave out is the same, but for what is only of the shop', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        const record = recordOf(log.filter(e => !['shop-set', 'word-taught', 'entry-withdrawn'].includes(e.kind)))
        const whole = leftOut(record, [])
        const plain = (events: readonly JobEvent[]) =>
          events.map(e => (e.kind === 'job-opened' ? { ...e, body: { ...e.body, callBackOf: undefined } } : e))
        expect(plain(whole.log)).toEqual(plain(record.log))
        expect(whole.people).toEqual(of.people)
        expect(whole.machine).toEqual(of.machine)
      }),
      { numRuns: 40 },
    )
  })
  it('has no plate, no photo of it, no place, nobody who signed, no name of a device', () => {
    const hash = 'ab'.repeat(32)
    const told = event('intake-told', { stands: 'Weir Lane 4', plate: hash, seen: 'hums' } as never, 2)
    const closed = event('job-closed', { clean: true, signedBy: 'Orla Venn' } as never, 3)
    const text = JSON.stringify(leftOut(recordOf([opening(), told, closed] as never), everything))
    for (const secret of ['2231-0417', 'Weir Lane', hash, 'Orla Venn', 'Pia Sandel']) expect(text).not.toContain(secret)
    expect(text).toContain('hums')
  })
})

describe('a book that leaves', () => {
  const screws = (count: number) => [{ ...fixing('outside', 'rear panel', count, 'T20', 2) }]
  it('names no serial, not even that from which on something is otherwise, and no model of the shop', () => {
    const counts = [2, 2, 2, 2, 3, 3, 3, 3]
    const recordings = counts.map((n, i) => told(`2231-040${i}`, 'front-loader', screws(n)))
    const words = [{ id: id(9), body: { kind: 'sister' as const, model: id(8) } }]
    const book = bookOf(recordings.reduce(withRecording, nothingLaid), words)
    expect(book.steps[0]!.acts[0]!.varies[0]!.split?.from).toBe('2231-0404')
    const out = bookLeftOut(book)
    const jobs = new Set(recordings.map(r => r.job))
    JSON.stringify(out, (name, value: unknown) => {
      if (name === 'serial' || name === 'from') expect(jobs.has(value as string)).toBe(false)
      return value
    })
    expect(JSON.stringify(out)).not.toContain(id(8))
    expect(out.steps[0]!.acts[0]!.varies[0]!.values).toEqual(book.steps[0]!.acts[0]!.varies[0]!.values)
  })
})

describe('the photos of a log', () => {
  it('under other names and back are the same log', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        const names = new Map(photosIn(log).map((hash, i) => [hash, i.toString(16).padStart(64, 'f')]))
        const back = new Map([...names].map(([a, b]) => [b, a]))
        const there = renamed(log, names)
        expect(photosIn(there)).toEqual(photosIn(log).map(h => names.get(h)))
        expect(renamed(there, back)).toEqual(JSON.parse(JSON.stringify(log)))
      }),
      { numRuns: 40 },
    )
  })
})

describe('a record of an earlier version', () => {
  it('is read as one of this: version 1, in which nothing was left out', () => {
    expect(first.version).toBe(1)
    const read = readRecord(JSON.stringify(first))
    if (!read.ok) throw new Error(read.problems[0]!.message)
    expect(read.value.record.without).toEqual([])
    expect(read.value.record.log).toEqual(first.log)
    expect(toSnapshot(read.value.state)).toEqual(toSnapshot(foldAll(first.log as never).state))
  })
  it('is read whatever its log', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        const now = recordOf(log)
        for (const earlier of [
          { ...now, without: undefined, version: 1 },
          { ...now, version: 2 },
        ]) {
          const read = readRecord(JSON.stringify(earlier))
          expect(read.ok && read.value.record.log).toEqual(JSON.parse(JSON.stringify(now.log)))
        }
      }),
      { numRuns: 30 },
    )
  })
  it('and of a later one is not guessed at', () => {
    const read = readRecord(JSON.stringify({ ...first, version: 4 }))
    expect(read.ok ? [] : read.problems.map(p => p.path)).toContain('version')
  })
})

describe('a manifest', () => {
  const good = {
    format: 'dialytica-parcel',
    version: 1,
    kind: 'job',
    exportedAt: '2026-01-05T08:00:00.000Z',
    application: 'x',
    files: [{ path: 'records/1.json', sha256: 'a'.repeat(64), bytes: 3 }],
  }
  it('names only files that a parcel has, each once, and a record', () => {
    expect(readManifest(JSON.stringify(good)).ok).toBe(true)
    const named = (path: string) => readManifest(JSON.stringify({ ...good, files: [{ ...good.files[0], path }] })).ok
    for (const path of ['../records/1.json', '/etc/passwd', 'records/1.json/..', 'photos/x.jpg', 'a.exe', ''])
      expect(named(path), path).toBe(false)
    expect(readManifest(JSON.stringify({ ...good, files: [...good.files, ...good.files] })).ok).toBe(false)
    expect(readManifest(JSON.stringify({ ...good, files: [] })).ok).toBe(false)
    expect(readManifest('{').ok).toBe(false)
  })
})
