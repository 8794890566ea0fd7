import { readTyped, type Dimension } from '../readings/typed.ts'
import { say, type Phrase } from '../words/phrase.ts'
import { ask, harmless, no, same, type Judged } from './judged.ts'
import { rule, type Problem } from './rule.ts'

const round = (n: number) => String(Number(n.toPrecision(4)))
const factors: Readonly<Record<string, number>> = { k: 1000, m: 0.001 }
const figure = String.raw`(\d+(?:[.,]\d+)?)`
const plate = new RegExp(
  String.raw`${figure}(?:\s*(?:-|–|/|to)\s*${figure})?\s*([km]?)(v|hz|w|a|n)?(?:olts?|atts?|mps?|ewtons?)?(?![a-z])`,
  'gi',
)

/**
 * The figures of a value in a unit: `230 V`, `220-240`, `50/60 Hz`. Where a whole plate was typed (`230 V 50 Hz 34 W`) only those that carry the
 * unit count.
 */
function figures(text: string, unit: string): number[] | Problem {
  const all = [...text.matchAll(plate)].map(([, from, to, factor, of]) => ({
    of: of?.toLowerCase(),
    values: [from, to].flatMap(n => (n ? [Number(n.replace(',', '.')) * (factors[factor!.toLowerCase()] ?? 1)] : [])),
  }))
  const carry = all.filter(a => a.of === unit.toLowerCase())
  const values = (carry.length ? carry : all.filter(a => !a.of)).flatMap(a => a.values)
  return values.length ? values : { problem: `Type a figure in ${unit}, as it stands on the plate of the part.` }
}
const rated = (unit: string, judge: (old: number[], fresh: number[]) => Judged) =>
  rule({ as: 'figure', unit }, text => figures(text, unit), judge, { guards: true, inBag: true })

/** Volts of the mains, where a plate may say from and to. A part for all mains does not say on which it was. */
export const volts = rated('V', (old, fresh) => {
  const [o, f] = [old, fresh].map(all => [Math.min(...all) * 0.98, Math.max(...all) * 1.02] as const)
  const made = fresh.map(round).join(' to ')
  if (o![1] < f![0] || f![1] < o![0]) return no(say`it is made for ${made} V`)
  const forAll = o![1] / o![0] > 1.4 && (f![0] > o![0] || f![1] < o![1])
  return forAll
    ? ask(say`the old one is made for all mains, this one for ${made} V: read the plate of the machine`)
    : same
})
/** The frequency of the mains: a plate may name both. */
export const hertz = rated('Hz', (old, fresh) =>
  old.some(o => fresh.includes(o)) ? same : no(say`it is made for ${fresh.map(round).join(' and ')} Hz`),
)
/** What it does: never less than the old one, and little more, for the board and the leads are made for that. */
export const watts = rated('W', ([old], [fresh]) => {
  const share = fresh! / old!
  if (Math.abs(share - 1) <= 0.005) return same
  if (share < 1) return no(say`${round(fresh!)} W do less than ${round(old!)} W`)
  return share <= 1.1
    ? harmless(say`${round(fresh!)} W: that little more does no harm`)
    : no(say`${round(fresh!)} W are more than the board and the leads were made for`)
})
/** What it can bear: never less than the old one; more does no harm. */
export const bears = (unit: string) =>
  rated(unit, ([old], [fresh]) => {
    if (fresh === old) return same
    return fresh! < old!
      ? no(say`it bears ${round(fresh!)} ${unit}, the old one ${round(old!)} ${unit}`)
      : harmless(say`it bears more: ${round(fresh!)} ${unit}`)
  })

/** The same within a share of the old one. */
const near = (share: number, why: Phrase) => (old: number, fresh: number) =>
  Math.abs(fresh / old - 1) <= share ? same : no(why)
const measured = (dimension: Dimension) => (text: string) => {
  const read = readTyped(text, dimension)
  return 'problem' in read ? read : read.value
}
/** A capacitance, within a twentieth. */
export const capacitance = rule(
  { as: 'figure', unit: 'µF' },
  measured('capacitance'),
  near(0.05, say`the motor is wound for the old value`),
  { guards: true, inBag: true },
)
/** The resistance of a sensor at 25 °C, within three in the hundred: another one is on another curve. */
export const curve = rule(
  { as: 'figure', unit: 'Ω' },
  measured('resistance'),
  near(0.03, say`it is on another curve: the control would read a wrong heat`),
)
/** A force in newton, within a tenth. */
export const force = rule(
  { as: 'figure', unit: 'N' },
  text => figures(text, 'N'),
  ([old], [fresh]) => near(0.1, say`it is stiffer or softer: the drum would strike or walk`)(old!, fresh!),
)
