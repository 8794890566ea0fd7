import type { Token } from '../grammar/token.ts'
import type { MoveKindName } from '../moves/registry.ts'

/** One act of the line: its kind, its tokens, and the fields that were said of it, by name. */
export interface Clause {
  kind: MoveKindName | null
  tokens: Token[]
  said: Record<string, unknown>
}
