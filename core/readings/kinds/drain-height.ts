import { say } from '../../words/phrase.ts'
import { cannotTell } from '../cannot-tell.ts'
import { measured } from '../meter.ts'
import type { Quantity } from '../quantity.ts'
import { figures, judged, range } from '../verdict.ts'

/** The highest point of the drain hose over the floor, against the level in the tub (water runs out by itself below it) and what the pump lifts. */
export const drainHeight: Quantity = {
  title: say`Height of the drain hose`,
  dimension: 'length',
  states: ['its highest point'],
  given: [
    { name: 'level', label: say`highest water level`, unit: 'mm', least: 50, most: 900, usual: 450 },
    { name: 'lift', label: say`what the pump lifts`, unit: 'mm', least: 300, most: 3000, usual: 1000 },
  ],
  cautions: ['water'],
  first: say`Measured from the floor on which it stands`,
  judge({ level, lift }, read) {
    const height = read['its highest point']
    if (!height) return cannotTell(say`Measure the highest point of the hose`)
    const seen = measured(height)
    if (level === undefined || lift === undefined)
      return cannotTell(say`The sheet of the machine says level and lift`, seen)
    const expected = { low: level, high: lift }
    const says = judged(seen, expected)
    return {
      says,
      because: {
        good: say`Above the water, and the pump lifts it. See that its end hangs free`,
        bad:
          seen.high < level
            ? say`Below the water in the tub: it runs out by itself as it fills`
            : say`Higher than the pump lifts`,
        'cannot tell': say`At the limit: measure again, finer`,
      }[says],
      formula: `${figures(height.value)} mm; ${range(expected)} mm`,
      expected,
      measured: seen,
    }
  },
}
