export { asksNew } from './asks-new.ts'
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
export { type Comparison, type Looked, type Told, compareParts } from './compare.ts'
export { type Fate, type How, fates, hows } from './judged.ts'
export { kindNames, kindOf } from './kinds.ts'
export { renewedWords } from './renewed.ts'
export type { Form } from './rule.ts'
export { nameOf, stillOn } from './still-on.ts'
