export { addressOf, call, timeHeader, type AskedWith, type Call } from './call.ts'
export * as calls from './calls.ts'
export { jobCard, type Appended, type Floor, type JobCard, type StandsToday } from './jobs.ts'
export { handSaid, type HandSaid } from './joining.ts'
export { model, unit, type KnownUnit, type ListedModel, type Model, type Unit } from './machines.ts'
export type { LookedAt, TakenIn } from './parcels.ts'
export {
  person,
  roles,
  type DemoAccount,
  type EntryCode,
  type Member,
  type Person,
  type Role,
  type SessionShown,
} from './people.ts'
export { problem, type ProblemDocument } from './problem.ts'
export type { FoundThing, SaidIn } from './search.ts'
export type { Loading } from './shop.ts'
