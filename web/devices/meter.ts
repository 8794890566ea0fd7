import { onSerial, simulated, type Instrument } from './instrument.ts'

/** A meter: shows its values as they would be typed. */
type Meter = Instrument<string>

/** From so large a value on a meter means that it is over its range: SCPI-99 (21.8) shows 9.9E37 then. */
const infinite = 9e36

/** A line of a meter as it would be typed: a figure of SCPI in ohms, farads or metres (`+2.710E+1`), or its own words (`27.1 ohm`, `OL`); none where it is neither. */
export function readIn(line: string, scpiUnit: string): string | null {
  const said = line.trim()
  if (/^[+-]?\d+(?:\.\d+)?E[+-]?\d+$/i.test(said)) {
    const value = Number(said)
    if (Math.abs(value) > infinite) return 'OL'
    const [, fine = '', exponent] = /\.?(\d*)E([+-]?\d+)$/i.exec(said)!
    return `${value.toFixed(Math.max(0, fine.length - Number(exponent)))} ${scpiUnit}`
  }
  if (/^o\.?l\.?$/i.test(said)) return 'OL'
  return /^[+-]?\s*\d+(?:[.,]\d+)?\s*\S+$/.test(said) ? said.replace(/^\+\s*/, '') : null
}

/** A meter on a serial cable that sends what it shows. */
export const serialMeter = (scpiUnit: string): Meter =>
  onSerial(line => readIn(line, scpiUnit), 'The meter went away: plug it in again, then read again.')

/** Counts of a meter of 3½ digits. */
const counts = 2000
/** What two leads and their probes add, in ohms. */
const leads = 0.2

/** A value as such a meter shows it, on the smallest of its ranges that holds it, rounded to a count; a calliper shows hundredths. */
export function displayed(value: number, unit: string): string {
  if (unit === 'mm') return `${value.toFixed(2)} mm`
  if (value >= 2e7) return 'OL'
  let range = unit === 'Ω' ? 200 : 2
  while (value >= range) range *= 10
  const step = range / counts
  return `${(Math.round(value / step) * step).toFixed(Math.max(0, Math.round(-Math.log10(step))))} ${unit}`
}

/** A meter that ships with it: what it is held to is told, and it shows that with noise, range and leads; each fifth time a probe slips. */
export const simulatedMeter = (holds: () => number, unit: string): Meter =>
  simulated((n, noise) => {
    const value = holds() * (1 + 0.004 * noise) + (unit === 'Ω' ? leads : 0)
    return n % 5 === 1 && unit === 'Ω' ? 'OL' : displayed(value, unit)
  })
