import { describe, expect, it } from 'vitest'
import { readOne } from '../../core/hearing/read-one.ts'
import { fieldNames } from '../../core/moves/fields-of.ts'
import { moveKinds } from '../../core/moves/kinds.ts'
import { linesOfOthers, spokenLines, type Item } from './lines.ts'
import { measure } from './measure.ts'

const own = spokenLines()
const others = linesOfOthers()
const known = new Set([...fieldNames, 'kind', 'or', 'count', 'terminal', 'not'])
const share = (n: number, of: number) => n / of

describe('the lines that the reader learns from', () => {
  it('are over 1,200 of our own, of at least 24 voices, a third of them held back', () => {
    expect(own.length).toBeGreaterThanOrEqual(1200)
    expect(new Set(own.map(l => l.voice)).size).toBeGreaterThanOrEqual(24)
    // What was held of the narrations is two of them whole.
    const written = own.filter(l => l.voice !== 'ola' && l.voice !== 'told')
    expect(share(written.filter(l => l.held).length, written.length)).toBeGreaterThanOrEqual(0.33)
  })
  it('stand once each, with acts and attributes that there are', () => {
    const texts = [...own, ...others].map(l => l.text)
    expect(texts.filter((t, i) => texts.indexOf(t) !== i)).toEqual([])
    const items = (i: Item): Item[] => [i, ...(i.or ?? [])]
    for (const line of own)
      for (const item of line.readings.flatMap(r => r.flatMap(items))) {
        expect([...Object.keys(moveKinds), 'note'], line.text).toContain(item.kind)
        expect(
          Object.keys(item).filter(k => !known.has(k)),
          line.text,
        ).toEqual([])
      }
  })
})

describe('how lines are read', () => {
  it('that were held back', () => {
    const { items, kindRight, allRight, invented, wrongCounts } = measure(own.filter(l => l.held)).all
    expect(share(kindRight, items)).toBeGreaterThan(0.86)
    expect(share(allRight, items)).toBeGreaterThan(0.8)
    expect(share(invented, items)).toBeLessThan(0.09)
    expect(share(wrongCounts, items)).toBeLessThan(0.03)
  })
  it('of other people', () => {
    const { items, kindRight, allRight, invented, wrongCounts } = measure(others).all
    expect(share(kindRight, items)).toBeGreaterThan(0.97)
    expect(share(allRight, items)).toBeGreaterThan(0.94)
    expect(share(invented, items)).toBeLessThan(0.02)
    expect(share(wrongCounts, items)).toBeLessThan(0.01)
  })
})

/** What is owed by a line: kinds and counts. */
const owed = (text: string): string[] => readOne(text).items.map(i => `${i.kind} ${String(i.count ?? '')}`)
const some = [...own, ...others].filter((_, i) => i % 4 === 0).map(l => l.text)
/** In what share of the lines a change of the words leaves what is owed as it was. */
function unchanged(texts: readonly string[], change: (text: string) => string): number {
  const changed = texts.filter(t => owed(change(t)).join() !== owed(t).join())
  return 1 - changed.length / texts.length
}

describe('what does not change what is owed', () => {
  it.each<[string, number, (text: string) => string]>([
    ['a leading "so"', 0.9, t => `so ${t}`],
    ['a leading "then"', 0.9, t => `then ${t}`],
    ['politeness', 0.9, t => `${t}, please`],
    ['capitals', 0.95, t => t.toUpperCase()],
    ['small letters', 0.97, t => t.toLowerCase()],
    ['other dashes', 0.99, t => t.replaceAll(' - ', ' – ')],
    ['a remark of its own sentence', 0.9, t => `${t.replace(/[.!?]$/, '')}. Mind the edges.`],
    ['white space', 0.99, t => `  ${t.replaceAll(' ', '  ')} `],
  ])('%s', (_, least, change) => expect(unchanged(some, change)).toBeGreaterThanOrEqual(least))

  it('where the count stands', () => {
    for (const [first, last] of [
      ['four T20 off the lid', 'T20 off the lid, four'],
      ['3 clips at the top', 'clips at the top, 3'],
      ['two ties cut', 'ties cut, two'],
      ['5 plugs off the board', 'plugs off the board, 5'],
    ])
      expect(owed(last!)).toEqual(owed(first!))
  })
  it('whether the noun is in the plural', () => {
    for (const [one, several] of [
      ['2 clip at the top', '2 clips at the top'],
      ['four T20 screw out of the lid', 'four T20 screws out of the lid'],
      ['3 plug off the board', '3 plugs off the board'],
      ['2 zip tie cut', '2 zip ties cut'],
    ])
      expect(owed(one!)).toEqual(owed(several!))
  })
  it('which word of the trade is taken', () => {
    for (const [one, other] of [
      ['undid two screws at the back', 'unscrewed two screws at the back'],
      ['slackened the heater nut', 'loosened the heater nut'],
      ['unplugged the pump', 'disconnected the pump plug'],
      ['snipped a zip tie', 'cut a cable tie'],
      ['closed both taps', 'shut both faucets'],
      ['tipped it back', 'tilted it back'],
    ])
      expect(owed(other!)).toEqual(owed(one!))
  })
})
