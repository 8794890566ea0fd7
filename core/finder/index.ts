export * from './evidence.ts'
export * from './find.ts'
export * from './known.ts'
export type { Place, Question } from './places.ts'
