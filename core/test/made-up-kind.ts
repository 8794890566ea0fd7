import type { InferType } from 'yup'
import { count as counted, place } from '../moves/field.ts'
import { at, into, moveShape, on, owes, turned, type MoveKind } from '../moves/move-kind.ts'
import { count, line, listOf, oneOf, zoneId } from '../schema/atoms.ts'
import { note } from '../words/note.ts'
import { counted as several, join, say, sentence } from '../words/phrase.ts'

const schema = moveShape('unwind-ring', {
  ring: line(),
  side: oneOf(['inner', 'outer']),
  count: count().required(),
  opens: listOf(zoneId().required(), 20),
})
type UnwindRing = InferType<typeof schema>
const rings = (m: UnwindRing) => {
  const side = { say: m.side ?? 'retaining' }
  return several(m.count, join(' ', side, say`ring`), join(' ', side, say`rings`))
}
const what = (m: UnwindRing) => say`${rings(m)}${at(m)}`

/** A kind of move that no machine has, for the test that a kind is one file and one line. */
export const unwindRing: MoveKind<UnwindRing> = {
  kind: 'unwind-ring',
  name: 'Unwind',
  item: 'clip',
  schema,
  loose: true,
  fresh: ({ cell }) => ({ ...(cell && { cell }), count: 1 }),
  fields: () => [counted, { path: 'side', label: 'side', how: 'choice', options: ['inner', 'outer'] }, place],
  traits: m => ({ fastens: true, wet: true, opens: m.opens ?? [] }),
  lacks: m =>
    m.side ? [] : [{ field: 'side', ask: say`Side of ${what(m)}`, why: say`Two rings fit one groove`, minutes: 7 }],
  grammar: {
    verb: 'unwind',
    verbs: 'unwind/unwound, spiral',
    words: { windring: 'ring, retaining ring, inner ring [side=inner], outer ring [side=outer]' },
    measure: 'ring',
  },
  opens: m => [owes(m, 'clip', 'out', m.count, what(m))],
  invert: turned,
  subject: what,
  down: m => sentence(say`${on(m)}unwind ${several(m.count, 'ring')}${into(m)}`),
  back: m => sentence(say`${on(m)}wind ${several(m.count, 'ring')} into the groove`),
  notes: m => (m.side ? [note(say`Into the ${{ say: m.side }} groove`)] : []),
  tools: () => ['ring winder'],
  cautions: () => ['spring'],
  checks: () => ['click'],
}
