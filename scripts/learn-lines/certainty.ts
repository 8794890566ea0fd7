import { certaintyOf } from '../../core/hearing/certainty.ts'
import type { Weights } from '../../core/hearing/decode.ts'
import { flatten } from '../../core/hearing/flat.ts'
import { hear } from '../../core/hearing/hear.ts'
import { scoreLine } from './score.ts'
import type { Prepared } from './prepare.ts'

/** One act that was read of a line that the weights had not seen: its signs of doubt, and whether it was right. */
export interface Judged {
  doubts: number[]
  right: boolean
  kindRight: boolean
}

/** Every act of the lines with its signs of doubt, and whether it was all right. */
export function judge(lines: readonly Prepared[], weights: Weights): Judged[] {
  return lines.flatMap(({ line }) => {
    const heard = hear(line.text, { weights, certainties: { kind: [], whole: [] } })
    const flat = heard.acts.map(act => flatten([act]))
    const scored = scoreLine(line, { items: flat.flat(), unsure: false })
    const right = new Set(scored.pairs.filter(p => !p.wrong.length).map(p => p.read))
    const kindRight = new Set(scored.pairs.filter(p => p.kind).map(p => p.read))
    return heard.acts.map((act, i) => ({
      doubts: [...act.doubts],
      kindRight: flat[i]!.every(item => kindRight.has(item)),
      right: flat[i]!.every(item => right.has(item)),
    }))
  })
}

/** Coefficients of the signs of doubt, by logistic regression with a small L2 penalty, by gradient descent. */
export function regress(judged: readonly Judged[]): number[] {
  const size = judged[0]!.doubts.length
  const w = new Array<number>(size).fill(0)
  const n = judged.length
  for (let round = 0; round < 4000; round++) {
    const g = new Array<number>(size).fill(0)
    for (const { doubts, right } of judged) {
      const off = certaintyOf(doubts, w) - (right ? 1 : 0)
      for (let k = 0; k < size; k++) g[k]! += off * doubts[k]!
    }
    for (let k = 0; k < size; k++) w[k]! -= 0.5 * (g[k]! / n + (k ? 0.001 * w[k]! : 0))
  }
  return w.map(x => Number(x.toFixed(3)))
}

/** Of what is shown as certain, how much is right, and how much is shown so; from a likelihood on. */
export function atLeast(
  judged: readonly Judged[],
  coefficients: readonly number[],
  from: number,
): { shown: number; right: number } {
  const shown = judged.filter(j => certaintyOf(j.doubts, coefficients) >= from)
  return { shown: shown.length / judged.length, right: shown.filter(j => j.right).length / Math.max(1, shown.length) }
}
