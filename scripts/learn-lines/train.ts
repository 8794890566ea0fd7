import type { Weights } from '../../core/hearing/decode.ts'
import { readingIndex, readings } from '../../core/hearing/features.ts'
import { following, shared } from '../../core/hearing/shared.ts'
import { gainOf, readingsOf, type Prepared } from './prepare.ts'
import { known, knownFollowing, knownShared } from './known.ts'

/** A chance that is the same at every run: a linear congruential generator (Knuth 1997, 3.2.1). */
function chance(seed: number): () => number {
  let at = seed
  return () => (at = (at * 1103515245 + 12345) & 0x7fffffff) / 0x7fffffff
}
function shuffled(n: number, next: () => number): number[] {
  const order = Array.from({ length: n }, (_, i) => i)
  for (let i = n - 1; i > 0; i--) {
    const j = Math.floor(next() * (i + 1))
    ;[order[i], order[j]] = [order[j]!, order[i]!]
  }
  return order
}

/** A share, 0 to 1, that is the same for a feature as long as the salt is. */
function shareOf(feature: string, salt: number): number {
  let h = salt
  for (let i = 0; i < feature.length; i++) h = (Math.imul(h, 31) + feature.charCodeAt(i)) | 0
  h = Math.imul(h ^ (h >>> 15), 0x2c1b3c6d)
  return ((h ^ (h >>> 12)) >>> 0) / 2 ** 32
}

interface Scalar {
  w: number
  /** Sum of squared gradients. */
  g: number
  /** What it is drawn towards. */
  to: number
}

/** How it is learnt: rounds over all lines, readings of a line that are weighed, how hard weights are drawn to what is known, and the step. */
export interface Settings {
  rounds?: number
  width?: number
  pull?: number
  step?: number
  seed?: number
  /** The share of features that each line is learnt without, another share each time: no single word carries a kind alone. */
  drop?: number
}

/** So many times it is learnt, in another order each time; the weights are the mean. */
const times = 3

/** The mean of weights that were learnt apart: what they do not agree on counts less. */
function mean(all: readonly Weights[]): Weights {
  const byKind = new Map<string, Float32Array>()
  for (const [name, w] of all.flatMap(one => [...one.byKind])) {
    const sum = byKind.get(name) ?? byKind.set(name, new Float32Array(w.length)).get(name)!
    for (const [r, x] of w.entries()) sum[r]! += x / all.length
  }
  const meanOf = (maps: readonly ReadonlyMap<string, number>[]) => {
    const sums = new Map<string, number>()
    for (const [name, w] of maps.flatMap(m => [...m])) sums.set(name, (sums.get(name) ?? 0) + w / maps.length)
    return sums
  }
  return { byKind, shared: meanOf(all.map(w => w.shared)), next: meanOf(all.map(w => w.next)) }
}
/** Learns weights: the mean of several runs. */
export const train = (lines: readonly Prepared[], settings: Settings = {}): Weights =>
  mean(Array.from({ length: times }, (_, i) => trainOnce(lines, { seed: 7 + 13 * i, ...settings })))

/**
 * Learns weights so that the good readings of each line outweigh all others: the conditional likelihood over its n best readings, of which those are good
 * that come nearest to what the line must be understood as (a latent-variable log-linear model; gradient by Adagrad, Duchi 2011, with an L2 penalty).
 * What only one line taught is dropped: it is that line's, not the trade's.
 * Each line is learnt without a share of its features (dropout, Srivastava 2014), and the weights are scaled by what was left in.
 */
