import { once } from '../assembly/kept.ts'
import type { Weights } from './decode.ts'
import { readingIndex, readings } from './features.ts'
import learnt from './weights.json' with { type: 'json' }

/** What was learnt as it is stored: by feature pairs of reading and weight, in twentieths; readings by their place in `readings`. */
export interface Stored {
  readings: readonly string[]
  byKind: Readonly<Record<string, readonly number[]>>
  shared: Readonly<Record<string, number>>
  next: Readonly<Record<string, number>>
  certainty: Certainties
}
/** How signs of doubt become a likelihood: coefficients for the kind of an act alone, and for the act with all its attributes. */
export interface Certainties {
  kind: readonly number[]
  whole: readonly number[]
}
const scale = 20
/** Weights that are nearer to nothing say nothing that counts. */
const least = 0.2

/** Weights as they are stored, without those that are near to nothing. */
export function stored(weights: Weights, certainty: Certainties): Stored {
  const rounded = (map: ReadonlyMap<string, number>) =>
    Object.fromEntries([...map].map(([k, w]) => [k, Math.round(w * scale)] as const).filter(([, w]) => w !== 0))
  const byKind: Record<string, number[]> = {}
  for (const [name, all] of weights.byKind) {
    const pairs = [...all].flatMap((w, i) => (Math.abs(w) < least ? [] : [i, Math.round(w * scale)]))
    if (pairs.length) byKind[name] = pairs
  }
  return { readings, byKind, shared: rounded(weights.shared), next: rounded(weights.next), certainty }
}
/** Weights from their stored form; readings that are no more are left out. */
export function restored({ readings: names, byKind, shared, next }: Stored): Weights {
  const at = names.map(name => readingIndex.get(name))
  const numbers = (record: Readonly<Record<string, number>>) =>
    new Map(Object.entries(record).map(([k, w]) => [k, w / scale]))
  return {
    byKind: new Map(
      Object.entries(byKind).map(([name, pairs]) => {
        const all = new Float32Array(readings.length)
        for (let i = 0; i < pairs.length; i += 2) {
          const to = at[pairs[i]!]
          if (to !== undefined) all[to] = pairs[i + 1]! / scale
        }
        return [name, all]
      }),
    ),
    shared: numbers(shared),
    next: numbers(next),
  }
}

/** The weights that ship, learnt from the lines under `core/test/hearing`. */
export const shipped = once((): Weights => restored(learnt as unknown as Stored))
/** How sure a reading is, by its signs of doubt: the coefficients that ship. */
export const shippedCertainty = (): Certainties => (learnt as unknown as Stored).certainty
