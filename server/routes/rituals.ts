import { calls } from '@dialytica/core/wire'
import { lastSaidOfModel } from './last-said-in.ts'
import { route } from './routing.ts'

/** So many changes of the rituals of a model are read, the newest first. */
const newest = 500

export const rituals = route(calls.rituals, {
  summary: 'The rituals of a model, as its jobs kept them, and what each is now; one without a text was given up',
  who: 'viewer',
  joined: true,
  replies: { 200: 'Rituals, of each name the last that was said of it' },
  answer: ({ db }, { person, params }) =>
    lastSaidOfModel(db, person.shopId, params.model!, 'ritual-kept', one => one.name, newest),
})
