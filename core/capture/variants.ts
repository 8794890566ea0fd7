import type { Glyph } from '../items/kinds.ts'
import type { Posture } from '../machine/postures.ts'
import type { Move, MoveKindName } from '../moves/registry.ts'

/** The kinds of move that one glyph can mean; the first is what a tap means until told otherwise. */
export const variantsOf: Record<Glyph, readonly MoveKindName[]> = {
  fastener: ['remove-fasteners', 'slacken'],
  clip: ['release-clips'],
  connector: ['unplug'],
  line: ['unroute', 'slip-belt'],
  joint: ['open-joint'],
  part: ['remove-part', 'park-part', 'pull-off', 'replace-part'],
  consumable: ['cut'],
  temporary: ['place-temporary'],
  posture: ['turn-machine'],
  isolation: ['isolate', 'drain'],
  mark: ['draw-mark', 'attend'],
}

/** The glyph under which a kind of move is recorded. */
export const glyphFor = (kind: MoveKindName): Glyph =>
  (Object.keys(variantsOf) as Glyph[]).find(g => variantsOf[g].includes(kind))!

/** What is known where a step is recorded; it fills in what a move cannot be without, and nothing else. */
export interface Around {
  posture: Posture
  isolated: readonly string[]
  /** The cell into which loose fasteners go next. */
  cell?: string | undefined
}

/** A new move of a kind, on its way down, with the least that makes it complete. */
export function freshMove(kind: MoveKindName, id: string, { posture, isolated, cell }: Around): Move {
  const base = { id, way: 'down' as const }
  const inCell = cell ? { cell } : {}
  switch (kind) {
    case 'remove-fasteners':
      return { ...base, ...inCell, kind, fastener: {}, count: 1 }
    case 'slacken':
      return { ...base, kind, fastener: {}, count: 1 }
    case 'release-clips':
      return { ...base, kind, clip: {}, count: 1 }
    case 'unplug':
      return { ...base, kind, connector: {} }
    case 'unroute':
      return { ...base, kind, route: { waypoints: [] } }
    case 'slip-belt':
      return { ...base, kind }
    case 'open-joint':
      return { ...base, kind, joint: {} }
    case 'remove-part':
    case 'park-part':
    case 'pull-off':
      return { ...base, kind, part: { name: 'part' } }
    case 'replace-part':
      return { ...base, kind, part: { name: 'part' }, carryOver: [] }
    case 'cut':
      return { ...base, kind, consumable: 'tie', count: 1 }
    case 'place-temporary':
      return { ...base, kind, thing: 'towel', count: 1 }
    case 'turn-machine':
      return { ...base, kind, from: posture, to: posture === 'upright' ? 'tipped back' : 'upright' }
    case 'isolate':
      return {
        ...base,
        kind,
        what:
          (['power', 'cold water', 'drain hose', 'hot water', 'pressure'] as const).find(w => !isolated.includes(w)) ??
          'capacitor',
      }
    case 'drain':
      return { ...base, kind, by: 'filter' }
    case 'draw-mark':
      return { ...base, kind, mark: 'a line across both parts' }
    case 'attend':
      return { ...base, kind, act: 'inspect', thing: 'this place' }
  }
}

/** The same act told as another kind of its glyph: what both know is carried over. */
export function toldAs(move: Move, kind: MoveKindName, around: Around): Move {
  const fresh = freshMove(kind, move.id, around)
  const kept = Object.fromEntries(
    Object.entries(move).filter(([key]) => key in fresh || ['place', 'note', 'condition', 'cell'].includes(key)),
  )
  return { ...fresh, ...kept, kind } as Move
}
