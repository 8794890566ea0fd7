import { say } from '../../words/phrase.ts'
import { beyond, measured } from '../meter.ts'
import { openOrShorted } from '../open-or-shorted.ts'
import type { Quantity } from '../quantity.ts'
import { figures, judged, range } from '../verdict.ts'
import { cannotTell } from '../cannot-tell.ts'

/** An element of a power on its plate may take 5 % more of it and 10 % less (IEC 60335-1, 10.1). */
const power = { over: 1.05, under: 0.9 } as const
/** Heating wire of nickel and chromium is about 4 % lower in the cold than at work (its coefficient, 0.0001 per kelvin, over some 400 K). */
const cold = 0.96
/** Below so many ohms an element is shorted whatever its plate says. */
const shorted = 2

/**
 * Across its terminals: R = V² / P (Joule's law with Ohm's), in ohms from the volts and watts of its plate. To its jacket a meter must show
 * that it is over its range; a meter of a few volts does not prove insulation.
 */
export const heatingElement: Quantity = {
  title: say`Heating element`,
  dimension: 'resistance',
  states: ['across', 'to its jacket'],
  given: [
    { name: 'volts', label: say`volts on its plate`, unit: 'V', least: 100, most: 480, usual: 230 },
    { name: 'watts', label: say`watts on its plate`, unit: 'W', least: 100, most: 6000 },
  ],
  cautions: ['mains', 'hot'],
  first: say`Plug out, one wire off the element`,
  judge({ volts, watts }, read) {
    const [across, jacket] = [read['across'], read['to its jacket']]
    if (jacket && measured(jacket).high < beyond)
      return {
        says: 'bad',
        because: say`It leaks to its jacket: it can trip the supply and make the machine live`,
        formula: `${figures(jacket.value)} Ω to the jacket, where nothing may be`,
        measured: measured(jacket),
      }
    if (!across) return cannotTell(say`Read it across its terminals too`)
    const seen = measured(across)
    // With a plate, few ohms are too few for it, which says more than that it is shorted.
    const gone = openOrShorted(across, watts && volts ? 0 : shorted)
    if (gone) return gone
    if (!watts || !volts)
      return cannotTell(say`It is not open. For its value, read volts and watts from its plate`, seen)
    const ohms = (volts * volts) / watts
    const expected = { low: (ohms / power.over) * cold, high: ohms / power.under }
    const formula = `${volts}² / ${watts} = ${figures(ohms)} Ω; with its tolerance, cold to hot: ${range(expected)} Ω`
    const says = judged(seen, expected)
    return {
      says,
      because:
        says === 'good'
          ? say`It is as its plate says`
          : says === 'cannot tell'
            ? say`The meter is not fine enough to say`
            : seen.high < expected.low
              ? say`It is too low: wrong part, or turns are shorted`
              : say`It is too high: wrong part, or a connection of it is burnt`,
      formula,
      expected,
      measured: seen,
    }
  },
}
