import Ajv from 'ajv/dist/2020.js'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import example from '../../docs/example-job.json' with { type: 'json' }
import schema from '../../docs/job-record.schema.json' with { type: 'json' }
import type { JobEvent } from '../log/event.ts'
import { foldAll } from '../log/fold.ts'
import { toSnapshot } from '../log/snapshot.ts'
import { recordJsonSchema } from './json-schema.ts'
import { readRecord, toRecord, type RecordOf } from './record.ts'
import { arbitraryLog, event, id, opening } from '../test/arbitrary-log.ts'
import { generatedMachine } from '../test/generated-machine.ts'

const of: RecordOf = {
  job: '00000000-0000-4000-8000-000000000001',
  machine: { maker: 'Corrane', code: 'FL-84', family: 'front-loader', serial: '2231-0417' },
  people: [{ id: '00000000-0000-4000-8000-000000000002', name: 'Pia Sandel' }],
}
const valid = new Ajv({ allErrors: true, strict: false }).compile(recordJsonSchema())
const read = (value: unknown) => readRecord(JSON.stringify(value))
const problems = (value: unknown) => {
  const r = read(value)
  return r.ok ? [] : r.problems.map(p => p.path)
}
/** A log of which the state refuses nothing. */
const kept = (log: JobEvent[]) => {
  const refused = new Set(foldAll(log).refused.map(r => r.event.id))
  return log.filter(e => !refused.has(e.id))
}

describe('the record of a job', () => {
  it('written and read again is the same log and the same state, numbers of a server left out', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        const events = kept(log)
        const written = toRecord(
          events.map((e, i) => ({ ...e, seq: i + 1 })),
          of,
        )
        const again = read(written)
        if (!again.ok) throw new Error(again.problems[0]!.message)
        expect(again.value.record.log).toEqual(events)
        expect(toSnapshot(again.value.state)).toEqual(toSnapshot(foldAll(events).state))
        expect(again.value.record).toEqual(JSON.parse(JSON.stringify(written)))
      }),
      { numRuns: 60 },
    )
  })
  it('names each problem by its path into the file', () => {
    const good = toRecord(generatedMachine(3, 8), of)
    expect(problems(good)).toEqual([])
    const bent = JSON.parse(JSON.stringify(good)) as unknown as {
      log: { body: { step: { moves: { count: number }[] } } }[]
    }
    const at = good.log.findIndex(e => e.kind === 'step-recorded' && e.body.step.moves[0]!.kind === 'remove-fasteners')
    bent.log[at]!.body.step.moves[0]!.count = 0
    expect(problems(bent)).toEqual([`log[${at}].body.step.moves[0].count`])
    expect(problems({ ...good, format: 'other', version: 4 })).toEqual(['format', 'version'])
    expect(problems({ ...good, machine: { code: 'X', family: 'tumble' } })).toEqual(['machine.family'])
    expect(readRecord('{')).toMatchObject({ ok: false, problems: [{ message: expect.stringContaining('not JSON') }] })
  })
  it('names an event that the state refuses', () => {
    const log = [opening(), event('debt-settled', { debt: id(9), how: 'refitted', count: 1 }, 2)]
    expect(problems(toRecord(log, of))).toEqual(['log[1]'])
  })
})

describe('its JSON Schema', () => {
  it('is the one in the documents', () => {
    expect(schema).toEqual(JSON.parse(JSON.stringify(recordJsonSchema())))
  })
  it('accepts what is written, and the example in the documents', () => {
    fc.assert(
      fc.property(arbitraryLog, log => {
        const accepted = valid(JSON.parse(JSON.stringify(toRecord(log, of))))
        expect(valid.errors ?? []).toEqual([])
        expect(accepted).toBe(true)
      }),
      { numRuns: 40 },
    )
    expect(valid(example)).toBe(true)
    expect(read(example).ok).toBe(true)
  })
  it('and the code refuse the same: a field too many, one too few, a value out of its range', () => {
    const good = JSON.parse(JSON.stringify(toRecord(generatedMachine(3, 8), of))) as Record<string, unknown> & {
      log: Record<string, unknown>[]
    }
    const bad = [
      { ...good, extra: 1 },
      { ...good, job: 'x' },
      { ...good, people: undefined },
      { ...good, log: [] },
      { ...good, log: [{ ...good.log[0], kind: 'unknown' }] },
      { ...good, log: [{ ...good.log[0], body: {} }] },
    ]
    for (const value of bad) {
      expect(valid(JSON.parse(JSON.stringify(value)))).toBe(false)
      expect(read(value).ok).toBe(false)
    }
  })
})
