import { lastSaid, type BodyOf } from '@dialytica/core/log'
import { calls } from '@dialytica/core/wire'
import { newestEvents } from './newest-events.ts'
import { route } from './routing.ts'

/** So many settings that were said are read, the newest first. */
const newest = 500

export const settings = route(calls.settings, {
  summary: 'What the shop set for all its jobs; a setting without a value was given up',
  who: 'viewer',
  joined: true,
  replies: { 200: 'Settings, of each the last that was said of it' },
  async answer({ db }, { person }) {
    const rows = await newestEvents(db, person.shopId, ['shop-set'], newest)
    const said = rows.map(({ at, body }) => ({ at: new Date(at).toISOString(), ...(body as BodyOf<'shop-set'>) }))
    return lastSaid(said, one => one.setting)
  },
})