function trainOnce(
  lines: readonly Prepared[],
  { rounds = 10, width = 24, pull = 0.003, step = 0.3, seed = 7, drop = 0.15 }: Settings = {},
): Weights {
  const byKind = new Map<string, Float32Array>()
  const squares = new Map<string, Float32Array>()
  for (const [feature, reading, weight] of known) {
    const w = byKind.get(feature) ?? new Float32Array(readings.length)
    w[readingIndex.get(reading)!] = weight
    byKind.set(feature, w)
  }
  const given = new Set(byKind.keys())
  const alike = new Map<string, Scalar>(knownShared.map(([k, w]) => [k, { w, g: 0, to: w }]))
  const after = new Map<string, Scalar>(knownFollowing.map(([k, w]) => [k, { w, g: 0, to: w }]))
  /** The one line that a feature was learnt from, or that there are several. */
  const learntFrom = new Map<string, number | 'several'>()
  let salt = 0
  const left = (feature: string): boolean => shareOf(feature, salt) < drop
  const weights: Weights = {
    byKind: { get: (k: string) => (left(k) ? undefined : byKind.get(k)) } as unknown as ReadonlyMap<
      string,
      Float32Array
    >,
    shared: { get: (k: string) => alike.get(k)?.w } as unknown as ReadonlyMap<string, number>,
    next: { get: (k: string) => after.get(k)?.w } as unknown as ReadonlyMap<string, number>,
  }
  const next = chance(seed)
  for (let round = 0; round < rounds; round++)
    for (const i of shuffled(lines.length, next)) {
      const p = lines[i]!
      salt = Math.floor(next() * 1e9)
      const found = readingsOf(p, weights, width)
      if (!found.length) continue
      const gains = found.map(d => gainOf(p, d))
      const most = Math.max(...gains)
      const worth = found.map(d => Math.exp(d.score - found[0]!.score))
      const all = worth.reduce((a, b) => a + b, 0)
      const good = worth.reduce((sum, w, k) => sum + (gains[k]! >= most - 1e-6 ? w : 0), 0)
      if (good / all > 0.995) continue
      const kinds = new Map<string, Map<number, number>>()
      const scalars = [new Map<string, number>(), new Map<string, number>()] as const
      for (const [k, d] of found.entries()) {
        const by = (gains[k]! >= most - 1e-6 ? worth[k]! / good : 0) - worth[k]! / all
        if (Math.abs(by) < 1e-4) continue
        let before: string | undefined
        for (const { reading, features } of d.spans) {
          const r = readingIndex.get(reading)!
          for (const name of features.names) {
            if (left(name)) continue
            const of = kinds.get(name) ?? kinds.set(name, new Map()).get(name)!
            of.set(r, (of.get(r) ?? 0) + by)
          }
          for (const name of shared(features, reading)) scalars[0].set(name, (scalars[0].get(name) ?? 0) + by)
          for (const name of following(features, reading, before))
            scalars[1].set(name, (scalars[1].get(name) ?? 0) + by)
          if (reading !== 'head') before = reading
        }
      }
      for (const [name, of] of kinds) {
        const line = learntFrom.get(name)
        learntFrom.set(name, line === undefined || line === i ? i : 'several')
        const w = byKind.get(name) ?? byKind.set(name, new Float32Array(readings.length)).get(name)!
        const g2 = squares.get(name) ?? squares.set(name, new Float32Array(readings.length).fill(0.1)).get(name)!
        for (const [r, by] of of) {
          if (Math.abs(by) < 1e-5) continue
          const g = by - pull * w[r]!
          g2[r]! += g * g
          w[r]! += (step * g) / Math.sqrt(g2[r]!)
        }
      }
      for (const [k, target] of [alike, after].entries())
        for (const [name, by] of scalars[k]!) {
          if (Math.abs(by) < 1e-5) continue
          const s = target.get(name) ?? target.set(name, { w: 0, g: 0, to: 0 }).get(name)!
          const g = by - pull * (s.w - s.to)
          s.g += g * g
          s.w += (step * g) / Math.sqrt(s.g + 0.1)
        }
    }
  for (const [name, line] of learntFrom) if (line !== 'several' && !given.has(name)) byKind.delete(name)
  for (const w of byKind.values()) for (let r = 0; r < w.length; r++) w[r]! *= 1 - drop
  const plain = (map: Map<string, Scalar>) => new Map([...map].map(([k, s]) => [k, s.w]))
  return { byKind, shared: plain(alike), next: plain(after) }
}
