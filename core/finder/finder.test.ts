import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { JobEvent } from '../log/event.ts'
import { foldAll } from '../log/fold.ts'
import { planReturn } from '../plan/plan.ts'
import { find } from './find.ts'
import { matchFastener } from './known.ts'
import type { Question } from './places.ts'
import { event, id, opening, recorded as step } from '../test/arbitrary-log.ts'
import { mistakenReturn, quantile, searched } from '../test/mistaken-return.ts'
import { text } from '../words/language.ts'

const screws = (count: number, cell: string, fastener: object, place: string) => ({
  kind: 'remove-fasteners',
  count,
  cell,
  fastener,
  place,
})
const back = (debt: number, second: number, count = 1) =>
  event('debt-settled', { debt: id(debt, 'm'), how: 'refitted', count }, second)
const t20 = (length: number) => ({ drive: 'torx', size: 'T20', length })
const down = [
  opening(),
  step(1, 'outside', screws(4, 'A1', t20(12), 'rear panel')),
  step(2, 'outside', { kind: 'remove-part', part: { name: 'rear panel', opens: ['rear'] } }),
  step(3, 'rear', screws(2, 'A2', t20(18), 'motor')),
  step(4, 'rear', screws(2, 'B1', { drive: 'phillips', size: 'PH2', length: 18 }, 'rail')),
  step(5, 'top', screws(3, 'A3', t20(16), 'cross member')),
]
const all = [
  ...[0, 1, 2].map(i => back(500, 1000 + i * 30)),
  back(400, 1100, 2),
  ...[0, 1].map(i => back(300, 1200 + i * 30)),
  back(200, 1300),
  back(100, 1310, 4),
]
const asked = (events: JobEvent[], question: Question, missed: string[] = []) => {
  const { state, refused } = foldAll([...down, ...events])
  expect(refused).toEqual([])
  return find(state, 'front-loader', planReturn(state, 'front-loader'), question, missed)
}
const left = (fastener: object): Question => ({ asks: 'left over', known: { item: 'fastener', fastener } })
const names = (f: ReturnType<typeof find>) => f.places.map(p => text(p.words))

describe('the likelihood of a hole', () => {
  it('follows from any subset of what is known of the thing', () => {
    expect(matchFastener({}, t20(12) as never)).toBe(1)
    expect(matchFastener({ size: 'T20' }, {})).toBeGreaterThan(matchFastener({ size: 'T20' }, { size: 'PH2' }))
    expect(matchFastener({ length: 17 }, t20(18) as never)).toBe(1)
    expect(names(asked(all, left({ size: 'PH2' })))[0]).toContain('PH2')
    expect(names(asked(all, left({ length: 18, drive: 'torx' })))[0]).toContain('motor')
  })
  it('is higher where all were said back at once and in a hurry, with the reasons told', () => {
    const [first] = asked(all, left({ size: 'T20' })).places
    expect(text(first!.words)).toContain('rear panel')
    expect(first!.reasons.map(r => text(r.says))).toEqual(['all said back at once', 'done faster than usual'])
  })
  it('is lower where it was checked by hand, and falls with every look in vain', () => {
    const check = event('check-done', { check: 'tug', passed: true, step: id(3, 's'), debt: id(300, 'm') }, 1400)
    const share = (f: ReturnType<typeof find>) => f.places.find(p => p.debt === id(300, 'm'))!.likelihood
    const before = share(asked(all, left({ length: 18 })))
    expect(share(asked([...all, check], left({ length: 18 })))).toBeLessThan(before)
    expect(share(asked(all, left({ length: 18 }), [id(300, 'm')]))).toBeLessThan(before / 5)
  })
  it('adds up to 1 over all places, whatever is asked', () => {
    fc.assert(
      fc.property(fc.nat(3000), seed => {
        const story = mistakenReturn(seed)
        if (!story) return
        const { places, order } = find(story.state, 'front-loader', story.plan, story.question)
        expect(places.reduce((n, p) => n + p.likelihood, 0)).toBeCloseTo(1, 9)
        expect(order.flatMap(s => (s.place ? [s.id] : [])).sort()).toEqual(places.map(p => p.id).sort())
      }),
      { numRuns: 30 },
    )
  })
})

