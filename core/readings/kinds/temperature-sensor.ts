import { say } from '../../words/phrase.ts'
import { cannotTell } from '../cannot-tell.ts'
import { about, holds, hull, through, within, type Interval } from '../interval.ts'
import { measured } from '../meter.ts'
import { openOrShorted } from '../open-or-shorted.ts'
import type { Quantity } from '../quantity.ts'
import { figures, judged, range } from '../verdict.ts'

const kelvin = 273.15
/** 25 °C, for which the sheet of a sensor gives its resistance. */
const reference = 25 + kelvin

/** Ohms of a sensor that falls with warmth at so many °C: R = R25 · exp(B · (1/T − 1/298.15 K)), the B equation of thermistors (IEC 60539-1). */
export const ohmsAt = (r25: number, beta: number, celsius: number): number =>
  r25 * Math.exp(beta * (1 / (celsius + kelvin) - 1 / reference))

/** °C at which such a sensor has so many ohms: the B equation turned round. */
export const celsiusAt = (r25: number, beta: number, ohms: number): number =>
  1 / (1 / reference + Math.log(ohms / r25) / beta) - kelvin

/** Percent by which B differs from one sensor of a kind to the next. */
const betaTolerance = 1
/** A thermometer, and how far the sensor is from what it shows, in kelvins. */
const asWarm = 2

/** What a sensor within its tolerance may have at a temperature. */
export function band(r25: number, beta: number, percent: number, celsius: number): Interval {
  const at = about(celsius, asWarm)
  const betas = within(beta, betaTolerance)
  const sums = [betas.low, betas.high].map(b => through(t => ohmsAt(r25, b, t), at))
  const all = hull(...sums)
  return { low: all.low * (1 - percent / 100), high: all.high * (1 + percent / 100) }
}

/** Below so many ohms a sensor is shorted: on a curve it comes to some hundred in boiling water. */
const shorted = 20

/** A sensor against its curve at the temperature of the day. */
export const temperatureSensor: Quantity = {
  title: say`Temperature sensor`,
  dimension: 'resistance',
  states: ['across'],
  given: [
    { name: 'r25', label: say`ohms at 25 °C`, unit: 'Ω', least: 100, most: 1e6 },
    { name: 'beta', label: say`B of its curve`, unit: 'K', least: 2000, most: 6000, usual: 3950 },
    { name: 'percent', label: say`tolerance`, unit: '%', least: 0.5, most: 20, usual: 5 },
    { name: 'celsius', label: say`how warm it is`, unit: '°C', least: -10, most: 100 },
  ],
  cautions: ['mains', 'hot'],
  first: say`Plug out, its connector off`,
  judge({ r25, beta, percent, celsius }, { across }) {
    if (!across) return cannotTell(say`Read it across its terminals`)
    const seen = measured(across)
    const gone = openOrShorted(across, shorted)
    if (gone) return gone
    if (r25 === undefined || beta === undefined || celsius === undefined)
      return cannotTell(
        say`It is neither open nor shorted. Whether it is on its curve needs its sheet and how warm it is`,
        seen,
      )
    const expected = band(r25, beta, percent ?? 5, celsius)
    const says = judged(seen, expected)
    const shows = celsiusAt(r25, beta, across.value)
    return {
      says,
      because:
        says === 'good'
          ? say`It is on its curve`
          : says === 'bad'
            ? say`It is off its curve: it would tell the control ${figures(shows)} °C`
            : say`It lies at the rim of its curve: read it at another temperature`,
      formula: `${figures(r25)} · e^(${beta} · (1/${(celsius + kelvin).toFixed(1)} − 1/298.2)) = ${figures(ohmsAt(r25, beta, celsius))} Ω; ${range(expected)} Ω`,
      expected,
      measured: seen,
    }
  },
}

/** What a finger warms a sensor to, from a room, in °C. */
const finger: Interval = { low: 26, high: 34 }
/** B of the sensors that are built in. */
const betas: Interval = { low: 3000, high: 4600 }
/** A share that is left, from which nothing has happened. */
const still = 0.97

/** The share that a sensor falls to between two fingers, from a room at so many °C. */
export function fingerFall(celsius: number): Interval {
  const fall = (b: number, warm: number) => Math.exp(b * (1 / (warm + kelvin) - 1 / (celsius + kelvin)))
  return { low: fall(betas.high, finger.high), high: fall(betas.low, finger.low) }
}

/** A sensor between two fingers: it must fall by as much as warmth makes it. That it reacts does not say that it is on its curve. */
export const fingerTest: Quantity = {
  title: say`Sensor between the fingers`,
  dimension: 'resistance',
  states: ['cold', 'warmed for a minute'],
  given: [{ name: 'celsius', label: say`how warm the room is`, unit: '°C', least: -10, most: 45, usual: 20 }],
  cautions: ['mains'],
  first: say`Plug out, its connector off`,
  judge({ celsius = 20 }, read) {
    const [before, after] = [read['cold'], read['warmed for a minute']]
    if (!before || !after) return cannotTell(say`Read it cold, then warmed`)
    const seen = measured(after)
    if (before.value === Infinity || after.value === Infinity)
      return { says: 'bad', because: say`It is open, or opens as it is warmed`, formula: 'OL', measured: seen }
    if (celsius >= finger.low)
      return cannotTell(say`The room is as warm as a finger: use cold water or a warm cup`, seen)
    const expected = fingerFall(celsius)
    // The meter's own error is the same before and after: only the steps of the last figure count between two readings of one meter.
    const ratio = about(after.value / before.value, (before.step + after.step) / before.value)
    const says = holds(expected, ratio) ? 'good' : ratio.high >= still ? 'bad' : 'cannot tell'
    return {
      says,
      because: {
        good: say`It reacts. Whether it is on its curve, a reading at a known temperature says`,
        bad: say`It does not fall as it is warmed`,
        'cannot tell': say`It falls by another measure than a finger makes: hold it longer, or read it at a known temperature`,
      }[says],
      formula: `${figures(after.value)} / ${figures(before.value)} = ${(after.value / before.value).toFixed(2)}, where ${expected.low.toFixed(2)} to ${expected.high.toFixed(2)} is expected`,
    }
  },
}
