import type { HandBody } from '@dialytica/core/book'
import { calls } from '@dialytica/core/wire'
import { v4 } from 'uuid'
import { api } from './api.ts'

/** Something that a lead said of a book, with who it was and when. */
export interface HandSaid {
  id: string
  body: HandBody
  by: string
  at: string
}

/** What leads said of the book of a model; nothing where the server does not answer. */
export const handOfModel = (model: string): Promise<HandSaid[]> =>
  api(calls.bookHand, { params: { model } }).catch(() => [])

/** Says something of the book of a model. */
export const sayOfBook = async (model: string, body: HandBody): Promise<void> => {
  await api(calls.tellBook, { params: { model }, body: { id: v4(), body } })
}
