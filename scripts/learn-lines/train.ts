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
}

/**
 * Learns weights so that the good readings of each line outweigh all others: the conditional likelihood over its n best readings, of which those are good
 * that come nearest to what the line must be understood as (a latent-variable log-linear model; gradient by Adagrad, Duchi 2011, with an L2 penalty).
 */
export function train(
  lines: readonly Prepared[],
  { rounds = 10, width = 24, pull = 0.003, step = 0.3, seed = 7 }: Settings = {},
): Weights {
  const byKind = new Map<string, Float32Array>()
  const squares = new Map<string, Float32Array>()
  for (const [feature, reading, weight] of known) {
    const w = byKind.get(feature) ?? new Float32Array(readings.length)
    w[readingIndex.get(reading)!] = weight
    byKind.set(feature, w)
  }
  const alike = new Map<string, Scalar>(knownShared.map(([k, w]) => [k, { w, g: 0, to: w }]))
  const after = new Map<string, Scalar>(knownFollowing.map(([k, w]) => [k, { w, g: 0, to: w }]))
  const weights: Weights = {
    byKind,
    shared: { get: (k: string) => alike.get(k)?.w } as unknown as ReadonlyMap<string, number>,
    next: { get: (k: string) => after.get(k)?.w } as unknown as ReadonlyMap<string, number>,
  }
  const next = chance(seed)
  for (let round = 0; round < rounds; round++)
    for (const i of shuffled(lines.length, next)) {
      const p = lines[i]!
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
  const plain = (map: Map<string, Scalar>) => new Map([...map].map(([k, s]) => [k, s.w]))
  return { byKind, shared: plain(alike), next: plain(after) }
}
