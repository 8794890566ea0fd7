import type { Mass } from './mass.ts'

/** A group of like pieces in the tray, with how likely one of them is missing or too many beside the others: 1 for the usual. */
export interface Lot {
  id: string
  count: number
  piece: Mass
  /** How likely it is that one of it went astray, against the others: look-alikes and hurried steps more. 1 where nothing speaks for it. */
  weight?: number
}
/** What explains the difference: pieces of each lot that are missing (below 0) or too many. */
export interface Combination {
  pieces: { lot: string; by: number }[]
  /** 0 to 1 among all that were found, and nothing. */
  likelihood: number
  /** The difference that it leaves, in grams. */
  off: number
}
/** What a tray holds by its mass: how far it is off, what may explain that, and whether one explanation stands out. */
export interface Weighed {
  /** Grams on the scale, less what should lie there. */
  difference: number
  /** The error of that difference, one standard error, in grams. */
  error: number
  /** `as it should be`, `one tells`: a combination stands out; `cannot tell`: several are as likely; `nothing fits`. */
  verdict: 'as it should be' | 'one tells' | 'cannot tell' | 'nothing fits'
  /** The likeliest first. */
  combinations: Combination[]
}

/** So many standard errors a combination may be off. */
const within = 3
/** How likely one piece of a lot went astray, before anything is weighed. Our own. */
const astray = 0.02
/** From this likelihood on a combination stands out. */
const standsOut = 0.7
/** So many combinations at most are told. */
const told = 12

/** The density of the normal distribution at `x` with standard deviation `s`. */
const normal = (x: number, s: number): number => Math.exp(-0.5 * (x / s) ** 2) / (s * Math.sqrt(2 * Math.PI))

/**
 * What the tray holds, by what it weighs: combinations of up to `most` pieces missing or too many that explain the difference between the scale and
 * what should lie there, by the likelihood of the difference under each (normal errors of the scale and of the pieces) times how likely it
 * is that so many went astray. Pieces of one lot err together: a lot of estimated mass that should be there adds its whole error unless the
 * empty tray was weighed with it. Grams throughout. O(n^most) sums, pruned by mass: lots in the order of their mass, each sum followed only while
 * it can still come within reach.
 */
export function weigh(lots: readonly Lot[], onScale: number, scaleError: number, most = 4, expected?: number): Weighed {
  const should = expected ?? lots.reduce((sum, l) => sum + l.count * l.piece.grams, 0)
  const base = expected === undefined ? Math.hypot(scaleError, ...lots.map(l => l.count * l.piece.error)) : scaleError
  const difference = onScale - should
  const order = lots.filter(l => l.piece.grams > 0).sort((a, b) => b.piece.grams - a.piece.grams)
  const found: { by: Map<Lot, number>; weight: number; off: number }[] = []
  const heaviest = order[0]?.piece.grams ?? 0
  const slack = within * (base + most * Math.max(0, ...order.map(l => l.piece.error)))
  const by = new Map<Lot, number>()

  const look = (at: number, left: number, off: number, variance: number, prior: number): void => {
    const sigma = Math.sqrt(base ** 2 + variance)
    if (Math.abs(off) <= within * sigma) found.push({ by: new Map(by), weight: prior * normal(off, sigma), off })
    if (left === 0) return
    for (let i = at; i < order.length; i++) {
      const lot = order[i]!
      const { grams, error } = lot.piece
      // Lighter lots cannot bridge what is left: neither can those after it.
      if (Math.abs(off) > left * grams + slack) break
      for (const sign of [-1, 1]) {
        for (let n = 1; n <= left; n++) {
          if (sign < 0 && n > lot.count) break
          const rest = off - sign * n * grams
          if (Math.abs(rest) > (left - n) * Math.min(heaviest, grams) + slack) continue
          by.set(lot, sign * n)
          look(i + 1, left - n, rest, variance + (n * error) ** 2, prior * (astray * (lot.weight ?? 1)) ** n)
          by.delete(lot)
        }
      }
    }
  }
  look(0, most, difference, 0, 1)

  const total = found.reduce((sum, f) => sum + f.weight, 0)
  const combinations = found
    .sort((a, b) => b.weight - a.weight)
    .slice(0, told)
    .map(f => ({
      pieces: [...f.by].map(([lot, n]) => ({ lot: lot.id, by: n })),
      likelihood: total > 0 ? f.weight / total : 0,
      off: f.off,
    }))
  const [first] = combinations
  const verdict = !first
    ? 'nothing fits'
    : first.likelihood < standsOut
      ? 'cannot tell'
      : first.pieces.length === 0
        ? 'as it should be'
        : 'one tells'
  return { difference, error: base, verdict, combinations }
}
