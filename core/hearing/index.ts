export { levelOf } from './certainty.ts'
export { readOne, type ReadLine } from './read-one.ts'
export { namesAtHand, taughtBy } from './taught.ts'
