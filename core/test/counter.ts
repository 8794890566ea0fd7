import { id } from './arbitrary-log.ts'

/** A stream of ids, for acts that need new ones. */
export function counter(kind = 'n'): () => string {
  let n = 0
  return () => id(++n, kind)
}