describe('the search', () => {
  it('looks in sight first, and counts the rear panel once', () => {
    const found = asked(all, left({ size: 'T20' }))
    const opens = found.order.flatMap(s => (s.opens ? [s.opens] : []))
    expect(opens).toEqual([id(2, 's')])
    const at = (words: string) => found.order.findIndex(s => s.place && text(s.place.words).includes(words))
    expect(at('rear panel')).toBeLessThan(found.order.findIndex(s => s.opens))
    expect(at('motor')).toBeGreaterThan(found.order.findIndex(s => s.opens))
    expect(found.expected).toBeLessThan(found.plain)
  })
  it('under the rotor of a machine that stands upright has the rotor, its bolt and two turns before it', () => {
    const turn = (from: string, to: string) => ({ kind: 'turn-machine', from, to })
    const bolt = { drive: 'hex head', size: '17 mm' }
    const descent = [
      opening(),
      step(1, 'outside', turn('upright', 'on its front')),
      step(2, 'drive', screws(1, 'A1', bolt, 'rotor')),
      step(3, 'drive', { kind: 'remove-part', part: { name: 'rotor' } }),
      step(4, 'drive', screws(6, 'A2', { ...bolt, size: '10 mm' }, 'stator')),
      step(5, 'drive', { kind: 'remove-part', part: { name: 'stator' } }),
    ]
    const ask = (...events: JobEvent[]) => {
      const { state } = foldAll([...descent, ...events])
      return find(state, 'front-loader', planReturn(state, 'front-loader'), {
        asks: 'left over',
        known: { item: 'fastener', fastener: { size: '10 mm' } },
      })
    }
    const before = (f: ReturnType<typeof find>) => {
      const at = f.order.findIndex(s => s.place?.debt === id(400, 'm'))
      return f.order.slice(0, at).flatMap(s => s.turns ?? s.opens ?? [])
    }
    const allBack = [back(500, 1000), back(400, 1100, 6), back(300, 1200), back(200, 1300), back(100, 1400)]
    const closed = ask(...allBack)
    expect(before(closed).sort()).toEqual([id(3, 's'), 'on its front'].sort())
    expect(closed.order.find(s => s.turns)!.minutes).toBeGreaterThanOrEqual(4)
    // While it still lies there, and the rotor is off, it is in sight.
    expect(before(ask(...allBack.slice(0, 2)))).toEqual([])
    expect(before(ask(...allBack.slice(0, 4)))).toEqual([id(3, 's')])
  })
  it('in the middle of a return is cheaper now than after the next gate', () => {
    const found = asked(all.slice(0, 6), left({ length: 18, drive: 'torx' }))
    expect(text(found.order[0]!.place!.words)).toContain('motor')
    expect(found.later).toMatchObject({ gate: id(2, 's'), zones: ['rear'] })
    expect(found.later!.expected).toBeGreaterThan(found.expected)
    expect(asked(all, left({ length: 18 })).later).toBeNull()
  })
  it('for what is still owed says so first', () => {
    const [first] = asked(all.slice(0, 4), left({ length: 18, drive: 'torx' })).places
    expect(first).toMatchObject({ kind: 'owed', debt: id(300, 'm') })
  })
  it('of one that is short names its cell, its look-alikes, its own holes and where it may have fallen', () => {
    const found = asked(all, { asks: 'one short', short: id(300, 'm') })
    expect(new Set(found.places.map(p => p.kind))).toEqual(new Set(['hole', 'cell', 'fallen']))
    expect(found.places.filter(p => p.kind === 'hole').map(p => p.debt)).toContain(id(100, 'm'))
  })
  it('of a swap names holes of the kind that is left over, those of like things first', () => {
    const found = asked(all, { ...left({ size: 'T20', length: 16 }), asks: 'swap', short: id(300, 'm') })
    expect(found.places[0]!.debt).toBe(id(500, 'm'))
    expect(found.places.every(p => p.debt !== id(300, 'm'))).toBe(true)
  })
  it('over made-up returns with one hidden mistake halves the minutes of plain reverse', () => {
    const stories = [...Array(160).keys()].flatMap(seed => {
      const story = mistakenReturn(seed)
      return story ? [searched(story, seed)] : []
    })
    expect(stories.length).toBeGreaterThan(60)
    for (const share of [0.5, 0.9])
      expect(
        quantile(
          stories.map(s => s.minutes),
          share,
        ),
      ).toBeLessThan(
        quantile(
          stories.map(s => s.plain),
          share,
        ) / 2,
      )
    expect(
      quantile(
        stories.map(s => s.rank),
        0.5,
      ),
    ).toBeLessThanOrEqual(2)
  })
})
