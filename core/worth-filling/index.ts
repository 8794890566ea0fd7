export { type Gap, gaps } from './gaps.ts'
export { unread } from './unread.ts'
