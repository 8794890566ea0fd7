import { calls } from '@dialytica/core/wire'
import { keptBook } from '../book/up-to-date.ts'
import { ofThisShop } from './last-said-in.ts'
import { route } from './routing.ts'

export const book = route(calls.book, {
  summary: 'The book of a model: what its closed jobs say together',
  who: 'viewer',
  joined: true,
  replies: { 200: 'Its acts in the order of most, with support, what varies and by what, ways in, what was learnt' },
  async answer({ db, pool, config }, { person, params }) {
    const model = params.model!
    await ofThisShop(db, person.shopId, model)
    return (
      (await keptBook(db.manager, model)) ??
      (await pool.run('bookUpToDate', { url: config.databaseUrl, model }, person.id))
    )
  },
})
