import type { InferType } from 'yup'
import { line, oneOf, shape, wholeWithin } from '../schema/atoms.ts'
import { note } from '../words/note.ts'
import { say, sentence, type Phrase } from '../words/phrase.ts'
import { place } from './field.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const joint = shape({
  hose: line(),
  /** Pushed over ribs or screwed on with a nut of its own; pushed where nothing is said. */
  joins: oneOf(['pushed', 'screwed']),
  clamp: oneOf(['spring', 'worm', 'ear', 'none']),
  /** Where the clamp's ears point, as an hour of the clock seen from the hose. */
  clock: wholeWithin(1, 12, 'an hour of the clock, 1 to 12'),
  notch: line(),
})
const schema = moveShape('open-joint', { joint: joint.required() })
type OpenJoint = InferType<typeof schema>

const hose = (m: OpenJoint): Phrase => m.joint.hose ?? say`hose`

const isScrewed = (m: OpenJoint) => m.joint.joins === 'screwed'

/** Opens a hose joint; the inverse screws it on by hand, or pushes it to the stop, aligns the notch and clamps between the ribs. */
export const openJoint: MoveKind<OpenJoint> = {
  kind: 'open-joint',
  name: 'Open joint',
  item: 'joint',
  schema,
  fresh: () => ({ joint: {} }),
  fields: () => [
    {
      path: 'joint.hose',
      label: 'hose',
      how: 'words',
      options: ['inlet hose', 'outlet hose', 'sump hose', 'fill hose', 'pressure tube'],
    },
    { path: 'joint.joins', label: 'joins', how: 'choice', options: ['pushed', 'screwed'] },
    { path: 'joint.clamp', label: 'clamp', how: 'choice', options: ['spring', 'worm', 'ear', 'none'] },
    { path: 'joint.clock', label: 'ears at', how: 'number', unit: "o'clock" },
    { path: 'joint.notch', label: 'notch', how: 'words' },
    place,
  ],
  traits: () => ({ wet: true }),
  lacks: m =>
    m.joint.clock || m.joint.notch || m.joint.clamp === 'none' || isScrewed(m)
      ? []
      : [
          {
            field: 'joint.clock',
            ask: say`Where the clamp of ${hose(m)}${at(m)} points`,
            why: say`A clamp that points wrong rubs or cannot be reached`,
            minutes: 2,
          },
        ],
  grammar: {
    verb: 'open joint',
    verbs:
      'pull, slide/slid, slip, pop, ease, disconnect, uncouple, squeeze, undo/undid/undone, unscrew, open, draw/drew/drawn, separate, slacken, loosen, release, work, wiggle, twist, break/broke/broken, pinch, prise, shift, detach, unfasten, move',
    things: ['hose', 'tube', 'clamp'],
    also: ['standpipe'],
  },
  opens: m => [owes(m, 'joint', 'open', 1, say`${hose(m)}${at(m)}`)],
  invert: turned,
  subject: m => say`${hose(m)}${at(m)}`,
  down: m =>
    sentence(
      isScrewed(m)
        ? say`${on(m)}unscrew ${hose(m)}`
        : m.joint.clamp === 'none'
          ? say`${on(m)}pull ${hose(m)} off`
          : say`${on(m)}slide the clamp back and pull ${hose(m)} off`,
    ),
  back: m =>
    sentence(
      isScrewed(m)
        ? say`${on(m)}start ${hose(m)} square by hand, then tighten it by hand`
        : m.joint.clamp === 'none'
          ? say`${on(m)}push ${hose(m)} to the stop`
          : say`${on(m)}push ${hose(m)} to the stop; clamp between the ribs`,
    ),
  notes: m =>
    [
      isScrewed(m) ? [say`Its washer is in, flat; one more quarter turn, no more`] : [],
      m.joint.notch ? [say`Notch to ${m.joint.notch}`] : [],
      m.joint.clock ? [say`Clamp ears at ${m.joint.clock} o'clock`] : [],
      m.joint.clamp === 'ear' ? [say`A new ear clamp is needed`] : [],
    ]
      .flat()
      .map(says => note(says)),
  tools: m => (m.joint.clamp === 'spring' ? ['clamp pliers'] : m.joint.clamp === 'worm' ? ['screwdriver'] : []),
  cautions: () => ['water'],
  checks: () => ['tug'],
}
