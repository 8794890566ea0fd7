import { say, type Phrase } from '../words/phrase.ts'
import { ask, type How, type Judged, type Verdict } from './judged.ts'
import type { PartKind, Point } from './kinds.ts'
import { isProblem } from './rule.ts'

/** What somebody said of a point: what the old one has and the new one, and what the hand says of it where no rule can tell. */
export interface Told {
  old?: string | undefined
  fresh?: string | undefined
  how?: How | undefined
  words?: string | undefined
}
/** A point, what was told of it, and what it says. */
export interface Looked {
  point: Point
  told: Told
  says: Judged | null
  /** What was typed cannot be read so. */
  problem?: string
}

/**
 * True where the word of the hand would make less of a safety than the rules do: of what guards it may say that it does not fit, and that it is
 * the same as long as no figures say otherwise.
 */
export const lowers = (point: Point, how: How, judged: Judged | null): boolean =>
  Boolean(point.rule.guards) && how !== 'no' && !(how === 'same' && (judged === null || judged.how === 'ask'))

/** What a point says: the rule, then the word of the hand; but no word makes less safety harmless, and nothing makes it the same. */
export function look(point: Point, told: Told): Looked {
  const { old = '', fresh = '', how, words = '' } = told
  const read = old.trim() && fresh.trim() ? point.rule.judge(old, fresh) : null
  const problem = isProblem(read) ? read.problem : undefined
  const judged = isProblem(read) ? null : read
  const said = (): Judged | null => {
    if (!how) return problem ? ask(say`it cannot be read: type it anew, or say how they differ`) : judged
    if (lowers(point, how, judged)) return judged ?? ask(say`type what each has: a word does not do here`)
    if (how === 'same' && judged && judged.how !== 'ask') return judged
    return {
      how,
      why: words || (judged?.why ?? ''),
      ...(how === 'adapt' && { by: { does: judged?.by?.does ?? 'work', says: words || say`make it fit` } }),
    }
  }
  return { point, told, says: said(), ...(problem && { problem }) }
}

/** What a new part is worth, with why; and where it must not be opened yet. */
export interface Comparison {
  kind: PartKind
  points: readonly Looked[]
  verdict: Verdict
  because: Phrase
  /** The points that decide it. */
  by: readonly Looked[]
  /** Everything that decides it can be seen through the bag: it goes back unopened. */
  inBag: boolean
}

const reasons = {
  'send back': say`It does not fit`,
  'cannot tell': say`Not all that matters was looked at`,
  'fits when adapted': say`It fits once this is done`,
  fits: say`All that matters is the same, or does no harm`,
} as const

/**
 * Holds a new part against the old one, point by point, and says whether it fits. One point that does not fit sends it back; what must be
 * looked at and was not, or needs to be asked, leaves it open.
 */
export function compareParts(kind: PartKind, told: ReadonlyMap<string, Told>): Comparison {
  const points = kind.points.map(point => look(point, told.get(point.name) ?? {}))
  const which = (how: Judged['how']) => points.filter(p => p.says?.how === how)
  const open = [...which('ask'), ...points.filter(p => p.point.isNeeded && p.says === null)]
  const verdict: Verdict = which('no').length
    ? 'send back'
    : open.length
      ? 'cannot tell'
      : which('adapt').length
        ? 'fits when adapted'
        : 'fits'
  const by = { 'send back': which('no'), 'cannot tell': open, 'fits when adapted': which('adapt'), fits: [] }[verdict]
  return {
    kind,
    points,
    verdict,
    because: reasons[verdict],
    by,
    inBag: verdict === 'send back' && by.some(p => p.point.rule.inBag),
  }
}
