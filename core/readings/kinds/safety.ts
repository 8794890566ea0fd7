import { say, type Phrase } from '../../words/phrase.ts'
import { cannotTell } from '../cannot-tell.ts'
import { beyond, measured } from '../meter.ts'
import type { Quantity } from '../quantity.ts'
import { figures, judged } from '../verdict.ts'

const licensed: Phrase = say`No limit is set: local codes and licensed practice decide, and who may measure it`

/** Resistance of the earth wire from the pin of the plug to bare metal; the limit is the shop's to set. */
export const earth: Quantity = {
  title: say`Earth wire`,
  dimension: 'resistance',
  states: ['pin to metal'],
  given: [{ name: 'limit', label: say`your limit`, unit: 'Ω', least: 0.01, most: 10 }],
  cautions: ['mains'],
  first: say`Plug out, in the hand`,
  judge({ limit }, read) {
    const pin = read['pin to metal']
    if (!pin) return cannotTell(say`Read it from the pin of the plug to bare metal`)
    const seen = measured(pin)
    if (pin.value === Infinity)
      return {
        says: 'bad',
        because: say`The earth wire is broken: nobody runs this machine`,
        formula: 'OL',
        measured: seen,
      }
    if (limit === undefined) return cannotTell(licensed, seen)
    const says = judged(seen, { low: 0, high: limit })
    return {
      says,
      because: {
        good: say`Within your limit`,
        bad: say`Over your limit: nobody runs this machine`,
        'cannot tell': say`A hand meter is not fine enough: use the tester made for it`,
      }[says],
      formula: `${figures(pin.value)} Ω, ${figures(limit)} Ω at most`,
      expected: { low: 0, high: limit },
      measured: seen,
    }
  },
}

/** Resistance from the live pins to bare metal; the limit is the shop's to set. A meter of a few volts can show that it is bad, not that it is good. */
export const insulation: Quantity = {
  title: say`Insulation`,
  dimension: 'resistance',
  states: ['live pins to metal'],
  given: [
    { name: 'limit', label: say`your limit`, unit: 'MΩ', least: 0.1, most: 1000 },
    { name: 'volts', label: say`volts of the tester`, unit: 'V', least: 1, most: 1000, usual: 9 },
  ],
  cautions: ['mains', 'capacitor'],
  first: say`Plug out, switches closed`,
  judge({ limit, volts = 9 }, read) {
    const pins = read['live pins to metal']
    if (!pins) return cannotTell(say`Read it from the live pins, joined, to bare metal`)
    const seen = measured(pins)
    if (limit === undefined) return cannotTell(licensed, seen)
    const formula = `${figures(pins.value)} Ω, ${figures(limit)} MΩ at least, with ${figures(volts)} V`
    const expected = { low: limit * 1e6, high: Infinity }
    if (seen.high < expected.low)
      return {
        says: 'bad',
        because: say`Below your limit: nobody runs this machine`,
        formula,
        expected,
        measured: seen,
      }
    const tested = pins.value === Infinity ? { low: Math.max(beyond, expected.low), high: Infinity } : seen
    if (volts < 250 || tested.low < expected.low)
      return { ...cannotTell(say`A meter of a few volts does not prove it: use the tester made for it`, seen), formula }
    return { says: 'good', because: say`Within your limit`, formula, expected, measured: seen }
  },
}
