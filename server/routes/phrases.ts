import type { BodyOf } from '@dialytica/core/log'
import { phrasesOf } from '@dialytica/core/quick-line'
import { calls } from '@dialytica/core/wire'
import { newestEvents } from './newest-events.ts'
import { route } from './routing.ts'

/** Steps of the shop that are read for its words, the newest first. */
const newest = 600
const most = 400

export const phrases = route(calls.phrases, {
  summary: "The words of the shop's own steps, most frequent first: places, parts, points of routes",
  who: 'viewer',
  joined: true,
  replies: { 200: 'Phrases with how often each was recorded' },
  async answer({ db }, { person }) {
    const rows = await newestEvents(db, person.shopId, ['step-recorded', 'step-amended'], newest)
    return phrasesOf(rows.flatMap(r => (r.body as BodyOf<'step-recorded'>).step.moves)).slice(0, most)
  },
})
