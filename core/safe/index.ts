export { type SafeAct, type SafePart, safeParts, safeSequence } from './sequence.ts'
export { toldOf } from './told.ts'
