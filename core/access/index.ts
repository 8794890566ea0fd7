export { cheapest } from './cheapest.ts'
export { type From, type Target } from './graph.ts'
export { type Plan } from './plan.ts'
export { type WaysAsked, checksOn, reachable, waysIn } from './ways-in.ts'
