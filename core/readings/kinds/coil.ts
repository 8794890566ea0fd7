import { say } from '../../words/phrase.ts'
import { cannotTell } from '../cannot-tell.ts'
import { within } from '../interval.ts'
import { measured } from '../meter.ts'
import { openOrShorted } from '../open-or-shorted.ts'
import type { Quantity } from '../quantity.ts'
import { figures, judged, range } from '../verdict.ts'

/** Below so many ohms the coil of a valve, a lock, a pump or a tacho is shorted: the smallest of them, a pump's, has some ten. */
const shorted = 2

/** The coil of a valve, a lock, a pump or a tacho against its sheet; without a sheet only open and shorted can be told. */
export const coil: Quantity = {
  title: say`Coil of valve, lock, pump or tacho`,
  dimension: 'resistance',
  states: ['across'],
  given: [
    { name: 'ohms', label: say`ohms of its sheet`, unit: 'Ω', least: 1, most: 1e5 },
    { name: 'percent', label: say`tolerance`, unit: '%', least: 1, most: 30, usual: 10 },
  ],
  cautions: ['mains'],
  first: say`Plug out, its connector off`,
  judge({ ohms, percent = 10 }, { across }) {
    if (!across) return cannotTell(say`Read it across its terminals`)
    const seen = measured(across)
    const gone = openOrShorted(across, shorted)
    if (gone) return gone
    if (ohms === undefined)
      return cannotTell(say`It is neither open nor shorted. Its value needs its sheet, or one that works`, seen)
    const expected = within(ohms, percent)
    const says = judged(seen, expected)
    return {
      says,
      because: {
        good: say`It is as its sheet says. Whether it moves, a hand or an ear says`,
        bad:
          seen.high < expected.low
            ? say`It is too low: turns are shorted`
            : say`It is too high: wrong part, or a joint of it is going`,
        'cannot tell': say`The meter is not fine enough to say`,
      }[says],
      formula: `${figures(ohms)} Ω, ${percent} % about it ${range(expected)} Ω`,
      expected,
      measured: seen,
    }
  },
}
