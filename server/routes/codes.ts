import { calls } from '@dialytica/core/wire'
import { lastSaidOfModel } from './last-said-in.ts'
import { route } from './routing.ts'

/** So many changes of the codes of a model are read, the newest first. */
const newest = 500

export const codes = route(calls.codes, {
  summary: 'What the codes of a model say, as its jobs kept them; one without words or circuit was given up',
  who: 'viewer',
  joined: true,
  replies: { 200: 'Codes, of each the last that was said of it' },
  answer: ({ db }, { person, params }) =>
    lastSaidOfModel(db, person.shopId, params.model!, 'code-kept', one => one.code, newest),
})
