import type { Certainty } from '../grammar/token.ts'
import type { Atom } from './atom.ts'
import { counted } from './kind-sets.ts'
import type { Weights } from './decode.ts'
import type { Act } from './items.ts'
import { is } from './tell/telling.ts'

const logit = (p: number): number =>
  Math.log(Math.min(0.999, Math.max(0.001, p)) / (1 - Math.min(0.999, Math.max(0.001, p))))
const content = (a: Atom): boolean =>
  is(a, 'word', 'part', 'thing', 'num', 'count', 'mm', 'inch', 'size', 'times', 'quality', 'colour')
const flag = (yes: boolean): number => (yes ? 1 : 0)
const most = (n: number, limit: number): number => Math.min(n, limit)

/** What stands around an act while it is weighed how sure it is. */
export interface Standing {
  atoms: readonly Atom[]
  /** What its reading has among all readings of the line, 0 to 1. */
  share: number
  /** How far the next best reading of the line is behind. */
  margin: number
  weights: Weights
  /** How many stretches the line was parted into, and how many of them are remarks. */
  stretches: number
  remarks: number
}

/** The signs of doubt of an act, each a figure; 1 first for the constant. */
export function doubtsOf(
  { kind, t, values, span }: Act,
  { atoms, share, margin, weights, stretches, remarks }: Standing,
): number[] {
  const own = atoms.slice(span.from, span.to)
  const { names, verbKinds, nounKinds, firstKinds, bare } = span.features
  const untold = t.atoms.filter((a, i) => t.roles[i] === undefined && !a.struck && content(a)).length
  const unseen = names.filter(n => !weights.byKind.has(n)).length
  const inText = t.atoms.filter((a, i) => (t.roles[i] === 'place' || t.roles[i] === 'name') && a.tag === 'word').length
  const things = new Set(own.flatMap(a => (a.tag === 'thing' ? [a.noun!] : [])))
  return [
    1,
    logit(share),
    most(Math.log1p(margin), 3),
    Math.max(0, ...t.doubts.map(d => d.near)),
    most(
      own.reduce((sum, a) => sum + (a.off ?? 0), 0),
      2,
    ),
    most(untold, 3),
    most(own.filter(a => a.tag === 'word').length, 3),
    most(inText, 2),
    flag(own.some(a => a.struck)),
    flag(counted.includes(kind) && values.count === undefined),
    most(Math.max(0, own.length - 8) / 8, 3),
    most(unseen / 6, 3),
    flag(verbKinds.has(kind)),
    flag(verbKinds.size > 0 && !verbKinds.has(kind)),
    flag(firstKinds.has(kind)),
    flag(nounKinds.size > 0 && !nounKinds.has(kind)),
    flag(bare),
    flag(kind === 'unroute'),
    flag(kind === 'draw-mark' || kind === 'park-part'),
    flag(kind === 'remove-part'),
    flag(kind === 'pull-off'),
    flag(kind === 'unplug'),
    flag(kind === 'release-clips'),
    flag(kind === 'open-joint'),
    flag(own.some(a => is(a, 'neg', 'modal', 'question'))),
    flag(own.some(a => is(a, 'state', 'later', 'still', 'reason', 'warn'))),
    flag(own.some(a => is(a, 'aux'))),
    most(names.filter(n => n.startsWith('in:')).length, 3),
    most(Math.max(0, things.size - 1), 3),
    most(stretches / 4, 2),
    flag(remarks > 0),
    flag(values.nameFrom === 'before'),
    flag(typeof values.place === 'string' && values.place.split(', ').length > 2),
    flag(names.includes('joins-whole')),
    flag(names.includes('V=remark')),
  ]
}

/** The likelihood that an act is right, by logistic regression on its signs of doubt. */
export const certaintyOf = (doubts: readonly number[], coefficients: readonly number[]): number =>
  1 / (1 + Math.exp(-doubts.reduce((sum, d, i) => sum + d * (coefficients[i] ?? 0), 0)))

/** From this likelihood on an act is certain as a whole: its kind and every attribute. */
export const certain = 0.9
/** From this likelihood on the kind of an act is shown as certain: on lines that were not seen 98 in 100 of those are right. */
export const certainKind = 0.96

/** How a piece that was understood is shown. */
type Level = Exclude<Certainty, 'text'>
/** How a likelihood that a kind is right is shown: as certain, as likely, or as a guess. */
export const levelOf = (kindLikelihood: number): Level =>
  kindLikelihood >= certainKind ? 'sure' : kindLikelihood >= 0.6 ? 'likely' : 'guess'

/** Fields that are told in words of any number: where one ends is less sure than a figure. */
const inWords = new Set(['name', 'place', 'hose', 'lies', 'mark', 'waypoints', 'why'])
/**
 * How a field of an act is shown. `near` is the plausibility of its other reading, 0 to 1. Where the act as a whole is likely right, the fields that
 * are shown as certain are right in 98 of 100 on lines that were not seen.
 */
export const fieldLevel = (
  field: string,
  near: number,
  { likelihood, kindLikelihood }: { likelihood: number; kindLikelihood: number },
): Level =>
  near >= 0.5
    ? 'guess'
    : near > 0.2 || kindLikelihood < 0.6 || likelihood < (inWords.has(field) ? 0.85 : 0.6)
      ? 'likely'
      : 'sure'
