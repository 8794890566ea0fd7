import type { Posture } from '../machine/postures.ts'
import type { Need } from '../laws/need.ts'
import { text } from '../words/language.ts'
import { says, type Act } from './act.ts'

/** Something was seen to before a step turns the machine or closes over it. */
export const seeTo = (step: string, { id, thing }: Need): Act =>
  says('check-done', { check: id, passed: true, step, note: text(thing).slice(0, 200) })
/** A step can be done as well while the machine stands so. */
export const allowPosture = (step: string, posture: Posture): Act => says('posture-allowed', { step, posture })
