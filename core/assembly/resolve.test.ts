import { describe, expect, it } from 'vitest'
import * as traits from './part-traits.ts'
import { catalogue } from './catalogue.ts'
import { resolvePart } from './resolve.ts'
import { newParts, saidParts } from './said-parts.test-data.ts'

const familyOf = (name: string) =>
  catalogue().find(p => p.name === name)!.zone['front-loader'] === undefined ? 'top-loader' : 'front-loader'
const table = Object.entries(saidParts).flatMap(([name, ways]) =>
  ways.map(way => ({ name, way, ...resolvePart(way, { family: familyOf(name) }) })),
)
/** Every third way to say a part stayed out of sight while the weights were chosen. */
const unseen = table.filter((_, i) => i % 3 === 2)
const wrong = (rows: typeof table) => rows.filter(r => r.part?.name !== r.name)

describe('the name of a part', () => {
  it('is in the catalogue once', () => {
    const names = catalogue().map(p => p.name)
    expect(new Set(names).size).toBe(names.length)
    expect(names.length).toBeGreaterThan(170)
  })
  it('is understood in more than 240 ways to say 63 parts, 19 of 20 at least, also those that were not tuned on', () => {
    expect(table.length).toBeGreaterThan(240)
    for (const rows of [table, unseen])
      expect(
        wrong(rows).length / rows.length,
        wrong(rows)
          .map(r => `${r.way}: ${r.part?.name ?? 'new'}, not ${r.name}`)
          .join('; '),
      ).toBeLessThan(0.05)
  })
  it('is never taken surely for another part', () => {
    expect(wrong(table).filter(r => r.certainty === 'sure')).toEqual([])
  })
  it('that no part of the catalogue has stays what it is', () => {
    const taken = newParts.map(way => ({ way, ...resolvePart(way, { family: 'front-loader' }) }))
    expect(taken.filter(t => t.certainty === 'sure')).toEqual([])
    expect(taken.filter(t => t.certainty === 'new').length).toBeGreaterThanOrEqual(newParts.length - 1)
  })
  it('that says only where is none', () => {
    for (const way of ['rear', 'right', 'lower left corner', 'under'])
      expect(resolvePart(way, { family: 'front-loader' }).part).toBeNull()
  })
})

describe('what parts are to what is beside them', () => {
  it.each(Object.entries(traits))('%s: every part is one of the catalogue', (_, names) => {
    const known = new Set(catalogue().map(part => part.name))
    expect([...names].filter(name => !known.has(name))).toEqual([])
  })
})
