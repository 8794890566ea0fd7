export { type Family, anatomy, families, liesIn, mayBeLive, zoneTitle } from './families.ts'
export { type Posture } from './postures.ts'
export { stance } from './stance.ts'
