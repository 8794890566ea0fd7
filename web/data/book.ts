import type { Book } from '@dialytica/core/book'
import { calls } from '@dialytica/core/wire'
import { askOrRecall } from './kept.ts'

/** The book of a model as the server has it, or as it was told last where the server does not answer. */
export const bookOfModel = (model: string): Promise<Book> =>
  askOrRecall(`book ${model}`, calls.book, { params: { model } })
