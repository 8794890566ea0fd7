import { once } from '../assembly/kept.ts'
import type { Weights } from './decode.ts'
import { readingIndex, readings } from './features.ts'
import learnt from './weights.json' with { type: 'json' }

/**
 * What was learnt as it is stored. `byKind` has a line for each feature: its name, a tab, and for each reading that it speaks for or against the letter of
 * its place in `readings` (from `a`) and the weight in tenths: `V:cut\ta-3k21`.
 */
export interface Stored {
  readings: readonly string[]
  byKind: string
  shared: Readonly<Record<string, number>>
  next: Readonly<Record<string, number>>
  certainty: Certainties
}
/** How signs of doubt become a likelihood: coefficients for the kind of an act alone, and for the act with all its attributes. */
export interface Certainties {
  kind: readonly number[]
  whole: readonly number[]
}
const scale = 10
/** Weights that are nearer to nothing say nothing that counts. */
const least = 0.25
const letter = (place: number): string => String.fromCharCode(97 + place)

/** Weights as they are stored, without those that are near to nothing. */
export function stored(weights: Weights, certainty: Certainties): Stored {
  const rounded = (map: ReadonlyMap<string, number>) =>
    Object.fromEntries(
      [...map].map(([k, w]) => [k, Math.round(w * scale * 10) / 10] as const).filter(([, w]) => w !== 0),
    )
  const byKind = [...weights.byKind]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .flatMap(([name, all]) => {
      const said = [...all].map((w, i) => (Math.abs(w) < least ? '' : `${letter(i)}${Math.round(w * scale)}`)).join('')
      return said ? [`${name}\t${said}`] : []
    })
    .join('\n')
  return { readings, byKind, shared: rounded(weights.shared), next: rounded(weights.next), certainty }
}
/** Weights from their stored form; readings that are no more are left out. */
export function restored({ readings: names, byKind, shared, next }: Stored): Weights {
  const at = names.map(name => readingIndex.get(name))
  const numbers = (record: Readonly<Record<string, number>>) =>
    new Map(Object.entries(record).map(([k, w]) => [k, w / scale]))
  return {
    byKind: new Map(
      (byKind === '' ? [] : byKind.split('\n')).map(line => {
        const [name, said] = line.split('\t') as [string, string]
        const all = new Float32Array(readings.length)
        for (const [, place, weight] of said.matchAll(/([a-z])(-?\d+)/g)) {
          const to = at[place!.charCodeAt(0) - 97]
          if (to !== undefined) all[to] = Number(weight) / scale
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
