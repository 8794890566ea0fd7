import { say } from '../../words/phrase.ts'
import { cannotTell } from '../cannot-tell.ts'
import { within } from '../interval.ts'
import { measured } from '../meter.ts'
import type { Quantity } from '../quantity.ts'
import { figures, judged, range } from '../verdict.ts'

/** Against the value and the tolerance that are printed on it (motor capacitors: IEC 60252-1). */
export const capacitor: Quantity = {
  title: say`Capacitor`,
  dimension: 'capacitance',
  states: ['across'],
  given: [
    { name: 'microfarads', label: say`µF printed on it`, unit: 'µF', least: 0.01, most: 500 },
    { name: 'percent', label: say`tolerance`, unit: '%', least: 1, most: 20, usual: 5 },
  ],
  cautions: ['mains', 'capacitor'],
  first: say`Plug out, discharged through a resistor, both wires off`,
  judge({ microfarads, percent = 5 }, { across }) {
    if (!across) return cannotTell(say`Read it across its terminals`)
    const seen = measured(across)
    if (microfarads === undefined) return cannotTell(say`Its value stands on its case`, seen)
    const expected = within(microfarads, percent)
    const says = judged(seen, expected)
    return {
      says,
      because: {
        good: say`It holds its value`,
        bad:
          seen.high < expected.low
            ? say`It has lost of its value: the motor starts weakly, or hums`
            : say`It is another one than its print says`,
        'cannot tell': say`The meter is not fine enough to say`,
      }[says],
      formula: `${figures(microfarads)} µF, ${percent} % about it ${range(expected)} µF`,
      expected,
      measured: seen,
    }
  },
}
