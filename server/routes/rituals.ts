import { lastSaid, type BodyOf } from '@dialytica/core/log'
import { calls } from '@dialytica/core/wire'
import { Model } from '../entities/index.ts'
import { notFound } from '../problems.ts'
import { newestEvents } from './newest-events.ts'
import { route } from './routing.ts'

/** So many changes of the rituals of a model are read, the newest first. */
const newest = 500

export const rituals = route(calls.rituals, {
  summary: 'The rituals of a model, as its jobs kept them, and what each is now; one without a text was given up',
  who: 'viewer',
  joined: true,
  replies: { 200: 'Rituals, of each name the last that was said of it' },
  async answer({ db }, { person, params }) {
    const isOurs = await db.getRepository(Model).existsBy({ id: params.model!, shopId: person.shopId })
    if (!isOurs) throw notFound()
    const rows = await newestEvents(db, person.shopId, ['ritual-kept'], newest, params.model)
    const said = rows.map(({ at, body }) => ({ at: new Date(at).toISOString(), ...(body as BodyOf<'ritual-kept'>) }))
    return lastSaid(said, one => one.name)
  },
})
