import type { Judged } from './judged.ts'

/** How a point is entered: a length, a figure with a unit, how many, yes or no, a choice of words, or words. */
export type Form =
  | { as: 'length' | 'count' | 'yes' | 'words' }
  | { as: 'figure'; unit: string }
  | { as: 'choice'; of: readonly string[] }

/** What a value cannot be read as, and what to type. */
export interface Problem {
  problem: string
}
export const isProblem = (read: unknown): read is Problem =>
  typeof read === 'object' && read !== null && 'problem' in read

/** How one point of an old part and of a new one is entered and judged. */
export interface Rule {
  form: Form
  /** What two values say, as they were typed; a problem where one of them cannot be read. */
  judge(old: string, fresh: string): Judged | Problem
  /** True where somebody can be hurt by less than the old part had: a difference is never harmless because somebody says so. */
  guards?: true
  /** True where it can be seen while the bag is closed. */
  inBag?: true
}

/** A rule that reads what was typed and judges what it read. */
export const rule = <V>(
  form: Form,
  read: (text: string) => V | Problem,
  judge: (old: V, fresh: V) => Judged,
  more: Pick<Rule, 'guards' | 'inBag'> = {},
): Rule => ({
  form,
  judge(old, fresh) {
    const [a, b] = [read(old), read(fresh)]
    return isProblem(a) ? a : isProblem(b) ? b : judge(a, b)
  },
  ...more,
})
