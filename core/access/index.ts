export { cheapest } from './cheapest.ts'
export { type From, type Target, graphOf } from './graph.ts'
export { type Plan, type Planned, plansTo } from './plan.ts'
