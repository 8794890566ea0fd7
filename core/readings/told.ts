import type { EntryOf } from '../log/entry.ts'
import { beyond } from './meter.ts'
import type { QuantityName } from './names.ts'
import { quantities } from './quantities.ts'
import { pictureOf, type Picture } from './picture.ts'
import type { Givens, Readings } from './quantity.ts'
import { dimensions, type Typed } from './typed.ts'
import type { Verdict } from './verdict.ts'

type Body = EntryOf<'reading-taken'>['body']

/** What is kept of a value that was read in a state: an instrument over its range is kept as such, with what it has at least. */
export const kept = (
  of: string,
  quantity: QuantityName,
  state: string,
  { dimension, value, step }: Typed,
  given: Givens,
): Body => ({
  of,
  quantity,
  state,
  unit: dimensions[dimension],
  value: value === Infinity ? beyond : value,
  step,
  ...(value === Infinity && { over: true }),
  given: Object.entries(given).map(([name, value]) => ({ name, value })),
})

/** Readings of one thing as what they are judged by: of the kind that was read last, the last of each state. */
function asRead(readings: readonly Body[]): { quantity: QuantityName; given: Givens; read: Readings } | undefined {
  const last = readings.findLast(r => r.quantity)
  if (!last?.quantity) return undefined
  const { dimension } = quantities[last.quantity]
  const same = readings.filter(r => r.quantity === last.quantity && r.state)
  return {
    quantity: last.quantity,
    given: Object.fromEntries((last.given ?? []).map(g => [g.name, g.value])),
    read: Object.fromEntries(
      same.map(r => [r.state!, { dimension, value: r.over ? Infinity : r.value, step: r.step ?? 0 }]),
    ),
  }
}

/** What readings of one thing say together, the last of each state; undefined where they are of nothing that has a verdict. */
export function verdictOf(readings: readonly Body[]): Verdict | undefined {
  const of = asRead(readings)
  return of && quantities[of.quantity].judge(of.given, of.read)
}
/** The picture of readings of one thing; null where none helps. */
export function pictureTold(readings: readonly Body[]): Picture | null {
  const of = asRead(readings)
  return of ? pictureOf(of.quantity, of.given, of.read) : null
}
