import { scaleLinear, scaleLog } from 'd3-scale'
import { area, line } from 'd3-shape'
import { band, fingerFall, ohmsAt } from './kinds/temperature-sensor.ts'
import { yearsLeft } from './kinds/brushes.ts'
import { measured } from './meter.ts'
import type { QuantityName } from './names.ts'
import type { Givens, Readings } from './quantity.ts'

/** Something read, where it lies in a picture, with its error from `top` to `bottom`. */
export interface Seen {
  x: number
  y: number
  top: number
  bottom: number
  words: string
}
/** A picture of readings: paths and places in its own units, for a screen or for paper. */
export interface Picture {
  width: number
  height: number
  /** From where to where its ground runs across; what stands beside it up is left of that. */
  ground: readonly [from: number, to: number]
  /** What was expected as an area, and its middle or its limit as a line. */
  band: string
  line: string
  seen: Seen[]
  across: { x: number; words: string }[]
  up: { y: number; words: string }[]
  /** What it shows, in a sentence. */
  words: string
}

const [width, height] = [340, 170]
const [left, foot, room] = [46, 24, 20]
const frame = { width, height, ground: [left, width - room] } as const
/** Two brushes nearer than this, in mm, carry one figure. */
const apart = 6
const short = (n: number) => (n >= 1e6 ? `${n / 1e6} M` : n >= 1000 ? `${n / 1000} k` : String(n))

/** A sensor's curve with the band of its tolerance, and on it what was read at the temperature of the day; ohms by their logarithm. */
function curve({ r25, beta, percent = 5, celsius }: Givens, { across }: Readings): Picture | null {
  if (r25 === undefined || beta === undefined) return null
  const warm = Array.from({ length: 19 }, (_, i) => i * 5)
  const bands = warm.map(t => ({ t, ...band(r25, beta, percent, t) }))
  const x = scaleLinear([0, 90], [left, width - room])
  const y = scaleLog([bands.at(-1)!.low, bands[0]!.high], [height - foot, room]).clamp(true)
  const read = across && celsius !== undefined && Number.isFinite(across.value) ? measured(across) : null
  return {
    ...frame,
    band: area<(typeof bands)[0]>(
      b => x(b.t),
      b => y(b.low),
      b => y(b.high),
    )(bands)!,
    line: line<number>(
      t => x(t),
      t => y(ohmsAt(r25, beta, t)),
    )(warm)!,
    seen: read
      ? [
          {
            x: x(celsius!),
            y: y(across!.value),
            top: y(read.high),
            bottom: y(read.low),
            words: `${short(across!.value)} Ω`,
          },
        ]
      : [],
    across: [0, 20, 40, 60, 80].map(t => ({ x: x(t), words: `${t} °C` })),
    up: y
      .ticks()
      .filter(o => /^[125]/.test(String(o)))
      .map(o => ({ y: y(o), words: short(o) })),
    words: `The curve of the sensor from 0 to 90 °C with its band${read ? `; read ${short(across!.value)} Ω at ${celsius} °C` : ''}`,
  }
}

/** A sensor between two fingers: what was read before and after a minute, and the fan of falls that a finger makes from there. */
function slope({ celsius = 20 }: Givens, read: Readings): Picture | null {
  const [before, after] = [read['cold'], read['warmed for a minute']]
  if (!before || !Number.isFinite(before.value)) return null
  const ends = after && Number.isFinite(after.value) ? after : null
  const x = scaleLinear([0, 60], [left, width - room])
  const y = scaleLinear([before.value * 0.45, before.value * 1.1], [height - foot, room]).clamp(true)
  const fall = fingerFall(celsius)
  return {
    ...frame,
    band: `M${x(0)} ${y(before.value)}L${x(60)} ${y(before.value * fall.high)}V${y(before.value * fall.low)}Z`,
    line: ends ? `M${x(0)} ${y(before.value)}L${x(60)} ${y(ends.value)}` : '',
    seen: [{ s: 0, of: before }, ...(ends ? [{ s: 60, of: ends }] : [])].map(({ s, of }) => {
      const { low, high } = measured(of)
      return { x: x(s), y: y(of.value), top: y(high), bottom: y(low), words: `${short(of.value)} Ω` }
    }),
    across: [0, 20, 40, 60].map(s => ({ x: x(s), words: `${s} s` })),
    up: y.ticks(3).map(o => ({ y: y(o), words: short(o) })),
    words: `The fall that a finger makes in a minute${ends ? `: read ${short(before.value)}, then ${short(ends.value)} Ω` : ''}`,
  }
}

/** Brushes: how long they were and are over the years, their limit, and where the wear of so far meets it. */
function wear({ limit, fresh, years }: Givens, read: Readings): Picture | null {
  const sides = [read['one'], read['the other']].flatMap(r => (r && Number.isFinite(r.value) ? [r] : []))
  if (limit === undefined || fresh === undefined || years === undefined || sides.length === 0) return null
  const now = Math.min(...sides.map(s => s.value))
  const more = now > limit && now < fresh ? yearsLeft(fresh, now, limit, years) : 0
  const end = Math.max(years * 1.2, years + Math.min(more, years * 4))
  const x = scaleLinear([0, end], [left, width - room])
  const y = scaleLinear([0, fresh * 1.05], [height - foot, room])
  return {
    ...frame,
    band: `M${x(0)} ${y(limit)}H${x(end)}V${y(0)}H${x(0)}Z`,
    line: `M${x(0)} ${y(fresh)}L${x(years)} ${y(now)}${more > 0 ? `L${x(Math.min(end, years + more))} ${y(limit)}` : ''}`,
    seen: sides.map(s => {
      const { low, high } = measured(s)
      const words = s.value === now || s.value - now > apart ? `${s.value} mm` : ''
      return { x: x(years), y: y(s.value), top: y(high), bottom: y(low), words }
    }),
    across: x.ticks(5).map(t => ({ x: x(t), words: `${t} y` })),
    up: [0, limit, fresh].map(mm => ({ y: y(mm), words: `${mm} mm` })),
    words: `Brushes of ${fresh} mm, ${now} mm after ${years} years, limit ${limit} mm${more > 0 ? `: about ${more.toFixed(1)} years left` : ''}`,
  }
}

const pictures: Partial<Record<QuantityName, (given: Givens, read: Readings) => Picture | null>> = {
  sensor: curve,
  finger: slope,
  brushes: wear,
}
/** The picture of readings where one helps; null where there is none, or too little is known to draw it. */
export const pictureOf = (quantity: QuantityName, given: Givens, read: Readings): Picture | null =>
  pictures[quantity]?.(given, read) ?? null
