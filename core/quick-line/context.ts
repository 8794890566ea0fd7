import type { Taught } from '../hearing/taught.ts'
import type { Family } from '../machine/families.ts'
import type { Around } from '../moves/around.ts'
import type { Move } from '../moves/registry.ts'

/** What is known where a line is written: it fills in what was left out and gives `same again` its meaning. */
export interface LineContext {
  family: Family
  around: Around
  /** The move in hand: words that name no act of their own tell of it. */
  inHand?: Move | undefined
  /** The move recorded last: what `same again` repeats, and the cell that a bare `@` means. */
  last?: Move | undefined
  /** The words of the shop. */
  taught?: Taught | null
  /** Makes the id of each new move. */
  id: () => string
}

/** What a move is made with beside what is said of it. */
export type Known = Pick<LineContext, 'around' | 'id' | 'family'>
