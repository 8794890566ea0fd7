export { does, happens, says, stamped, together, type Act } from './act.ts'
export { checksDone, tickCheck } from './checks.ts'
export { closeJob } from './close.ts'
export {
  arrived,
  compareAs,
  comparePoint,
  isOldLookedOver,
  keepVerdict,
  letGo,
  makeFit,
  offer,
  order,
  photograph,
  sendBack,
  unmakeFit,
} from './fit.ts'
export { isPassed, passGate } from './gates.ts'
export { correctMachine, openJob, tellIntake } from './intake.ts'
export { goOn, pause, turnTo } from './phases.ts'
export { dropArc } from './plan.ts'
export { goBackTo, prove, switchOver } from './proof.ts'
export { openAgain, settle, settleNext, settleRest, touchMark, turnAnew } from './refit.ts'
export { doSafely, notOnThisMachine, shutOff, tapRunsOn, undoSafely } from './safe.ts'
export { foundAt, lookedAt, openToLook, report } from './search.ts'
export { foundMissing, isEmptyStep, moveStep, recordStep } from './steps.ts'
export { strikeAgain, undo, withdrawAgain } from './undo.ts'
export { allowPosture, seeTo } from './turning.ts'
export { goesOver, isLookedOver, tellApart, tellBond, tellJoined } from './things.ts'
