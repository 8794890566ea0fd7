import type { Book, BookAct, HandBody } from '@dialytica/core/book'
import { describe } from '@dialytica/core/moves'

/** What a lead said of a book, in words; acts that are gone since are an act. */
export function handSays(body: HandBody, book: Book): string {
  const acts = new Map(book.steps.flatMap(s => s.acts).map(a => [a.id, a] as [string, BookAct]))
  const act = (id: string) => {
    const found = acts.get(id)
    return found ? describe(found.move).replace(/\.$/, '') : 'an act'
  }
  switch (body.kind) {
    case 'renamed':
      return `called ${body.name}`
    case 'merged':
      return `one with another: ${act(body.act)}`
    case 'pinned':
      return `photo chosen: ${act(body.act)}`
    case 'standard':
      return `so it is done here: ${act(body.act)}`
    case 'trap':
      return `to mind: ${body.says}`
    case 'withdrawn':
      return `a recording withdrawn: ${body.reason}`
    case 'sister':
      return 'a sister model named'
    case 'undone':
      return 'taken back'
  }
}
