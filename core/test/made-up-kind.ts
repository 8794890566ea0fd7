import type { InferType } from 'yup'
import { count as counted, place } from '../moves/field.ts'
import { at, into, moveShape, on, owes, turned, type MoveKind } from '../moves/move-kind.ts'
import { count, line, listOf, oneOf, zoneId } from '../schema.ts'
import { counted as several, sentence } from '../text/words.ts'

const schema = moveShape('unwind-ring', {
  ring: line(),
  side: oneOf(['inner', 'outer']),
  count: count().required(),
  opens: listOf(zoneId().required(), 20),
})
type UnwindRing = InferType<typeof schema>
const what = (m: UnwindRing) => several(m.count, `${m.side ?? 'retaining'} ring`) + at(m)

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
    m.side ? [] : [{ field: 'side', ask: `Side of ${what(m)}`, why: 'Two rings fit one groove', minutes: 7 }],
  grammar: {
    verb: 'unwind',
    acts: ['unwind, unwound, spiral out'],
    things: { ring: ['ring, retaining ring', ['inner ring', { side: 'inner' }]] },
    takes: { ring: {} },
    figure: ({ as, n }) => (as === 'mm' ? { sets: { ring: `${n} mm` }, certainty: 'sure' } : undefined),
  },
  opens: m => [owes(m, 'clip', 'out', m.count, what(m))],
  invert: turned,
  subject: what,
  down: m => sentence(`${on(m)}unwind ${several(m.count, 'ring')}${into(m)}`),
  back: m => sentence(`${on(m)}wind ${several(m.count, 'ring')} into the groove`),
  notes: m => (m.side ? [`Into the ${m.side} groove`] : []),
  tools: () => ['ring winder'],
  cautions: () => ['spring'],
  checks: () => ['click'],
}
