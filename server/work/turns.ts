import pLimit from 'p-limit'
import { ProblemError } from '../problems.ts'

/** Does work of one kind with a limit of how much is done at once, and how much may wait. */
export interface Turns {
  /** Throws `busy` when too much waits already, of everybody or of this account. */
  take<T>(account: string, work: () => Promise<T>): Promise<T>
}

/** `inside` at once; `waiting` in line, of one account at most `own`. */
export function turns(inside: number, waiting: number, own: number): Turns {
  const limit = pLimit(inside)
  const of = new Map<string, number>()
  return {
    async take(account, work) {
      const mine = of.get(account) ?? 0
      if (limit.pendingCount >= waiting || mine >= own)
        throw new ProblemError('busy', 'Much is being done already: it is tried again by itself in a moment.')
      of.set(account, mine + 1)
      try {
        return await limit(work)
      } finally {
        const left = (of.get(account) ?? 1) - 1
        if (left) of.set(account, left)
        else of.delete(account)
      }
    },
  }
}
