import { phases } from '@dialytica/core/log'
import { createMemoryHistory, createRouter } from 'vue-router'
import { describe, expect, it } from 'vitest'
import { routes } from './router.ts'
import { jobViews, toJob, goesOnIn } from './ways.ts'

const router = createRouter({ history: createMemoryHistory(), routes: [...routes] })

describe('the way to a job', () => {
  it.each(jobViews)('%s has its address, to a step too', view => {
    expect(router.resolve(toJob('j', view, 's'))).toMatchObject({ path: `/jobs/j/${view}`, query: { step: 's' } })
  })
  it.each([
    ['intake', 0, 'intake'],
    ['intake', 3, 'descent'],
    ['descent', 3, 'descent'],
    ['bench', 9, 'return'],
    ['return', 9, 'return'],
    ['proof', 9, 'proof'],
    ['closed', 9, 'valley'],
    ['abandoned', 2, 'valley'],
  ] as const)('in %s after %i steps goes on in %s', (phase, steps, view) => {
    expect(goesOnIn(phase, steps)).toBe(view)
  })
  it('is known for every phase', () => {
    for (const phase of phases) expect(jobViews).toContain(goesOnIn(phase, 1))
  })
  it('leads to the floor where an address is not known', () => {
    expect(router.resolve('/nowhere/at/all').matched.at(-1)!.redirect).toEqual({ name: 'floor' })
  })
})
