export { type LookAlike, besides, lookAlikes } from './find.ts'
export { type Lot, lotOf, lotsOf } from './lot.ts'
export { type Warning, warningOf } from './words.ts'
