import type { Phase } from '@dialytica/core/log'
import type { RouteLocationRaw } from 'vue-router'

/** The views of a job, each an address under `/jobs/…` and a file of `web/views`. */
export const jobViews = [
  'intake',
  'triage',
  'way-in',
  'worth',
  'fetch',
  'descent',
  'bench',
  'return',
  'proof',
  'rituals',
  'things',
  'valley',
  'labels',
  'narration',
  'words',
  'standing',
  'finder',
  'close',
] as const
export type JobView = (typeof jobViews)[number]

/** Where a job goes on in each of its phases. */
const viewOfPhase: Record<Phase, JobView> = {
  intake: 'intake',
  descent: 'descent',
  bench: 'return',
  return: 'return',
  proof: 'proof',
  closed: 'valley',
  abandoned: 'valley',
}
/** Where a job goes on: in the view of its phase; what was recorded before the intake was done with goes on in the descent. */
export const goesOnIn = (phase: Phase, steps: number): JobView =>
  phase === 'intake' && steps > 0 ? 'descent' : viewOfPhase[phase]
/** The view of the way that a step is on. */
export const viewOfWay = { down: 'descent', back: 'return' } as const satisfies Record<string, JobView>

/** The way to a view of a job, and to one of its steps. */
export const toJob = (job: string | null, view: JobView, step?: string): RouteLocationRaw => ({
  name: view,
  params: { job: job ?? '' },
  ...(step && { query: { step } }),
})
/** The way to the book of a model. */
export const toBook = (model: string): RouteLocationRaw => ({ name: 'book', params: { model } })
/** Another model laid beside a model. */
export const toBeside = (model: string, other?: string | null): RouteLocationRaw => ({
  name: 'beside',
  params: { model },
  ...(other && { query: { other } }),
})
/** The ways in of a model, before one of its machines is opened. */
export const toModelWayIn = (model: string): RouteLocationRaw => ({ name: 'model-way-in', params: { model } })
/** The ways in to a part for the job in hand. */
export const toWayIn = (job: string | null, part: string): RouteLocationRaw => ({
  name: 'way-in',
  params: { job: job ?? '' },
  query: { part },
})
/** The way to a thing of the machine, by the move with which it came off. */
export const toThing = (job: string | null, part: string): RouteLocationRaw => ({
  name: 'things',
  params: { job: job ?? '' },
  query: { part },
})
/** The way to a part on the bench, its old one against its new one. */
export const toPart = (job: string | null, part: string): RouteLocationRaw => ({
  name: 'bench',
  params: { job: job ?? '' },
  query: { part },
})
/** The way to a ritual of the model, to play it. */
export const toRitual = (job: string | null, ritual: string): RouteLocationRaw => ({
  name: 'rituals',
  params: { job: job ?? '' },
  query: { ritual },
})
/** The same view at another step. */
export const toStep = (step: string | undefined): RouteLocationRaw => ({ query: step ? { step } : {} })
