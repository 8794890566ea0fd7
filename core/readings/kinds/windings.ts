import { say } from '../../words/phrase.ts'
import { cannotTell } from '../cannot-tell.ts'
import { within } from '../interval.ts'
import { leads, measured } from '../meter.ts'
import type { Quantity } from '../quantity.ts'
import { figures, judged, range } from '../verdict.ts'

/** Three windings of a motor are wound alike: none may be far from the mean of the three. Copper at one temperature: R = ρ · l / A for each. */
export const windings: Quantity = {
  title: say`Three windings`,
  dimension: 'resistance',
  states: ['first', 'second', 'third'],
  given: [{ name: 'percent', label: say`apart at most`, unit: '%', least: 1, most: 30, usual: 10 }],
  cautions: ['mains', 'capacitor'],
  first: say`Plug out, the motor's connector off`,
  judge({ percent = 10 }, read) {
    const all = [read['first'], read['second'], read['third']].flatMap(r => r ?? [])
    if (all.some(r => r.value === Infinity))
      return { says: 'bad', because: say`One of them is open`, formula: 'OL across a winding' }
    if (all.length < 3) return cannotTell(say`Read all three`)
    const ohms = all.map(r => r.value)
    const mean = (ohms[0]! + ohms[1]! + ohms[2]!) / 3
    const worst = all.reduce((a, b) => (Math.abs(a.value - mean) >= Math.abs(b.value - mean) ? a : b))
    if (mean < leads * 2)
      return cannotTell(
        say`They are as small as the leads: this takes a meter that leaves its leads out`,
        measured(worst),
      )
    const expected = within(mean, percent)
    // Leads and meter are the same for all three: between them only the last figure counts.
    const seen = { low: worst.value - worst.step, high: worst.value + worst.step }
    const says = judged(seen, expected)
    return {
      says,
      because: {
        good: say`They are alike`,
        bad:
          worst.value < mean
            ? say`One is lower than the others: turns are shorted`
            : say`One is higher than the others: a joint or a wire of it is going`,
        'cannot tell': say`The meter is not fine enough to say`,
      }[says],
      formula: `mean of ${ohms.map(figures).join(', ')} = ${figures(mean)} Ω, ${percent} % about it ${range(expected)} Ω; the farthest ${figures(worst.value)} Ω`,
      expected,
      measured: seen,
    }
  },
}
