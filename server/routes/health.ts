import { calls } from '@dialytica/core/wire'
import { setTimeout } from 'node:timers/promises'
import { route } from './routing.ts'

/** A database that is silent for longer does not answer, in milliseconds. */
const patience = 2000

export const health = route(calls.health, {
  summary: 'The version, the state of the database, and in demo mode how far the demo is',
  who: 'anyone',
  replies: { 200: 'It works', 503: 'The database does not answer' },
  async answer({ db, version, config, loading }, { res }) {
    const answers = await Promise.race([
      db.query('SELECT 1').then(
        () => true,
        () => false,
      ),
      setTimeout(patience, false, { ref: false }),
    ])
    res.status(answers ? 200 : 503)
    return {
      name: 'dialytica',
      version,
      database: answers ? 'up' : 'down',
      demo: config.demo,
      ...(loading && { loading }),
    }
  },
})
