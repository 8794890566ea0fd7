/** What is measured, each with the unit in which it is kept. */
export const dimensions = {
  resistance: 'Ω',
  capacitance: 'µF',
  length: 'mm',
  temperature: '°C',
} as const
export type Dimension = keyof typeof dimensions

/** A value as it was read: in the unit of its dimension, infinite where the meter shows that it is over its range; one step of its last figure. */
export interface Typed {
  dimension: Dimension
  value: number
  step: number
}

const units: Record<Dimension, Record<string, number>> = {
  resistance: { ohm: 1, ohms: 1, r: 1, ω: 1 },
  capacitance: { f: 1e6 },
  length: { m: 1000, in: 25.4, inch: 25.4, '"': 25.4, '″': 25.4 },
  temperature: { '°c': 1, c: 1, '°f': 5 / 9, f: 5 / 9 },
}
/** The unit that a prefix alone stands for. */
const alone: Partial<Record<Dimension, number>> = { resistance: 1, capacitance: 1e6 }
const prefixes: Record<string, number> = {
  '': 1,
  k: 1e3,
  K: 1e3,
  M: 1e6,
  m: 1e-3,
  c: 1e-2,
  µ: 1e-6,
  μ: 1e-6,
  u: 1e-6,
  n: 1e-9,
  p: 1e-12,
}

/** The factor from a unit as written to that of a dimension; null where it is none of it. A letter alone may be a prefix (`4k`). */
function factorOf(written: string, dimension: Dimension): number | null {
  if (written === '') return 1
  const known = units[dimension]
  if (written.toLowerCase() in known) return known[written.toLowerCase()]!
  const prefix = prefixes[written[0]!]
  if (prefix === undefined) return null
  const rest = written.slice(1).toLowerCase()
  const base = rest === '' ? alone[dimension] : known[rest]
  return base === undefined ? null : prefix * base
}

const number = (text: string) => Number(text.replace(',', '.'))
const decimals = (text: string) => /[.,](\d+)/.exec(text)?.[1]!.length ?? 0

/**
 * A reading as people type it, in the unit of a dimension: `24R`, `4k7`, `1.2 M`, `OL`, `12 mm`, `1 in`, `5/8"`, `1 1/4 in`, `0,4`; a bare figure is in that
 * unit. Null with what to do where it cannot be told: `1.2 m` may be a thousandth or a million ohms.
 */
export function readTyped(text: string, dimension: Dimension): Typed | { problem: string } {
  const said = text.trim().replace(/[ΩΩ]/g, 'ohm')
  if (/^(o\.?l\.?|over|open|inf|∞)$/i.test(said)) return { dimension, value: Infinity, step: 0 }
  const problem = `Type a figure and its unit, like ${{ resistance: '24R, 4k7, 1.2 M or OL', capacitance: '16 µF', length: '12 mm or 5/8 in', temperature: '21 °C' }[dimension]}.`
  const coded = /^(\d+)([RrkKM])(\d+)$/.exec(said)
  if (coded && dimension === 'resistance') {
    const [, whole, letter, part] = coded as unknown as [string, string, string, string]
    const factor = /r/i.test(letter) ? 1 : prefixes[letter]!
    return { dimension, value: number(`${whole}.${part}`) * factor, step: factor * 10 ** -part.length }
  }
  const mixed = /^(\d+)\s+(\d+\s*\/\s*\d+)\s*(in|inch|"|″)$/.exec(said)
  if (mixed && dimension === 'length') {
    const part = readTyped(`${mixed[2]} in`, dimension)
    return 'problem' in part ? part : { ...part, value: part.value + Number(mixed[1]) * 25.4 }
  }
  const parts = /^(-?\d+(?:[.,]\d+)?)(?:\s*\/\s*(\d+))?\s*([^\d\s]*)$/.exec(said)
  if (!parts) return { problem }
  const [, figure, over, unit] = parts as unknown as [string, string, string | undefined, string]
  if (dimension === 'resistance' && unit === 'm')
    return { problem: 'Write MΩ for millions of ohms, mΩ for thousandths of one.' }
  const factor = factorOf(unit, dimension)
  if (factor === null || over === '0' || (figure.startsWith('-') && dimension !== 'temperature')) return { problem }
  const shown = number(figure) / (over ? Number(over) : 1)
  const shift = dimension === 'temperature' && /f$/i.test(unit) ? -32 : 0
  return { dimension, value: (shown + shift) * factor, step: over ? 0 : factor * 10 ** -decimals(figure) }
}
