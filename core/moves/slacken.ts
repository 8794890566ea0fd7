import type { InferType } from 'yup'
import { fastener, fasteners, fastenerName, fittingNotes } from '../items/fastener.ts'
import { above0, count } from '../schema/atoms.ts'
import { join, say, sentence } from '../words/phrase.ts'
import { count as counted, note, ofFasteners, place } from './field.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'
import { driver } from './tools.ts'

const schema = moveShape('slacken', {
  fastener: fastener.required(),
  count: count().required(),
  /** How many turns it was slackened. */
  turns: above0(100, 'turns'),
})
type Slacken = InferType<typeof schema>

/** Slackens fasteners that stay in; the inverse tightens them. */
export const slacken: MoveKind<Slacken> = {
  kind: 'slacken',
  name: 'Slacken',
  item: 'fastener',
  schema,
  fresh: () => ({ fastener: {}, count: 1 }),
  fields: () => [counted, ...ofFasteners, place, note, { path: 'turns', label: 'turns', how: 'number' }],
  traits: () => ({ fastens: true }),
  grammar: {
    verb: 'slacken',
    thing: 'screw',
    verbs:
      'slacken, slack, loosen, ease, back, crack, relieve, unwind/unwound, turn, break/broke/broken, start, give/gave, free, undo/undid/undone',
    also: ['fastener', 'clamp'],
  },
  opens: m => [owes(m, 'fastener', 'slack', m.count, say`${fasteners(m.count, m.fastener)}${at(m)}, slack`)],
  invert: turned,
  subject: m => say`${fasteners(m.count, m.fastener)}${at(m)}`,
  thing: m => fastenerName(m.fastener),
  down: m =>
    sentence(
      say`${on(m)}slacken ${join(' by ', fasteners(m.count, m.fastener), m.turns && say`${m.turns} turns`)}; leave in`,
    ),
  back: m =>
    sentence(
      m.count === 1
        ? say`${on(m)}tighten the slack ${fastenerName(m.fastener)}`
        : say`${on(m)}tighten all ${fasteners(m.count, m.fastener)}`,
    ),
  notes: m => fittingNotes(1, m.fastener),
  tools: m => driver(m.fastener),
  cautions: () => [],
}
