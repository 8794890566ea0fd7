export { type Check, checkWords } from './checks.ts'
export type { Meant, TaughtWord } from './taught-word.ts'
export type { Field } from './field.ts'
export { isolations } from './isolate.ts'
export { moveKinds } from './kinds.ts'
export {
  act,
  apply,
  cautionsFor,
  checksFor,
  describe,
  glyphOf,
  invert,
  notes,
  subject,
  thingOf,
  toolsFor,
} from './move.ts'
export {
  type Move,
  type MoveKindName,
  type MoveOf,
  freshMove,
  glyphFor,
  kindOf,
  moveSchema,
  pointByPoint,
  pointsOf,
  toldAs,
  traitsOf,
  variantsOf,
} from './registry.ts'
