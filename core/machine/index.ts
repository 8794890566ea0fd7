export { type Family, anatomy, families, liesIn, mayBeLive, zoneTitle } from './families.ts'
export { type Posture, effortOf } from './postures.ts'
export { stance } from './stance.ts'
