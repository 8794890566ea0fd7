import { toOpen } from '../machine/to-open.ts'
import { sharesOf, type Evidence } from './belief.ts'
import type { Field } from './field.ts'
import { nextActs, type Act, type School } from './next.ts'
import { afterCheck, opened, toSet, type Stands } from './reach.ts'

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
/** From this likelihood on a check shows its cause. */
const shows = 0.5

/** The course from here where every look is as it should be, as the order has it now: what comes when, and how likely the cause is found by then. */
export function courseOf(field: Field, from: Evidence, stood: Stands, school: School): Leg[] {
  const legs: Leg[] = []
  let [evidence, stands, at, left] = [from, stood, 0, 1]
  while (legs.length < most) {
    const act = nextActs(field, evidence, stands, school)[0]
    if (!act) break
    const shares = sharesOf(field, evidence)
    const k = act.does === 'check' ? field.checks.indexOf(act.check) : -1
    const i = act.does === 'put right' ? field.causes.indexOf(act.cause) : -1
    const zone = k >= 0 ? field.checkAt[k] : i >= 0 ? field.causeAt[i] : undefined
    const covers = zone === undefined ? [] : toOpen(field.family, zone, stands.open).map(c => c.name)
    const opening = k >= 0 ? toSet(field, k, stands) : 0
    const finds =
      k >= 0
        ? field.tells[k]!.reduce((sum, c) => sum + (field.bad[k]![c]! >= shows ? shares[c]! * field.bad[k]![c]! : 0), 0)
        : i >= 0
          ? shares[i]!
          : 0
    const lost = k >= 0 ? act.likely : i >= 0 ? shares[i]! : 0
    const found = (legs.at(-1)?.found ?? 0) + left * finds
    legs.push({ act, from: at, to: at + act.minutes, opening, covers, found: Math.min(1, found) })
    at += act.minutes
    left *= 1 - lost
    if (act.does === 'ask') evidence = { ...evidence, not: [...evidence.not, act.finding.id] }
    else if (act.does === 'check') {
      stands = afterCheck(field, k, stands)
      evidence = { ...evidence, checked: [...evidence.checked, { check: act.check.id, good: true }] }
    } else {
      stands = opened(field, zone, stands)
      evidence = { ...evidence, ruledOut: [...evidence.ruledOut, act.cause.id] }
    }
  }
  return legs
}
