export {
  type Offer,
  type PartAtHand,
  adaptationsOf,
  leftTo,
  offersOf,
  partsAtHand,
  photosOf,
  toldOf,
} from './at-hand.ts'
export { type Comparison, type Looked, type Told, type Verdict, compareParts } from './compare.ts'
export { type How, hows } from './judged.ts'
export { kindNames, kindOf } from './kinds.ts'
export type { Form } from './rule.ts'
export { type Fate, fates, nameOf, stillOn } from './still-on.ts'
