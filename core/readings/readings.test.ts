import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { text } from '../words/language.ts'
import { bearings } from './kinds/bearing.ts'
import { yearsLeft } from './kinds/brushes.ts'
import { band, celsiusAt, ohmsAt } from './kinds/temperature-sensor.ts'
import { measured } from './meter.ts'
import { quantityNames } from './names.ts'
import { quantities } from './quantities.ts'
import type { Quantity } from './quantity.ts'
import { readTyped, type Dimension, type Typed } from './typed.ts'
import { told } from './verdicts.test-data.ts'

const typed = (said: string, dimension: Dimension): Typed => {
  const read = readTyped(said, dimension)
  if ('problem' in read) throw new Error(`${said}: ${read.problem}`)
  return read
}
const verdict = (of: Quantity, given: Record<string, number>, read: Record<string, string>) => {
  const usual = Object.fromEntries(of.given.flatMap(g => (g.usual === undefined ? [] : [[g.name, g.usual]])))
  return of.judge(
    { ...usual, ...given },
    Object.fromEntries(Object.entries(read).map(([state, said]) => [state, typed(said, of.dimension)])),
  )
}

describe('what was read and what it says', () => {
  it('covers every quantity, and has enough that cannot be told', () => {
    expect(told.length).toBeGreaterThanOrEqual(80)
    expect(new Set(told.map(([of]) => of)).size).toBe(quantityNames.length)
    expect(told.filter(([, , , says]) => says === 'cannot tell').length).toBeGreaterThanOrEqual(15)
  })
  it.each(told)('%s %o %o: %s (%s)', (of, given, read, says) => {
    const found = verdict(quantities[of], given, read)
    expect([found.says, text(found.because)]).toEqual([says, expect.stringMatching(/\w/)])
  })
})

describe('as people type it', () => {
  it.each([
    ['24R', 'resistance', 24, 1],
    ['4k7', 'resistance', 4700, 100],
    ['1.2 M', 'resistance', 1_200_000, 100_000],
    ['27,5 ohm', 'resistance', 27.5, 0.1],
    ['210 MΩ', 'resistance', 210e6, 1e6],
    ['3R30', 'resistance', 3.3, 0.01],
    ['500 mΩ', 'resistance', 0.5, 0.001],
    ['OL', 'resistance', Infinity, 0],
    ['12 mm', 'length', 12, 1],
    ['1 in', 'length', 25.4, 25.4],
    ['5/8"', 'length', 15.875, 0],
    ['1 1/4 in', 'length', 31.75, 0],
    ['1.4 m', 'length', 1400, 100],
    ['16 uF', 'capacitance', 16, 1],
    ['470n', 'capacitance', 0.47, 0.001],
    ['68 °F', 'temperature', 20, 5 / 9],
    ['-3', 'temperature', -3, 1],
  ] as const)('%s as %s', (said, dimension, value, step) => {
    const read = typed(said, dimension)
    expect(read.value).toBeCloseTo(value, 6)
    expect(read.step).toBeCloseTo(step, 6)
  })
  it.each([
    ['1.2 m', 'resistance'],
    ['12 mm', 'resistance'],
    ['about 4', 'resistance'],
    ['', 'length'],
    ['3/0', 'length'],
    ['-4', 'resistance'],
    ['1.2.3', 'length'],
  ] as const)('%s as %s says what to do', (said, dimension) =>
    expect(readTyped(said, dimension)).toEqual({ problem: expect.stringMatching(/^(Type|Write) /) }),
  )
})

