import type { Posture } from '../machine/postures.ts'
import type { Need } from '../laws/need.ts'
import { says, type Act } from './act.ts'

/** Something was seen to before a step turns the machine. */
export const seeTo = (step: string, { id }: Need): Act => says('check-done', { check: id, passed: true, step })
/** A step can be done as well while the machine stands so. */
export const allowPosture = (step: string, posture: Posture): Act => says('posture-allowed', { step, posture })
