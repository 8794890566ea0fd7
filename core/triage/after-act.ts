import type { Evidence } from './belief.ts'
import type { Field } from './field.ts'
import type { Choice } from './next.ts'
import { afterCheck, opened, type Stands } from './reach.ts'

/** What is known of a machine, and how it stands. */
export interface Situation {
  evidence: Evidence
  stands: Stands
}

/** The situation after an act: `so` where the answer is yes, or the check is not as it should be; a cause that was put right was not it. */
export function afterAct(field: Field, { evidence, stands }: Situation, choice: Choice, so: boolean): Situation {
  switch (choice.does) {
    case 'ask': {
      const key = so ? 'told' : 'not'
      return { evidence: { ...evidence, [key]: [...evidence[key], choice.finding.id] }, stands }
    }
    case 'check': {
      const result = { check: choice.check.id, good: !so }
      return {
        evidence: { ...evidence, checked: [...evidence.checked, result] },
        stands: afterCheck(field, field.checks.indexOf(choice.check), stands),
      }
    }
    case 'put right':
      return {
        evidence: { ...evidence, ruledOut: [...evidence.ruledOut, choice.cause.id] },
        stands: opened(field, field.causeAt[field.causes.indexOf(choice.cause)], stands),
      }
  }
}
