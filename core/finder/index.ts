export { type Finding, type Ranked, find } from './find.ts'
export { openingOf } from './openings.ts'
export type { Question } from './places.ts'
