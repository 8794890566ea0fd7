export { type SearchNode, searchOrder } from './order.ts'
