import { afterAct, type Situation } from './after-act.ts'
import type { Evidence } from './belief.ts'
import type { Field } from './field.ts'
import type { Did } from './learn.ts'
import { asking, isSeen, trying, type Choice } from './next.ts'
import { repairMinutes, toSet, type Stands } from './reach.ts'
import type { Cause, Check, Finding } from './model.ts'

/** A way of going about it: what comes next, or null where somebody gives up. */
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
  let at: Situation = { evidence: from, stands: stood }
  let [minutes, vain] = [0, 0]
  const did: Did[] = []
  const gone = (found: boolean): Walked => ({ minutes, vain, found, evidence: at.evidence, did })
  for (let n = 0; n < most; n++) {
    const { evidence, stands } = at
    const choice = way(field, evidence, stands)
    if (!choice) return gone(false)
    let so = false
    if (choice.does === 'ask') {
      minutes += asking
      so = machine.isSo(choice.finding)
    } else if (choice.does === 'check') {
      minutes += choice.check.minutes + toSet(field, field.checks.indexOf(choice.check), stands)
      so = !machine.isGood(choice.check)
      did.push({ check: choice.check.id, good: !so })
    } else {
      const { cause } = choice
      const isIt = machine.isIt(cause)
      if (!isIt || !isSeen(field, cause, evidence.checked))
        minutes += repairMinutes(field.family, cause, stands) + trying
      if (isIt) return gone(true)
      vain += cause.price
      did.push({ notIt: cause.id })
    }
    at = afterAct(field, at, choice, so)
  }
  return gone(false)
}
