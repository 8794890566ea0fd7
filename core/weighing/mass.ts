import type { Fastener } from '../items/fastener.ts'
import type { Move } from '../moves/registry.ts'

/** A mass with its standard error, both in grams; `learnt` where it was weighed, not worked out. */
export interface Mass {
  grams: number
  error: number
  learnt?: true
}

/** Density of steel and of aluminium alloy, g/mm³ (7.85 and 2.7 g/cm³). */
const [steel, aluminium] = [7.85e-3, 2.7e-3]
/** The share by which an estimate of a fastener is off, one standard error: threads, recesses and heads differ. Our own, on the wide side. */
const spread = 0.18

/** The outer diameter of a thread as said, in mm: `M6`, `4.2`, `#8` (0.06 + 0.013 n inches, ASME B18.6.4), `1/4`. */
export function diameterOf(thread: string | undefined): number | undefined {
  const said = (thread ?? '').trim().toLowerCase()
  const metric = /^m?(\d+(?:\.\d+)?)(\s*[x×].*)?$/.exec(said)
  if (metric) return Number(metric[1])
  const gauge = /^#(\d+)/.exec(said)
  if (gauge) return 25.4 * (0.06 + 0.013 * Number(gauge[1]))
  const inch = /^(\d+)\/(\d+)/.exec(said)
  return inch ? (25.4 * Number(inch[1])) / Number(inch[2]) : undefined
}
/** The thread that usually goes with a size of drive, in mm: our own table for washers. */
const usual: Readonly<Record<string, number>> = {
  T10: 3,
  T15: 3.5,
  T20: 4,
  T25: 5,
  T30: 6,
  PH1: 3,
  PH2: 4,
  PH3: 6,
  '7 mm': 4,
  '8 mm': 5,
  '10 mm': 6,
  '13 mm': 8,
  '17 mm': 10,
  '19 mm': 12,
  '1/4 in': 4.2,
  '5/16 in': 5,
  '3/8 in': 6.3,
  '7/16 in': 6.3,
  '1/2 in': 8,
}

/**
 * The mass of one fastener, worked out from what is known of it: shank as a cylinder of 0.85 of its outer diameter (thread taken off), head as a
 * disc twice as wide and 0.6 as high as the diameter, washers 2.2 as wide and 0.2 as thick. Without a length there is no estimate.
 */
export function estimated(f: Fastener): Mass | null {
  const d = diameterOf(f.thread) ?? usual[f.size ?? '']
  if (d === undefined) return null
  const isNut = f.head === 'nut' || f.drive === 'nut'
  if (!isNut && f.length === undefined) return null
  const density = /alumin|alloy/i.test(f.look ?? '') ? aluminium : steel
  const disc = (across: number, high: number) => (Math.PI / 4) * across ** 2 * high
  const washer = disc(2.2 * d, 0.2 * d) - disc(d, 0.2 * d)
  const body = isNut
    ? disc(1.75 * d, 0.8 * d) - disc(0.9 * d, 0.8 * d)
    : disc(0.85 * d, f.length!) + (f.head === 'stud' ? 0 : disc(2 * d, 0.6 * d))
  const grams = density * (body + (f.washers ?? 0) * washer)
  return { grams, error: spread * grams }
}
/** The mass of one piece of what a move put into the tray; none where nothing is known of it. */
export const pieceMass = (move: Move): Mass | null => ('fastener' in move ? estimated(move.fastener) : null)

/** The mass of one piece, learnt from a group of `count` that was weighed with the error of the scale. */
export const learnt = (grams: number, count: number, scaleError: number): Mass => ({
  grams: grams / count,
  error: Math.max(scaleError / count, 0.005 * (grams / count)),
  learnt: true,
})
