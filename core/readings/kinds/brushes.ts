import { say } from '../../words/phrase.ts'
import { cannotTell } from '../cannot-tell.ts'
import { measured } from '../meter.ts'
import type { Quantity } from '../quantity.ts'
import { figures } from '../verdict.ts'

/** Years that a brush still has, of what it wore so far: (now − limit) / ((new − now) / years), all lengths in millimetres. */
export const yearsLeft = (fresh: number, now: number, limit: number, years: number): number =>
  (now - limit) / ((fresh - now) / years)

/** Two sides of a motor wear alike; one much shorter than the other sticks in its holder, or its spring does not push. */
const apart = 1.5

export const brushes: Quantity = {
  title: say`Brushes`,
  dimension: 'length',
  states: ['one', 'the other'],
  given: [
    { name: 'limit', label: say`shortest length`, unit: 'mm', least: 1, most: 30 },
    { name: 'fresh', label: say`length when new`, unit: 'mm', least: 5, most: 60 },
    { name: 'years', label: say`years in use`, unit: 'years', least: 0.1, most: 40 },
  ],
  cautions: ['mains'],
  first: say`Plug out; measure along the side, at the longest edge`,
  judge({ limit, fresh, years }, read) {
    const sides = [read['one'], read['the other']].flatMap(r => r ?? [])
    if (sides.length === 0) return cannotTell(say`Measure both`)
    const [short, long] = [Math.min(...sides.map(s => s.value)), Math.max(...sides.map(s => s.value))]
    const shortest = measured(sides.find(s => s.value === short)!)
    if (limit === undefined)
      return cannotTell(say`The shortest length stands in its sheet; many have a line on their side`, shortest)
    const expected = { low: limit, high: Infinity }
    const span = `${figures(short)} mm, ${figures(limit)} mm at least`
    if (shortest.high < limit)
      return { says: 'bad', because: say`Below its limit: renew both`, formula: span, expected, measured: shortest }
    if (shortest.low < limit)
      return {
        says: 'cannot tell',
        because: say`At its limit, as fine as this was measured: renew both`,
        formula: span,
        expected,
        measured: shortest,
      }
    if (sides.length < 2) return cannotTell(say`Measure the other too`, shortest)
    if (short > 0 && long / short > apart)
      return {
        says: 'bad',
        because: say`One is much shorter: see whether it slides in its holder and its spring pushes`,
        formula: `${figures(long)} / ${figures(short)} = ${(long / short).toFixed(1)}, ${apart} at most`,
        expected,
        measured: shortest,
      }
    const left = fresh && years && fresh > short ? yearsLeft(fresh, short, limit, years) : undefined
    return {
      says: 'good',
      because:
        left === undefined
          ? say`Above their limit`
          : say`Above their limit: about ${figures(left)} years are left at the wear so far`,
      formula:
        left === undefined
          ? span
          : `(${figures(short)} − ${figures(limit)}) / ((${figures(fresh!)} − ${figures(short)}) / ${figures(years!)}) = ${figures(left)} years`,
      expected,
      measured: shortest,
    }
  },
}
