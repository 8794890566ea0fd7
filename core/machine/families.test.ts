import { describe, expect, it } from 'vitest'
import { anatomy, families, liesIn, zoneTitle } from './families.ts'
import { toOpen } from './to-open.ts'

describe.each(families)('the anatomy of a %s', family => {
  const { zones, covers } = anatomy[family]
  const ids = zones.map(z => z.id)

  it('names each zone once, and nests only in its own zones', () => {
    expect(new Set(ids).size).toBe(ids.length)
    for (const z of zones) {
      if (z.within) expect(ids).toContain(z.within)
      expect(zoneTitle(family, z.id)).toBe(z.name)
      expect(liesIn(family, z.id, z.id)).toBe(true)
    }
  })
  it('has covers that are reached from a zone and open zones', () => {
    for (const c of covers) for (const z of [c.zone, ...c.opens]) expect(ids).toContain(z)
  })
  it('has no zone that lies in itself by way of others', () => {
    for (const z of zones) if (z.within) expect(liesIn(family, z.within, z.id)).toBe(false)
  })
})

it('knows what lies within what', () => {
  expect(liesIn('front-loader', 'drive', 'rear')).toBe(true)
  expect(liesIn('front-loader', 'rear', 'drive')).toBe(false)
  expect(liesIn('top-loader', 'drive', 'front')).toBe(true)
  expect(liesIn('front-loader', 'attic', 'rear')).toBe(false)
  expect(zoneTitle('front-loader', 'attic')).toBe('attic')
})

describe('what comes off to reach a zone', () => {
  const names = (zone: string, open: string[] = [], family: 'front-loader' | 'top-loader' = 'front-loader') =>
    toOpen(family, zone, open).map(c => c.name)
  it.each([
    ['outside', []],
    ['drive', ['rear panel']],
    ['base', ['kick plate']],
    ['console', ['top panel', 'console']],
    ['attic', []],
  ])('%s of a front loader: %j', (zone, covers) => expect(names(zone)).toEqual(covers))
  it('what is open already is not opened again', () => {
    expect(names('drive', ['rear'])).toEqual([])
    expect(names('console', ['top'])).toEqual(['console'])
  })
  it('covers nest in a top loader', () => expect(names('drive', [], 'top-loader')).toEqual(['front panel']))
})
