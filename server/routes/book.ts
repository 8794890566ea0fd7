import { calls } from '@dialytica/core/wire'
import { In } from 'typeorm'
import { keptBook } from '../book/up-to-date.ts'
import { BookHand, User } from '../entities/index.ts'
import { modelNow } from '../machines/made-one.ts'
import { ProblemError } from '../problems.ts'
import { ignoreDouble } from '../retried.ts'
import { route } from './routing.ts'
import { sendPdf } from './sheets.ts'

export const book = route(calls.book, {
  summary: 'The book of a model: what its closed jobs say together',
  who: 'viewer',
  joined: true,
  replies: { 200: 'Its acts in the order of most, with support, what varies and by what, ways in, what was learnt' },
  async answer({ db, pool, config }, { person, params }) {
    const { id: model } = await modelNow(db, person.shopId, params.model!)
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
    const { id: model } = await modelNow(db, person.shopId, params.model!)
    const of = { url: config.databaseUrl, data: config.data, model, shop: person.shop }
    const { pdf, code } = await pool.run('bookPdf', of, person.id)
    sendPdf(res, `book-${code}`, pdf)
  },
})

export const bookHand = route(calls.bookHand, {
  summary: 'What leads said of the book of a model, in its order',
  who: 'viewer',
  replies: { 200: 'Words with who said them and when' },
  async answer({ db }, { person, params }) {
    const { id: model } = await modelNow(db, person.shopId, params.model!)
    const rows = await db.getRepository(BookHand).find({ where: { modelId: model }, order: { at: 'ASC', id: 'ASC' } })
    const people = await db.getRepository(User).findBy({ id: In(rows.map(r => r.userId)) })
    const names = new Map(people.map(u => [u.id, u.name]))
    return rows.map(({ id, body, userId, at }) => ({ id, body, by: names.get(userId) ?? '', at: at.toISOString() }))
  },
})

export const tellBook = route(calls.tellBook, {
  summary: 'Say something of the book of a model: it stays until it is taken back, with who said it',
  who: 'lead',
  replies: { 200: 'It is said' },
  async answer({ db }, { person, params, body }) {
    const { id: model } = await modelNow(db, person.shopId, params.model!)
    let said = body.body
    if (said.kind === 'sister') {
      said = { ...said, model: (await modelNow(db, person.shopId, said.model)).id }
      if (said.model === model) throw new ProblemError('invalid', 'A model is not its own sister: name another.')
    }
    const row = { id: body.id, modelId: model, userId: person.id, at: new Date(), body: said }
    await db.getRepository(BookHand).insert(row).catch(ignoreDouble)
    return { id: body.id }
  },
})
