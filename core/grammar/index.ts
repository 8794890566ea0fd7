export type { Token } from './token.ts'
