import { lastSaid, type BodyOf } from '@dialytica/core/log'
import { calls } from '@dialytica/core/wire'
import { Model } from '../entities/index.ts'
import { notFound } from '../problems.ts'
import { newestEvents } from './newest-events.ts'
import { route } from './routing.ts'

/** So many changes of the codes of a model are read, the newest first. */
const newest = 500

export const codes = route(calls.codes, {
  summary: 'What the codes of a model say, as its jobs kept them; one without words or circuit was given up',
  who: 'viewer',
  joined: true,
  replies: { 200: 'Codes, of each the last that was said of it' },
  async answer({ db }, { person, params }) {
    const isOurs = await db.getRepository(Model).existsBy({ id: params.model!, shopId: person.shopId })
    if (!isOurs) throw notFound()
    const rows = await newestEvents(db, person.shopId, ['code-kept'], newest, params.model)
    const said = rows.map(({ at, body }) => ({ at: new Date(at).toISOString(), ...(body as BodyOf<'code-kept'>) }))
    return lastSaid(said, one => one.code)
  },
})
