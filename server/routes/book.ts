import { calls } from '@dialytica/core/wire'
import { keptBook } from '../book/up-to-date.ts'
import { ofThisShop } from './last-said-in.ts'
import { route } from './routing.ts'
import { sendPdf } from './sheets.ts'

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

export const bookPdf = route(calls.bookPdf, {
  summary: 'The book of a model as PDF: the whole way down with its photos, and the way back',
  who: 'viewer',
  replies: { 200: 'application/pdf' },
  rates: [{ what: 'sheets and labels', most: 60, minutes: 5, by: 'account' }],
  async answer({ db, pool, config }, { person, params, res }) {
    const model = params.model!
    await ofThisShop(db, person.shopId, model)
    const of = { url: config.databaseUrl, data: config.data, model, shop: person.shop }
    const { pdf, code } = await pool.run('bookPdf', of, person.id)
    sendPdf(res, `book-${code}`, pdf)
  },
})
