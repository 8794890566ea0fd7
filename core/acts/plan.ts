import { says, type Act } from './act.ts'
import type { Arc } from '../plan/arc.ts'

/** An arc of the return does not hold on this machine: what somebody said is withdrawn, what was derived is dropped; with the reason. */
export const dropArc = ({ first, then, reason, said }: Arc, why: string): Act =>
  reason === 'said'
    ? says('constraint-withdrawn', { constraint: said!, reason: why })
    : says('arc-dropped', { first, then, reason: reason as 'holds', why })
