import { describe, expect, it } from 'vitest'
import { catalogue } from '../assembly/catalogue.ts'
import type { Book } from '../book/book.ts'
import { shutOver, type Family } from '../machine/families.ts'
import { bookFrom, off, screws, told } from '../test/told-machine.ts'
import type { From, Target } from './graph.ts'
import { waysIn, type Plan } from './plan.ts'
import { usuallyBefore } from './usually-before.ts'

const begins: From = { open: [], done: new Set(), stands: 'upright' }
const plans = (family: Family, book: Book | null, target: Target, from: From = begins): Plan[] =>
  waysIn({ family, book, target, from, isolated: [] })
const idOf = (book: Book, part: string) =>
  book.steps.flatMap(s => s.acts).find(a => 'part' in a.move && a.move.part.name === part)!.id
const toPart = (book: Book, part: string): Target => ({ to: 'act', act: idOf(book, part) })
const wordsOf = (p: Plan) => p.acts.map(a => ('act' in a.source ? (a.source.act.move.place ?? '') : ''))

describe('a way in where the obvious one is not the best', () => {
  it('the low plate is off in two minutes, but then it lies on its front: the rear panel is shorter', () => {
    const book = bookFrom([
      told('low', 'front-loader', [
        screws('outside', 'kick plate', 3, 'T20', 1.5),
        off('outside', 'kick plate', 0.5, ['base']),
        screws('base', 'drain pump', 3, 'T20', 5, 'on its front'),
        off('base', 'drain pump', 3, [], 'on its front'),
      ]),
      told('rear', 'front-loader', [
        screws('outside', 'rear panel', 8, 'T20', 3),
        off('outside', 'rear panel', 0.5, ['rear', 'base']),
        screws('base', 'drain pump', 3, 'T20', 5),
        off('base', 'drain pump', 3),
      ]),
    ])
    const [best, next] = plans('front-loader', book, toPart(book, 'drain pump'))
    expect(best).toMatchObject({ by: ['rear panel'], turns: 0, people: 1 })
    expect(next).toMatchObject({ by: ['kick plate'], turns: 1, people: 2 })
  })
  it('what comes off anyway opens the second place too', () => {
    const book = bookFrom([
      told('one', 'front-loader', [
        screws('outside', 'kick plate', 2, 'T20', 0.5),
        off('outside', 'kick plate', 0.5, ['base']),
        off('base', 'drain hose', 1),
        screws('outside', 'rear panel', 8, 'T20', 3),
        off('outside', 'rear panel', 1, ['rear', 'base']),
        off('rear', 'hose holder', 1),
        off('base', 'sump hose', 2),
      ]),
    ])
    // The hose holder lies behind the rear panel, and with it the base is open.
    const [best] = plans('front-loader', book, { to: 'zone', zone: 'rear' })
    expect(best!.by).toEqual(['rear panel'])
    expect(best!.open).toContain('base')
  })
  it('what is off already makes the longer way the shorter one', () => {
    const acts = (cover: string, n: number, minutes: number) => [
      screws('outside', cover, n, 'T20', minutes),
      off('outside', cover, 0.5, ['base']),
      off('base', 'drain pump', 3),
    ]
    const book = bookFrom([
      told('low', 'front-loader', acts('kick plate', 3, 2)),
      told('rear', 'front-loader', acts('rear panel', 8, 6)),
    ])
    const target = toPart(book, 'drain pump')
    expect(plans('front-loader', book, target)[0]!.by).toEqual(['kick plate'])
    const rearScrews = book.steps.flatMap(s => s.acts).find(a => a.move.place === 'rear panel')!.id
    const [now] = plans('front-loader', book, target, { ...begins, done: new Set([rearScrews]) })
    expect(now!.by).toEqual(['rear panel'])
  })
  it('three tools cost more than three more screws', () => {
    const book = bookFrom([
      told('front', 'top-loader', [
        screws('outside', 'front panel', 1, 'T15', 0.4),
        screws('outside', 'front panel', 1, 'PH2', 0.4),
        screws('outside', 'front panel', 1, 'T25', 0.4),
        off('outside', 'front panel', 0.2, ['front', 'base']),
        off('base', 'drain pump', 3),
      ]),
      told('rear', 'top-loader', [
        screws('outside', 'rear panel', 6, 'T20', 1.7),
        off('outside', 'rear panel', 0.2, ['base']),
        off('base', 'drain pump', 3),
      ]),
    ])
    const [best, next] = plans('top-loader', book, toPart(book, 'drain pump'))
    expect([best!.by, next!.by]).toEqual([['rear panel'], ['front panel']])
    expect(next!.tools.map(t => t.tool)).toHaveLength(3)
  })
  it('what is done in one posture is done together, whatever the order in which it was told', () => {
    const book = bookFrom([
      told('one', 'front-loader', [
        screws('outside', 'kick plate', 2, 'T20', 1, 'tipped back'),
        screws('outside', 'rear panel', 4, 'T20', 2),
        off('outside', 'rear panel', 1, ['rear']),
        off('outside', 'kick plate', 1, ['base'], 'tipped back'),
        screws('rear', 'motor bracket', 2, 'T20', 1),
        screws('base', 'motor bracket', 2, 'T20', 1, 'tipped back'),
        off('rear', 'motor bracket', 1),
      ]),
    ])
    const [best] = plans('front-loader', book, toPart(book, 'motor bracket'))
    // Told, it was turned five times.
    expect(best!.turns).toBe(2)
    expect(wordsOf(best!)[0]).toBe('rear panel')
  })
  it('a cover that nobody here has seen on this model is no short cut', () => {
    const book = bookFrom(
      ['a', 'b'].map(n =>
        told(n, 'front-loader', [
          screws('outside', 'rear panel', 6, 'T20', 2.5),
          off('outside', 'rear panel', 0.5, ['rear', 'base']),
          off('base', 'drain pump', 3),
        ]),
      ),
    )
    const [best, next] = plans('front-loader', book, toPart(book, 'drain pump'))
    expect(best).toMatchObject({ by: ['rear panel'], unseen: [], jobs: { of: 2, all: 2 } })
    expect(next).toMatchObject({ by: ['kick plate'], unseen: ['kick plate'] })
  })
})

