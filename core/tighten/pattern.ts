import type { Step } from '../log/step.ts'
import type { Move } from '../moves/registry.ts'
import { tightening, type Tightening } from './tighten.ts'

/** The marks of a group of fasteners in the order in which they are tightened, on one photo of their step. */
export interface Pattern extends Omit<Tightening, 'order'> {
  photo: string
  marks: string[]
}

/** The pattern of a move of a step, from the real positions of its marks; null where it is no group, or not every piece was marked on one photo. */
export function patternOf(step: Step, move: Move): Pattern | null {
  if (!('fastener' in move) || move.count < 2) return null
  const own = step.marks.filter(m => m.move === move.id && m.path.length === 1)
  const photo = step.photos.find(p => own.filter(m => m.photo === p.hash).length >= move.count)
  if (!photo) return null
  const marks = own.filter(m => m.photo === photo.hash)
  const spots = marks.map(m => ({ x: m.path[0]!.x * photo.width, y: m.path[0]!.y * photo.height }))
  const { order, stand, rounds } = tightening(spots, move.fastener)
  return { photo: photo.hash, stand, rounds, marks: order.map(i => marks[i]!.id) }
}

/** How the order goes, in the trade's words. */
export const standWords: Record<Tightening['stand'], string> = {
  few: 'one after the other',
  row: 'from the middle outwards',
  circle: 'crosswise',
  free: 'crosswise, far ones in turn',
}
