import { describe, expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { event, id, opening, recorded } from '../test/arbitrary-log.ts'
import { adviceFor } from './advice.ts'
import { customerReport } from './customer.ts'

const pump = recorded(
  1,
  'base',
  { kind: 'open-joint', joint: { hose: 'sump hose' } },
  { kind: 'replace-part', part: { name: 'drain pump' }, carryOver: [], replacement: '55-180' },
)
const back = (n: number) =>
  event('debt-settled', { debt: id(100 + n, 'm'), how: n ? 'replaced' : 'refitted', count: 1 }, 10 + n)
const told = (trial: string, n: number, body: object = { result: 'passed' }) =>
  event('proof-done', { trial, ...body }, n)
const reported = (...events: Parameters<typeof foldAll>[0] extends Iterable<infer E> ? E[] : never) => {
  const { state, refused } = foldAll([opening(), pump, ...events])
  expect(refused).toEqual([])
  return customerReport(state, 'front-loader')
}

describe('the page for a customer', () => {
  it('says what is new with its number, how it was tried in plain words, once each, and what to mind', () => {
    const page = reported(
      back(0),
      back(1),
      told('dry the joints', 20),
      told('look standing: base', 21),
      told('pump', 22),
      told('earth', 23, { result: 'not done', seen: 'left to who may measure it' }),
      event(
        'job-closed',
        { clean: true, proved: false, cause: 'a hair grip stood in the pump', signedBy: 'M. Okwell' },
        30,
      ),
    )
    expect(page).toMatchObject({
      cause: 'a hair grip stood in the pump',
      fresh: [{ part: 'drain pump', number: '55-180' }],
      tried: [
        'The water connections were dried, so that the first drop is seen.',
        'Watched for drips, and dry: sump hose and drain pump.',
        'It pumps the water out.',
      ],
      end: 'not proved',
      remains: [],
    })
    expect(page.untried[0]).toBe('Not done: earth. Why: left to who may measure it.')
    expect(page.untried[1]).toContain('full load')
    expect(page.advice.join(' ')).toContain('clean the filter')
  })
  it('says what was not done to it: a comparison is no repair, a part that went back is not new', () => {
    const page = reported(
      event('part-compared', { part: 'brushes', same: true }, 5),
      back(0),
      event('debt-settled', { debt: id(101, 'm'), how: 'refitted', count: 1 }, 11),
    )
    expect(page.fresh).toEqual([])
    expect(page.done).toEqual(['taken out and put back: drain pump'])
  })
  it('tells the advice that was written instead of ours', () => {
    const page = reported(
      back(0),
      back(1),
      event('job-closed', { clean: true, advice: 'Use the small net for socks.' }, 30),
    )
    expect(page.advice).toEqual(['Use the small net for socks.'])
  })
  it('of a job that was given up names what remains off', () => {
    const page = reported(event('job-abandoned', { note: 'the tub is cracked' }, 30))
    expect(page).toMatchObject({ end: 'given up', note: 'the tub is cracked' })
    expect(page.remains.join()).toContain('drain pump')
  })
  it('has no word of the bench in it', () => {
    const page = reported(
      back(0),
      back(1),
      told('look standing: base', 21),
      told('interlock', 22),
      event('job-closed', { clean: true }, 30),
    )
    const words = [...page.tried, ...page.untried, ...page.advice].join(' ')
    expect(words).not.toMatch(/joint|debt|isolat|connector|harness|bellows|interlock|MΩ/i)
  })
})

describe('advice', () => {
  it('is known by any name of a part, and said once', () => {
    expect(adviceFor(['outlet pump', 'pump filter'], 'front-loader')).toHaveLength(1)
    expect(adviceFor(['heating element'], 'top-loader')[0]).toContain('scale')
    expect(adviceFor(['nothing known', ''], 'front-loader')).toEqual([])
  })
})
