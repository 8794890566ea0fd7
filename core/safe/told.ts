import type { Move, MoveOf } from '../moves/registry.ts'

/** A move that the sequence records, without its id. */
export type SafeMove =
  | Pick<MoveOf<'isolate'>, 'kind' | 'what'>
  | Pick<MoveOf<'drain'>, 'kind' | 'by' | 'litres'>
  | Pick<MoveOf<'pull-out'>, 'kind'>
  | Pick<MoveOf<'place-temporary'>, 'kind' | 'thing' | 'count' | 'why'>

/** The note of a tick for what this machine does not have. */
export const notHere = 'not on this machine'

/** The words under which an act of the sequence is ticked off in the log. */
export const toldOf = (id: string): string => `made safe: ${id}`

/** True when a recorded move is the one that the sequence asks for; any way of draining is draining. */
export function isSame(move: Move, told: SafeMove): boolean {
  if (move.kind !== told.kind) return false
  if (move.kind === 'isolate' && told.kind === 'isolate') return move.what === told.what
  if (move.kind === 'place-temporary' && told.kind === 'place-temporary')
    return move.thing === told.thing && (told.thing !== 'tape' || move.why === told.why)
  return true
}
