import type { InferType } from 'yup'
import { postures } from '../machine/postures.ts'
import { oneOf } from '../schema/atoms.ts'
import { note } from '../words/note.ts'
import { say, sentence } from '../words/phrase.ts'
import { moveShape, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('turn-machine', { from: oneOf(postures).required(), to: oneOf(postures).required() })
type TurnMachine = InferType<typeof schema>

const turn = (m: TurnMachine) =>
  sentence(
    m.to === 'upright'
      ? say`stand the machine upright`
      : m.to === 'tipped back'
        ? say`tip the machine back`
        : say`lay the machine ${{ say: m.to }}`,
  )

/** Turns the machine; the inverse turns it back to how it stood. */
export const turnMachine: MoveKind<TurnMachine> = {
  kind: 'turn-machine',
  name: 'Turn',
  item: 'posture',
  schema,
  fresh: ({ posture }) => ({ from: posture, to: posture === 'upright' ? 'tipped back' : 'upright' }),
  fields: () => [{ path: 'to', label: 'stands', how: 'choice', options: postures }],
  traits: m => ({ turns: { from: m.from, to: m.to }, unseen: true }),
  grammar: {
    verb: 'turn',
    verbs:
      'turn, tip, lay/laid, tilt, lean/leant, roll, stand/stood, set/set, flip, lie/lay/lain, right, lower, put/put, get/got, rotate, bring/brought, raise, upend, pitch, rock, have, go/goes/went/gone, heave, pull, lift, place',
    things: ['machine'],
  },
  opens: m => [owes(m, 'posture', 'turned', 1, { say: m.way === 'down' ? m.to : m.from })],
  invert: m => turned({ ...m, from: m.to, to: m.from }),
  subject: m => say`machine ${{ say: m.way === 'down' ? m.to : m.from }}`,
  down: turn,
  back: turn,
  notes: () => [note(say`Hoses and cord clear of the feet`)],
  tools: () => ['mat'],
  cautions: () => ['heavy', 'tip'],
}
