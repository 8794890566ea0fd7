export { cheapest } from './cheapest.ts'
export { type From, type Target } from './graph.ts'
export { type Plan, type Planned } from './plan.ts'
export { type WaysAsked, checksOn, reachable, waysIn } from './ways-in.ts'
