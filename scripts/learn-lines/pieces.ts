import { fieldLevel } from '../../core/hearing/certainty.ts'
import { flatten } from '../../core/hearing/flat.ts'
import { hear, nearOf, type HeardWith } from '../../core/hearing/hear.ts'
import type { SpokenLine } from './lines.ts'
import { scoreLine } from './score.ts'

/** A piece of a line that was read: a field of an act whose kind is right, how it is shown, and whether it is right. */
export interface Piece {
  field: string
  sure: boolean
  right: boolean
}

/** The pieces of a line that it says, as they are read with `by`. */
export function piecesOf(line: SpokenLine, by?: HeardWith): Piece[] {
  const { acts } = hear(line.text, by)
  const read = acts.flatMap(act => flatten([act]).map(item => ({ act, item })))
  const { pairs } = scoreLine(line, { items: read.map(r => r.item), unsure: false })
  return pairs
    .filter(p => p.kind)
    .flatMap(p => {
      const { act } = read.find(r => r.item === p.read)!
      const said = Object.keys(p.truth).filter(k => !['kind', 'or', 'not'].includes(k))
      const fields = new Set([...said, ...p.wrong.filter(w => w === 'count')])
      // What was not read of it is not shown.
      const shown = [...fields].filter(field => p.read[field] !== undefined)
      return shown.map(field => ({
        field,
        sure: fieldLevel(field, nearOf(act, field), act) === 'sure',
        right: !p.wrong.includes(field),
      }))
    })
}

/** Of each field: how many pieces, the share that is shown as certain, and of those the share that is right. */
export function byField(pieces: readonly Piece[]): { field: string; n: number; shown: number; right: number }[] {
  const fields = [...new Set(pieces.map(p => p.field))]
  const row = (field: string, of: readonly Piece[]) => {
    const sure = of.filter(p => p.sure)
    return {
      field,
      n: of.length,
      shown: sure.length / Math.max(1, of.length),
      right: sure.filter(p => p.right).length / Math.max(1, sure.length),
    }
  }
  return [
    row('all', pieces),
    ...fields
      .map(f =>
        row(
          f,
          pieces.filter(p => p.field === f),
        ),
      )
      .sort((a, b) => b.n - a.n),
  ]
}
