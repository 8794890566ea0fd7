import { route } from './route.ts'

export const health = route({
  method: 'get',
  path: '/api/health',
  summary: 'The version, the state of the database, and in demo mode how far the demo is',
  who: 'anyone',
  replies: { 200: 'It works', 503: 'The database does not answer' },
  async answer({ db, version, config, loading }, { res }) {
    const answers = await db.query('SELECT 1').then(
      () => true,
      () => false,
    )
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
