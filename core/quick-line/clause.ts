import type { Certainty, Token } from '../grammar/token.ts'
import type { Move, MoveKindName } from '../moves/registry.ts'

/** One act of the line with its tokens, its fields by name and its move; `adds` when it tells of the move in hand instead of a new one. */
export interface ParsedClause {
  kind: MoveKindName | null
  tokens: Token[]
  said: Record<string, unknown>
  move: Move | null
  adds: boolean
  /** How likely it is right as a whole, 0 to 1. */
  likelihood: number
}

/** A clause of which nothing else is known than this; its move is still to be made. */
export const clauseOf = (known: Partial<ParsedClause>): ParsedClause => ({
  kind: null,
  tokens: [],
  said: {},
  move: null,
  adds: false,
  likelihood: 1,
  ...known,
})
/** Tokens that tell no act. */
export const silent = (tokens: Token[]): ParsedClause => clauseOf({ tokens })

/** Characters `start` to `end` of the line as one token. */
export const tokenAt = (line: string, start: number, end: number, role: string, certainty: Certainty): Token => ({
  start,
  end,
  text: line.slice(start, end),
  role,
  certainty,
})
