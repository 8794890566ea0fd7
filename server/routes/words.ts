import { calls } from '@dialytica/core/wire'
import { lastSaidIn } from './last-said-in.ts'
import { route } from './routing.ts'

/** So many lessons of the shop are read, the newest first. */
const newest = 2000

export const words = route(calls.words, {
  summary:
    'The words that the shop taught by correcting lines, and what each means now; one without a meaning was forgotten',
  who: 'viewer',
  joined: true,
  replies: { 200: 'Words, of each the last that was said of it' },
  answer: ({ db }, { person }) => lastSaidIn(db, person.shopId, 'word-taught', one => one.word, newest),
})