describe('the sums', () => {
  it('a sensor of 4840 ohms and B 3977 has 6076 ohms at 20 °C and 1192 at 60 °C', () => {
    // 3977 · (1/293.15 − 1/298.15) = 0.22751; e^0.22751 = 1.25547; 1.25547 · 4840 = 6076.
    expect(ohmsAt(4840, 3977, 20)).toBeCloseTo(4840 * Math.exp(3977 * (1 / 293.15 - 1 / 298.15)), 6)
    expect(ohmsAt(4840, 3977, 20)).toBeGreaterThan(6030)
    expect(ohmsAt(4840, 3977, 20)).toBeLessThan(6090)
    expect(ohmsAt(4840, 3977, 60)).toBeGreaterThan(1170)
    expect(ohmsAt(4840, 3977, 60)).toBeLessThan(1210)
    expect(ohmsAt(4840, 3977, 25)).toBe(4840)
  })
  it('the curve of a sensor falls, and turned round gives the temperature back', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 500, max: 2e5, noNaN: true }),
        fc.double({ min: 2500, max: 5000, noNaN: true }),
        fc.double({ min: -10, max: 95, noNaN: true }),
        (r25, beta, t) => {
          expect(celsiusAt(r25, beta, ohmsAt(r25, beta, t))).toBeCloseTo(t, 6)
          expect(ohmsAt(r25, beta, t + 1)).toBeLessThan(ohmsAt(r25, beta, t))
          const { low, high } = band(r25, beta, 5, t)
          expect(low).toBeLessThan(ohmsAt(r25, beta, t))
          expect(high).toBeGreaterThan(ohmsAt(r25, beta, t))
        },
      ),
    ))
  it('a brush of 36 mm that has 24 after eight years, with 12 as its limit, has eight more', () =>
    expect(yearsLeft(36, 24, 12, 8)).toBe(8))
  it('what a meter shows lies within what it can really be; a finer step makes it no wider', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1e6, noNaN: true }), fc.integer({ min: 0, max: 3 }), (value, fine) => {
        const wide = measured({ dimension: 'resistance', value, step: 1 })
        const narrow = measured({ dimension: 'resistance', value, step: 10 ** -fine })
        expect(wide.low).toBeLessThanOrEqual(value)
        expect(wide.high).toBeGreaterThanOrEqual(value)
        expect(narrow.high - narrow.low).toBeLessThanOrEqual(wide.high - wide.low)
      }),
    ))
  it('an element that is good stays so or cannot be told as it is read a little otherwise: never from good to bad at a step', () =>
    fc.assert(
      fc.property(fc.integer({ min: 150, max: 450 }), tenths => {
        const says = (t: number) =>
          verdict(quantities.heating, { volts: 230, watts: 1950 }, { across: `${(t / 10).toFixed(1)}` }).says
        const pair = [says(tenths), says(tenths + 1)]
        expect(pair.includes('good') && pair.includes('bad')).toBe(false)
      }),
    ))
})

describe('bearings', () => {
  it('from 6000 to 6310 each is told apart by a calliper that is off by 0.05 mm', () => {
    expect(bearings).toHaveLength(33)
    for (const { designation, bore, outside, width } of bearings)
      for (const off of [-0.05, 0, 0.05]) {
        const found = verdict(
          quantities.bearing,
          { error: 0.05 },
          {
            bore: (bore + off).toFixed(2),
            outside: (outside - off).toFixed(2),
            width: (width + off).toFixed(2),
          },
        )
        expect([found.says, text(found.because)]).toEqual(['good', `It is a ${designation}`])
      }
  })
  it('names an inch bore in its metric ring by its fraction', () => {
    const found = verdict(quantities.bearing, {}, { bore: '15.88', outside: '40.00', width: '12.00' })
    expect(text(found.because)).toContain('5/8 inch in the ring of a 6203')
  })
})

it('nothing proposes to work live or to by-pass an interlock', () => {
  const words = quantityNames.flatMap(name => {
    const { title, first, given } = quantities[name] as Quantity
    return [text(title), text(first), ...given.map(g => text(g.label))]
  })
  const verdicts = told.map(([of, given, read]) => text(verdict(quantities[of], given, read).because))
  for (const line of [...words, ...verdicts])
    expect(line).not.toMatch(/\b(by-?pass|bridge|jumper|defeat|live wire|powered|under power|plug in)\b/i)
  for (const name of quantityNames) {
    const { cautions, first, dimension } = quantities[name] as Quantity
    if (dimension === 'resistance' || dimension === 'capacitance') {
      expect(cautions).toContain('mains')
      expect(text(first)).toMatch(/Plug out/)
    }
  }
})
