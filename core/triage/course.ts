import { toOpen } from '../machine/to-open.ts'
import { afterAct, type Situation } from './after-act.ts'
import { sharesOf, type Evidence } from './belief.ts'
import type { Field } from './field.ts'
import { nextActs, shows, type Act, type School } from './next.ts'
import { toSet, type Stands } from './reach.ts'

/** One act on the course from here, where nothing is found before it. */
export interface Leg {
  act: Act
  /** Minutes from now: when it begins, with what comes off for it, and when it is done. */
  from: number
  to: number
  /** Minutes of it that go into opening and closing, and the covers that come off. */
  opening: number
  covers: readonly string[]
  /** How likely the cause is found by the end of it. */
  found: number
}

/** So many acts ahead are shown. */
const most = 10
/** The covers that come off for an act. */
function coversOf(field: Field, act: Act, { open }: Stands): string[] {
  if (act.does === 'ask') return []
  const zone =
    act.does === 'check'
      ? field.checkAt[field.checks.indexOf(act.check)]
      : field.causeAt[field.causes.indexOf(act.cause)]
  return zone === undefined ? [] : toOpen(field.family, zone, open).map(c => c.name)
}
/** How likely an act finds the cause. */
function findsBy(field: Field, shares: Float64Array, act: Act): number {
  if (act.does === 'ask') return 0
  if (act.does === 'put right') return act.share
  const k = field.checks.indexOf(act.check)
  const [bad, told] = [field.bad[k]!, field.tells[k]!.filter(i => field.bad[k]![i]! >= shows)]
  return told.reduce((sum, i) => sum + shares[i]! * bad[i]!, 0)
}

/** The course from here where every look is as it should be, as the order has it now: what comes when, and how likely the cause is found by then. */
export function courseOf(field: Field, from: Evidence, stood: Stands, school: School): Leg[] {
  const legs: Leg[] = []
  let here: Situation = { evidence: from, stands: stood }
  let [at, left, found] = [0, 1, 0]
  while (legs.length < most) {
    const { evidence, stands } = here
    const act = nextActs(field, evidence, stands, school)[0]
    if (!act) break
    const k = act.does === 'check' ? field.checks.indexOf(act.check) : -1
    found = Math.min(1, found + left * findsBy(field, sharesOf(field, evidence), act))
    legs.push({
      act,
      from: at,
      to: at + act.minutes,
      opening: k >= 0 ? toSet(field, k, stands) : 0,
      covers: coversOf(field, act, stands),
      found,
    })
    at += act.minutes
    if (act.does !== 'ask') left *= 1 - act.likely
    here = afterAct(field, here, act, false)
  }
  return legs
}
