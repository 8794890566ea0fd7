import { connectorName } from '../items/connector.ts'
import type { Glyph } from '../items/kinds.ts'
import { openDebts } from '../ledger/open-debts.ts'
import type { JobState } from '../log/state.ts'
import { zoneTitle, type Family } from '../machine/families.ts'
import { glyphOf } from '../moves/move.ts'
import type { Move } from '../moves/registry.ts'
import { trayOf } from '../ledger/lying.ts'
import { cellsOf } from '../tray/cells.ts'
import { cellCode, moveCode } from './code.ts'
import { text } from '../words/language.ts'
import { say } from '../words/phrase.ts'

/** What is labelled: the cells of the tray, the plugs, the parts. */
export const labelKinds = ['cells', 'connectors', 'parts'] as const
/** A kind of label. */
export type LabelKind = (typeof labelKinds)[number]

/** One label: what stands on it, largest first, and the text of its square code. */
export interface Label {
  id: string
  kind: LabelKind
  glyph: Glyph
  head: string
  lines: string[]
  code: string
}

const upTo = (text: string, comma = text.indexOf(',')) => (comma < 0 ? text : text.slice(0, comma))

/** A label for each cell of the tray; what lies in it now stands on it. */
function cells(state: JobState, job: string): Label[] {
  const lying = new Map(trayOf(openDebts(state)))
  return cellsOf(state.tray).map(cell => {
    const debts = lying.get(cell) ?? []
    return {
      id: cell,
      kind: 'cells',
      glyph: debts[0]?.item ?? 'fastener',
      head: cell,
      lines: debts.flatMap(d => [upTo(text(d.label)), text(say`step ${d.stepNumber}`)]).slice(0, 3),
      code: cellCode(job, cell),
    }
  })
}

const headOf = (move: Move): string =>
  'connector' in move ? (move.connector.label ?? text(say`plug`)) : 'part' in move ? move.part.name : ''

/** A label for each plug and each part that is recorded: what it is, where it belongs, from which step. */
function moves(state: JobState, family: Family, job: string, kind: 'connectors' | 'parts'): Label[] {
  return state.order.toArray().flatMap((id, i) => {
    const step = state.steps.get(id)!
    return step.moves
      .filter(m => (kind === 'connectors' ? 'connector' in m : 'part' in m))
      .map(m => ({
        id: m.id,
        kind,
        glyph: glyphOf(m),
        head: headOf(m),
        lines: [
          'connector' in m ? text(connectorName({ ...m.connector, label: undefined })) : '',
          m.place ?? '',
          [step.zone && zoneTitle(family, step.zone), text(say`step ${i + 1}`)].filter(Boolean).join(', '),
        ].filter(Boolean),
        code: moveCode(job, m.id),
      }))
  })
}

/** The labels of a job, of the kinds that are wanted, in the order of the tray and of the descent. */
export const labelsOf = (state: JobState, family: Family, job: string, kinds: readonly LabelKind[]): Label[] =>
  kinds.flatMap(kind => (kind === 'cells' ? cells(state, job) : moves(state, family, job, kind)))
