import type { Atom } from '../../core/hearing/atom.ts'
import { atomsOf } from '../../core/hearing/atoms.ts'
import { cutsOf, type Cut } from '../../core/hearing/cuts.ts'
import { decode, summaryBetween, type Derivation, type Weights } from '../../core/hearing/decode.ts'
import type { Summary } from '../../core/hearing/features.ts'
import { flatten } from '../../core/hearing/flat.ts'
import { actsOf } from '../../core/hearing/items.ts'
import type { SpokenLine } from './lines.ts'
import { scoreLine } from './score.ts'

/** A line made ready to be learnt from: what does not depend on the weights is worked out once. */
export interface Prepared {
  line: SpokenLine
  atoms: Atom[]
  cuts: Cut[]
  summaries: Map<number, Summary>
  gains: Map<string, number>
}

export function prepare(line: SpokenLine): Prepared {
  const atoms = atomsOf(line.text)
  return { line, atoms, cuts: cutsOf(atoms), summaries: new Map(), gains: new Map() }
}

/** The best readings of a line under some weights. */
export const readingsOf = (p: Prepared, weights: Weights, width: number): Derivation[] =>
  decode(p.atoms, p.cuts, weights, width, (i, j) => {
    const key = i * 1000 + j
    const known = p.summaries.get(key)
    if (known) return known
    const made = summaryBetween(p.atoms, p.cuts, i, j)
    p.summaries.set(key, made)
    return made
  })

/** How good a reading of the line is by what it must be understood as: higher is better. */
export function gainOf(p: Prepared, d: Derivation): number {
  const key = d.spans.map(s => `${s.from}-${s.to}${s.reading}`).join()
  const known = p.gains.get(key)
  if (known !== undefined) return known
  const items = flatten(actsOf(p.atoms, d.spans, p.line.text))
  const s = scoreLine(p.line, { items, unsure: false })
  const onlyRemarks = p.line.readings[0]!.every(i => i.kind === 'note')
  const near = s.pairs.reduce((sum, x) => sum + (x.kind ? 1 / (1 + x.wrong.length) : 0), 0)
  const gain = onlyRemarks
    ? items.length
      ? -items.length
      : 1
    : s.allRight + 0.3 * s.kindRight + 0.2 * near - 0.5 * s.invented.length
  p.gains.set(key, gain)
  return gain
}