describe('a plan', () => {
  it('of a model without a recording is general, by the covers of its family', () => {
    const all = plans('front-loader', null, { to: 'part', part: 'drain pump' })
    expect(all.map(p => p.by)).toEqual([['kick plate'], ['rear panel']])
    expect(all[0]).toMatchObject({ jobs: null, unseen: [], off: ['kick plate', 'drain pump'] })
    expect(all[0]!.toHave).toContain('hose clamp')
  })
  it('every place of both families and every part of the catalogue can be asked for', () => {
    for (const family of ['front-loader', 'top-loader'] as const)
      for (const zone of ['console', 'tub', 'drive', 'base'])
        for (const p of plans(family, null, { to: 'zone', zone })) {
          expect(p.minutes).toBeGreaterThan(0)
          expect(shutOver(family, zone).some(z => p.open.includes(z))).toBe(true)
        }
  })
  it('says what takes two people, what must not stand in, and what may be in the way', () => {
    const book = bookFrom([
      told('one', 'front-loader', [
        screws('outside', 'top panel', 2, 'T20', 1),
        off('outside', 'top panel', 1, ['top']),
        off('top', 'upper counterweight', 8),
        off('top', 'pressure switch', 1),
      ]),
    ])
    const [best] = plans('front-loader', book, toPart(book, 'pressure switch'))
    expect(best!.off).toEqual(['top panel', 'pressure switch'])
    expect(best!.perhaps).toHaveLength(1)
    const [weight] = plans('front-loader', book, toPart(book, 'upper counterweight'))
    expect(weight!.people).toBe(2)
    expect(weight!.tools[0]!.not.length).toBeGreaterThan(0)
  })
  it('to what lies deep goes through what usually comes off before it', () => {
    const [best] = plans('front-loader', null, { to: 'part', part: 'drum bearings' })
    for (const part of ['tub', 'drum', 'drive belt', 'bellows', 'front panel']) expect(best!.off).toContain(part)
    expect(best!.off.at(-1)).toBe('drum bearing')
    expect(best!.minutes).toBeGreaterThan(60)
    expect(best!.people).toBe(2)
  })
  it('every name of the table of what comes before is one of the catalogue, and it leads to all of them', () => {
    for (const family of ['front-loader', 'top-loader'] as const)
      for (const { name, zone } of catalogue()) {
        if (!zone[family]) continue
        for (const before of usuallyBefore(family, name))
          expect(
            catalogue().some(k => k.name === before && k.zone[family]),
            before,
          ).toBe(true)
        expect(plans(family, null, { to: 'part', part: name })[0]?.off.at(-1), name).toBe(name)
      }
  })
  it('tells the tools of what is left, in the order of their use, the block or the mat at the turn', () => {
    const front = [screws('outside', 'front panel', 2, 'T20', 1), off('outside', 'front panel', 0.5, ['front'])]
    const pump = [
      screws('base', 'drain pump', 3, 'PH2', 1, 'tipped back'),
      off('base', 'drain pump', 1, [], 'tipped back'),
    ]
    const book = bookFrom([told('one', 'top-loader', [...front, ...pump])])
    const toolsOf = (p: Plan) => p.tools.map(t => `${t.tool} ${t.acts}`)
    expect(toolsOf(plans('top-loader', book, toPart(book, 'drain pump'))[0]!)).toEqual([
      'T20 driver 1',
      'block 1',
      'PH2 driver 1',
    ])
    const [unscrewed] = book.steps.flatMap(s => s.acts)
    const [left] = plans(
      'top-loader',
      book,
      { to: 'part', part: 'gearbox' },
      { ...begins, done: new Set([unscrewed!.id]) },
    )
    expect(left!.off).toContain('front panel')
    expect(toolsOf(left!)).toEqual(['driver for panel screws 1'])
  })
  it('leads nowhere from where it is done', () => {
    expect(plans('front-loader', null, { to: 'zone', zone: 'top' }, { ...begins, open: ['top'] })).toEqual([])
    expect(plans('front-loader', null, { to: 'act', act: 'none' })).toEqual([])
  })
})
