import type { InferType } from 'yup'
import * as yup from 'yup'
import { note } from '../words/note.ts'
import { say, sentence } from '../words/phrase.ts'
import { place } from './field.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('slip-belt', {
  /** How many ribs, where it is ribbed. */
  ribs: yup.number().integer().min(1, '${path} must be at least 1').max(30, '${path} can be 30 at most'),
})
type SlipBelt = InferType<typeof schema>

/** Slips a belt off its pulleys; the inverse lays it on the small pulley first and turns the large one. */
export const slipBelt: MoveKind<SlipBelt> = {
  kind: 'slip-belt',
  name: 'Slip belt',
  item: 'line',
  schema,
  fresh: () => ({}),
  fields: () => [{ path: 'ribs', label: 'ribs', how: 'number' }, place],
  grammar: {
    verb: 'slip belt',
    verbs: 'slip, roll, walk, slide/slid, run/ran, turn, take/took/taken, spin/spun, ease, work, flick, peel',
    things: ['belt'],
  },
  opens: m => [owes(m, 'line', 'off', 1, say`belt${at(m)}`)],
  invert: turned,
  subject: m => say`belt${at(m)}`,
  down: m => sentence(say`${on(m)}turn the large pulley and slip the belt off`),
  back: m => sentence(say`${on(m)}belt on the small pulley first, then turn the large one`),
  notes: m => [
    note(m.ribs ? say`Ribs inward, all ${m.ribs} in their grooves` : say`Ribs inward`),
    note(say`Turn by hand: the belt stays in the middle`),
  ],
  tools: () => [],
  cautions: () => [],
  checks: () => ['spin'],
}
