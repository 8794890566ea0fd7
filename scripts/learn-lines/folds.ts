import type { Weights } from '../../core/hearing/decode.ts'
import { judge, type Judged } from './certainty.ts'
import type { Prepared } from './prepare.ts'
import { train } from './train.ts'

const folds = 5

/** Lines that weights had not seen, with those weights, learnt from all other lines; and every act that was read of them. */
export interface Fold {
  weights: Weights
  unseen: readonly Prepared[]
  judged: Judged[]
}

/** Five folds: each line is unseen in one of them. */
export const crossed = (lines: readonly Prepared[]): Fold[] =>
  Array.from({ length: folds }, (_, fold) => {
    const weights = train(lines.filter((_, i) => i % folds !== fold))
    const unseen = lines.filter((_, i) => i % folds === fold)
    return { weights, unseen, judged: judge(unseen, weights) }
  })
