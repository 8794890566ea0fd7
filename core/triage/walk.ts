import type { Evidence } from './belief.ts'
import type { Field } from './field.ts'
import type { Did } from './learn.ts'
import { asking, isSeen, trying } from './next.ts'
import { afterCheck, opened, openMinutes, toSet, type Stands } from './reach.ts'
import type { Cause, Check, Finding } from './model.ts'

/** What somebody decides to do next; null where they give up. */
export type Choice =
  { does: 'ask'; finding: Finding } | { does: 'check'; check: Check } | { does: 'put right'; cause: Cause }
/** A way of going about it. */
export type Way = (field: Field, evidence: Evidence, stands: Stands) => Choice | null

/** A machine that can be asked, looked at and put right. */
export interface Machine {
  isSo(finding: Finding): boolean
  isGood(check: Check): boolean
  isIt(cause: Cause): boolean
}

/** What a way took: minutes until the cause was known, parts bought in vain in hours of a bench, and whether it was found. */
export interface Walked {
  minutes: number
  vain: number
  found: boolean
  /** What is known in the end. */
  evidence: Evidence
  /** The checks and what was put right in vain, in their order. */
  did: Did[]
}

/** Acts after which somebody gives up at the latest. */
const most = 60

/**
 * Goes about a machine until its cause is known: put right after a look showed it, or put right unseen, and then the work of it counts as
 * minutes of finding. What was put right in vain counts with its minutes and its part.
 */
export function walk(field: Field, from: Evidence, stood: Stands, way: Way, machine: Machine): Walked {
  let [evidence, stands, minutes, vain] = [from, stood, 0, 0]
  const did: Did[] = []
  const gone = (found: boolean): Walked => ({ minutes, vain, found, evidence, did })
  for (let n = 0; n < most; n++) {
    const choice = way(field, evidence, stands)
    if (!choice) return gone(false)
    if (choice.does === 'ask') {
      minutes += asking
      const key = machine.isSo(choice.finding) ? 'told' : 'not'
      evidence = { ...evidence, [key]: [...evidence[key], choice.finding.id] }
    } else if (choice.does === 'check') {
      const k = field.checks.indexOf(choice.check)
      minutes += choice.check.minutes + toSet(field, k, stands)
      stands = afterCheck(field, k, stands)
      const result = { check: choice.check.id, good: machine.isGood(choice.check) }
      did.push(result)
      evidence = { ...evidence, checked: [...evidence.checked, result] }
    } else {
      const { cause } = choice
      const at = field.causeAt[field.causes.indexOf(cause)]
      const works = cause.minutes + openMinutes(field, at, stands) + trying
      const isIt = machine.isIt(cause)
      if (!isIt || !isSeen(field, cause, evidence.checked)) minutes += works
      if (isIt) return gone(true)
      stands = opened(field, at, stands)
      vain += cause.price
      did.push({ notIt: cause.id })
      evidence = { ...evidence, ruledOut: [...evidence.ruledOut, cause.id] }
    }
  }
  return gone(false)
}
