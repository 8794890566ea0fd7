import { calls } from '@dialytica/core/wire'
import { find } from '../search/find.ts'
import { jobsWith } from '../search/jobs-with.ts'
import { notFound } from '../problems.ts'
import { route } from './routing.ts'

export const search = route(calls.search, {
  summary:
    'What the shop has to some words: models, machines, complaints, steps, notes; slips of the hand are forgiven',
  who: 'viewer',
  replies: { 200: 'What was found, best first, at most 40; where nothing is typed, nothing' },
  async answer({ db }, { person, query }) {
    const found = await find(db, person.shopId, query.words ?? '')
    return found.map(({ fit: _, at, ...rest }) => ({ ...rest, at: at.toISOString() }))
  },
})

export const searchJobs = route(calls.searchJobs, {
  summary: 'The jobs in which a thing that was found is said, or that a machine had',
  who: 'viewer',
  replies: { 200: 'Jobs, the newest first, at most 50' },
  async answer({ db }, { person, params }) {
    const jobs = await jobsWith(db, person.shopId, Number(params.thing))
    if (!jobs) throw notFound()
    return jobs.map(({ at, open, ...rest }) => ({ ...rest, at: at.toISOString(), open: Boolean(open) }))
  },
})
