import { sharesOf, type Evidence } from './belief.ts'
import type { Field } from './field.ts'
import type { Cause } from './model.ts'
import { nextActs, schools, type School } from './next.ts'
import type { Stands } from './reach.ts'
import { walk, type Way } from './walk.ts'

/** The look that tells a cause best and was not taken yet. */
function bestLook(field: Field, cause: Cause, { checked }: Evidence) {
  const taken = new Set(checked.map(c => c.check))
  return field.checks
    .filter(k => k.tells[cause.id] !== undefined && !taken.has(k.id))
    .sort((a, b) => b.tells[cause.id]! - a.tells[cause.id]!)[0]
}

/** One cause after the other in an order: looked at by the check that tells it best, put right where that is not as it should be. */
export const oneByOne =
  (order: (field: Field, evidence: Evidence) => readonly Cause[]): Way =>
  (field, evidence) => {
    const last = evidence.checked.at(-1)
    const causes = order(field, evidence).filter(c => !evidence.ruledOut.includes(c.id))
    if (last && !last.good) {
      const told = field.checks.find(k => k.id === last.check)!.tells
      // The cause for which it was looked at: the first in the order that this check tells best of all that were not taken before it.
      const before = { ...evidence, checked: evidence.checked.slice(0, -1) }
      const for_ = causes.find(c => told[c.id] !== undefined && bestLook(field, c, before)?.id === last.check)
      if (for_) return { does: 'put right', cause: for_ }
    }
    for (const cause of causes) {
      const check = bestLook(field, cause, evidence)
      if (check) return { does: 'check', check }
    }
    return null
  }

/** The causes that explain anything of what was told, in the order of the table. */
export const explaining = (field: Field, { told }: Evidence): Cause[] =>
  field.causes.filter(c => told.some(f => c.shows[f] !== undefined))

/** The dearest of what would explain it first: as it is often done. */
export const dearestFirst: Way = oneByOne((field, evidence) =>
  explaining(field, evidence).toSorted((a, b) => b.price - a.price),
)

/** What is first by the order of a school. */
export const bySchool =
  (school: School): Way =>
  (field, evidence, stands) =>
    nextActs(field, evidence, stands, school)[0] ?? null

/** Ways that are held against each other where somebody chooses a school. */
const compared: Readonly<Record<School | 'dearest first', Way>> = {
  ...(Object.fromEntries(Object.keys(schools).map(s => [s, bySchool(s as School)])) as Record<School, Way>),
  'dearest first': dearestFirst,
}
export type WayName = keyof typeof compared

/** What a way is expected to cost from here: minutes until the cause is known, and parts in vain, in hours of a bench. */
export interface Expected {
  way: WayName
  minutes: number
  vain: number
}
/** Causes below this share are not gone through. */
const likely = 0.02

/** What each way is expected to cost from here: over the likely causes, each walked with every check showing what it would most likely show. */
export function expectedOf(field: Field, evidence: Evidence, stands: Stands): Expected[] {
  const causes = [...sharesOf(field, evidence)].flatMap((share, i) => {
    const cause = field.causes[i]
    return cause && share >= likely ? [{ cause, share, i }] : []
  })
  const total = causes.reduce((sum, c) => sum + c.share, 0)
  return (Object.keys(compared) as WayName[]).map(way => {
    const walked = causes.map(({ cause, share, i }) => {
      const { minutes, vain } = walk(field, evidence, stands, compared[way], {
        isSo: f => (cause.shows[f.id] ?? 0) >= 0.5,
        isGood: k => field.bad[field.checks.indexOf(k)]![i]! < 0.5,
        isIt: other => other === cause,
      })
      return { minutes: minutes * share, vain: vain * share }
    })
    const mean = (of: 'minutes' | 'vain') => (total > 0 ? walked.reduce((sum, w) => sum + w[of], 0) / total : 0)
    return { way, minutes: mean('minutes'), vain: mean('vain') }
  })
}
