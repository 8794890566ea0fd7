import { calls } from '@dialytica/core/wire'
import { settingsSaid } from './last-said-in.ts'
import { route } from './routing.ts'

export const settings = route(calls.settings, {
  summary: 'What the shop set for all its jobs; a setting without a value was given up',
  who: 'viewer',
  joined: true,
  replies: { 200: 'Settings, of each the last that was said of it' },
  answer: ({ db }, { person }) => settingsSaid(db, person.shopId),
})
