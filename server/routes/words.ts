import { lastSaid, type BodyOf } from '@dialytica/core/log'
import { calls } from '@dialytica/core/wire'
import { newestEvents } from './newest-events.ts'
import { route } from './routing.ts'

/** So many lessons of the shop are read, the newest first. */
const newest = 2000

export const words = route(calls.words, {
  summary:
    'The words that the shop taught by correcting lines, and what each means now; one without a meaning was forgotten',
  who: 'viewer',
  joined: true,
  replies: { 200: 'Words, of each the last that was said of it' },
  async answer({ db }, { person }) {
    const rows = await newestEvents(db, person.shopId, ['word-taught'], newest)
    const said = rows.map(({ at, body }) => ({ at: new Date(at).toISOString(), ...(body as BodyOf<'word-taught'>) }))
    return lastSaid(said, one => one.word)
  },
})
