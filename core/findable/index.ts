export { type Findable, type FindableKind, findablesOf, foundBy, ofMachine, ofModel, wordPlaces } from './findables.ts'
export { type Hit, type Reading, fitOf, isAsTyped, worthOf } from './rank.ts'
export { keptUnder, lookedUnder, slipsBetween } from './slips.ts'
export { wordsAsked, wordsOf } from './words.ts'
