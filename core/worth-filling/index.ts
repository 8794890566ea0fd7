export { type Gap, gaps } from './gaps.ts'
