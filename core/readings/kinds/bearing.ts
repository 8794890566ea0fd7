import { say, list } from '../../words/phrase.ts'
import { cannotTell } from '../cannot-tell.ts'
import type { Quantity } from '../quantity.ts'
import { figures } from '../verdict.ts'

/** Outside diameter and width in millimetres of deep groove ball bearings by their bore, series 60, 62 and 63 (ISO 15, diameter series 0, 2 and 3). */
const series = {
  60: [
    [26, 8],
    [28, 8],
    [32, 9],
    [35, 10],
    [42, 12],
    [47, 12],
    [55, 13],
    [62, 14],
    [68, 15],
    [75, 16],
    [80, 16],
  ],
  62: [
    [30, 9],
    [32, 10],
    [35, 11],
    [40, 12],
    [47, 14],
    [52, 15],
    [62, 16],
    [72, 17],
    [80, 18],
    [85, 19],
    [90, 20],
  ],
  63: [
    [35, 11],
    [37, 12],
    [42, 13],
    [47, 14],
    [52, 15],
    [62, 17],
    [72, 19],
    [80, 21],
    [90, 23],
    [100, 25],
    [110, 27],
  ],
} as const
/** Bores of 00 to 03; from 04 on five times the figure. */
const bores = [10, 12, 15, 17]

export interface Bearing {
  designation: string
  bore: number
  outside: number
  width: number
}
/** All standard designations from 6000 to 6310. */
export const bearings: readonly Bearing[] = Object.entries(series).flatMap(([of, sizes]) =>
  sizes.map(([outside, width], i) => ({
    designation: `${of}${String(i).padStart(2, '0')}`,
    bore: bores[i] ?? i * 5,
    outside,
    width,
  })),
)

/** Bores in sixteenths of an inch, in millimetres, that are fitted into rings of a metric outside. */
const inches = Array.from({ length: 27 }, (_, i) => ({ sixteenths: i + 6, bore: ((i + 6) * 25.4) / 16 }))
const fraction = (sixteenths: number): string => {
  const by = sixteenths % 8 === 0 ? 8 : sixteenths % 4 === 0 ? 4 : sixteenths % 2 === 0 ? 2 : 1
  return 16 / by === 1 ? `${sixteenths / by}` : `${sixteenths / by}/${16 / by}`
}

/** A rolling bearing by three dimensions and what the calliper may be off: one designation, several, none, or an inch bore in a metric ring. */
export const bearing: Quantity = {
  title: say`Bearing`,
  dimension: 'length',
  states: ['bore', 'outside', 'width'],
  given: [{ name: 'error', label: say`calliper may be off by`, unit: 'mm', least: 0.01, most: 1, usual: 0.05 }],
  cautions: [],
  first: say`Cleaned, off its seat; the number is on its ring or its seal`,
  judge({ error = 0.05 }, { bore, outside, width }) {
    const fits = (seen: { value: number; step: number } | undefined, size: number) =>
      !seen || Math.abs(seen.value - size) <= error + seen.step / 2 + 1e-9
    if (!bore && !outside && !width) return cannotTell(say`Measure bore, outside and width`)
    const formula = (['bore', 'outside', 'width'] as const)
      .flatMap(name => {
        const seen = { bore, outside, width }[name]
        return seen ? [`${name} ${figures(seen.value)}`] : []
      })
      .join(', ')
    const ring = bearings.filter(b => fits(outside, b.outside) && fits(width, b.width))
    const whole = ring.filter(b => fits(bore, b.bore))
    if (whole.length === 1 && bore && outside && width)
      return { says: 'good', because: say`It is a ${whole[0]!.designation}`, formula: `${formula} mm` }
    if (whole.length)
      return {
        ...cannotTell(say`It may be ${list(whole.slice(0, 6).map(b => b.designation))}: measure the rest`),
        formula: `${formula} mm`,
      }
    const inch = bore && inches.find(i => fits(bore, i.bore))
    if (ring.length && inch && outside && width)
      return {
        says: 'bad',
        because: say`A bore of ${fraction(inch.sixteenths)} inch in the ring of a ${ring[0]!.designation}: a ${ring[0]!.designation} does not fit its shaft. Order by the number on its ring`,
        formula: `${formula} mm; ${fraction(inch.sixteenths)} in = ${inch.bore.toFixed(2)} mm`,
      }
    return {
      ...cannotTell(say`No standard size from 6000 to 6310: measure again, then go by the number on its ring`),
      formula: `${formula} mm`,
    }
  },
}
