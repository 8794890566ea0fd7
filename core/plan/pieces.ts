import type { StepState } from '../log/state.ts'
import { traitsOf, type Move } from '../moves/registry.ts'

/** What a move is done to: the machine as a whole, as it stands, at its plug, its taps, its wall; or a place of it. */
type DoneTo = 'turn' | 'power' | 'water' | 'wall' | 'place'
function doneTo(move: Move): DoneTo {
  const { turns, restores, wall } = traitsOf(move)
  return turns ? 'turn' : (restores ?? (wall ? 'wall' : 'place'))
}

/** What is isolated where the machine meets the house, wherever the hand was when it said so. */
const atTheHouse = new Set(['power', 'cold water', 'hot water', 'pressure', 'drain hose'])
/** True for what is done where the machine meets the house: at its plug, its taps, its wall. */
export const isAtTheHouse = (move: Move): boolean => {
  const { isolates, wall } = traitsOf(move)
  return wall === true || (isolates !== undefined && atTheHouse.has(isolates))
}

/** The id of a piece of a step, told from its step and from its other pieces by the second digit. */
const pieceId = (id: string, n: number): string =>
  `${id[0]}${((Number.parseInt(id[1]!, 16) + n) % 16).toString(16)}${id.slice(2)}`

/** True where a step turns the machine and does nothing else but what that needs: a block under it, tape over its door. */
export const onlyTurns = (moves: readonly Move[]): boolean =>
  moves.some(m => doneTo(m) === 'turn') && moves.every(m => doneTo(m) === 'turn' || traitsOf(m).temporary)

/**
 * A recorded step in the pieces that go back at different moments: power, water, the wall and each turn are pieces of their own, whatever
 * else was told with them; what was done to a place is parted by the turns between. The piece at a place, done last, keeps the id of the
 * step. What is isolated where the machine meets the house lies in no zone. The pieces stand in the order of their last moves.
 */
export function piecesOf(step: StepState): StepState[] {
  const found = new Map<string, Move[]>()
  if (onlyTurns(step.moves)) found.set('turn', [...step.moves])
  else {
    let turns = 0
    for (const move of step.moves) {
      const to = doneTo(move)
      if (to === 'turn') turns += 1
      const key = to === 'turn' || to === 'place' ? `${to} ${turns}` : to
      found.set(key, [...(found.get(key) ?? []), move])
    }
  }
  const pieces = [...found]
  const own = Math.max(
    0,
    pieces.findLastIndex(([key]) => key.startsWith('place')),
  )
  return pieces
    .map(([, moves], n) => ({
      moves,
      last: step.moves.indexOf(moves.at(-1)!),
      id: n === own ? step.id : pieceId(step.id, n + 1),
    }))
    .sort((a, b) => a.last - b.last)
    .map(({ moves, id }) => {
      const zone = moves.every(isAtTheHouse) ? 'outside' : step.zone
      return id === step.id && pieces.length === 1 && zone === step.zone ? step : { ...step, id, moves, zone }
    })
}
