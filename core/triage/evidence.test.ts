import { describe, expect, it } from 'vitest'
import { blank, type JobState } from '../log/state.ts'
import type { Entry, EntryName, EntryOf } from '../log/entry.ts'
import { toldBy } from './evidence.ts'
import { table } from './table/table.ts'

/** A job with a complaint, and what was said in it one after the other. */
function jobWith(complaint: string, ...said: { [K in EntryName]: [K, EntryOf<K>['body']] }[EntryName][]): JobState {
  const opened = { unit: 'u', family: 'front-loader', complaint, plate: 'p', at: '', by: '' } as const
  return said.reduce<JobState>(
    (state, [kind, body], i) => ({
      ...state,
      entries: state.entries.set(`e${i}`, {
        kind,
        body,
        by: 'me',
        at: `2026-01-01T00:00:${String(i).padStart(2, '0')}.000Z`,
      } as unknown as Entry),
    }),
    { ...blank, opened },
  )
}
const of = (state: JobState, codes: Parameters<typeof toldBy>[2] = []) => toldBy(state, table.findings, codes)

describe('what a job tells of its fault', () => {
  it('reads the complaint; what was read wrongly is taken back, what nobody said is added', () => {
    const told = of(
      jobWith(
        'It hums and does not pump the water out',
        ['finding-told', { finding: 'pump hums', how: 'not known' }],
        ['finding-told', { finding: 'smells', how: 'so' }],
        ['finding-told', { finding: 'leaks below', how: 'not so' }],
      ),
    )
    expect(told.evidence.told).toEqual(['does not drain', 'smells'])
    expect(told.unasked).toEqual(['does not drain'])
    expect(told.evidence.not).toContain('leaks below')
    expect(told.evidence.silent).toContain('pump hums')
    expect(told.read.find(r => r.finding.id === 'pump hums')?.isTold).toBe(false)
  })
  it('of a check its last word counts; one that could not tell says nothing and is not proposed again', () => {
    const told = of(
      jobWith(
        'does not drain',
        ['trouble-checked', { check: 'open the filter', result: 'bad' }],
        ['trouble-checked', { check: 'open the filter', result: 'good' }],
        ['trouble-checked', { check: 'listen to the pump', result: 'cannot tell' }],
      ),
    )
    expect(told.evidence.checked).toEqual([{ check: 'open the filter', good: true }])
    expect(told.evidence.silent).toEqual(['listen to the pump'])
    expect(told.open).toEqual([{ check: 'listen to the pump', entry: 'e2' }])
  })
  it('a reading with a verdict answers a check, a reading that cannot be told does not', () => {
    const watts = [
      { name: 'volts', value: 230 },
      { name: 'watts', value: 1950 },
    ]
    const read = (over: boolean): EntryOf<'reading-taken'>['body'] => ({
      of: 'heating element',
      quantity: 'heating',
      state: 'across',
      unit: 'Ω',
      value: over ? 1e9 : 27,
      step: 0.1,
      ...(over && { over: true }),
      given: watts,
    })
    expect(of(jobWith('washes cold', ['reading-taken', read(true)])).evidence.checked).toEqual([
      { check: 'read the element across', good: false },
    ])
    expect(of(jobWith('washes cold', ['reading-taken', read(false)])).evidence.checked).toEqual([
      { check: 'read the element across', good: true },
    ])
    const bare = { of: 'element', value: 27, unit: 'Ω' }
    expect(of(jobWith('washes cold', ['reading-taken', bare])).evidence.checked).toEqual([])
  })
  it('a trial of the proof that failed is a finding; one that passed since is none', () => {
    const failed = ['proof-done', { trial: 'heat', result: 'failed', seen: 'stays cold' }] as const
    expect(of(jobWith('', [...failed])).evidence.told).toEqual(['does not heat'])
    expect(of(jobWith('', [...failed], ['proof-done', { trial: 'heat', result: 'passed' }])).evidence.told).toEqual([])
  })
  it('what was put right and was not it is ruled out, until that is said otherwise', () => {
    const no = ['cause-told', { cause: 'pump worn', is: false }] as const
    expect(of(jobWith('', [...no])).evidence.ruledOut).toEqual(['pump worn'])
    const after = of(jobWith('', [...no], ['cause-told', { cause: 'pump worn', is: true }]))
    expect(after.evidence.ruledOut).toEqual([])
    expect(after.cause?.cause).toBe('pump worn')
  })
  it('a code counts as the circuit that the shop gave it, however it is written', () => {
    const state = { ...jobWith(''), intake: { shows: { value: 'e 20', at: '' } } }
    expect(of(state, [{ code: 'E-20', circuit: 'pump' }]).evidence.circuit).toBe('pump')
    expect(of(state).evidence).toMatchObject({ circuit: undefined, told: ['shows a code'] })
  })
})
