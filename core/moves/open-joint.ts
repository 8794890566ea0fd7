import type { InferType } from 'yup'
import { tellHose } from '../grammar/hose.ts'
import { line, oneOf, shape, wholeWithin } from '../schema/atoms.ts'
import { note } from '../words/note.ts'
import { say, sentence, type Phrase } from '../words/phrase.ts'
import { place } from './field.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const joint = shape({
  hose: line(),
  clamp: oneOf(['spring', 'worm', 'ear', 'none']),
  /** Where the clamp's ears point, as an hour of the clock seen from the hose. */
  clock: wholeWithin(1, 12, 'an hour of the clock, 1 to 12'),
  notch: line(),
})
const schema = moveShape('open-joint', { joint: joint.required() })
type OpenJoint = InferType<typeof schema>

const hose = (m: OpenJoint): Phrase => m.joint.hose ?? say`hose`

/** Opens a hose joint; the inverse pushes it to the stop, aligns the notch and clamps between the ribs. */
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
    { path: 'joint.clamp', label: 'clamp', how: 'choice', options: ['spring', 'worm', 'ear', 'none'] },
    { path: 'joint.clock', label: 'ears at', how: 'number', unit: "o'clock" },
    { path: 'joint.notch', label: 'notch', how: 'words' },
    place,
  ],
  traits: () => ({ wet: true }),
  lacks: m =>
    m.joint.clock || m.joint.notch || m.joint.clamp === 'none'
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
    acts: ['open joint, pull hose, pull the hose'],
    things: { hose: ['hose, joint, hose joint', ['drain hose', { hose: 'drain hose' }]] },
    beside: [
      { noun: 'clip', when: { type: 'spring clip' }, tells: { sets: { clamp: 'spring' }, certainty: 'likely' } },
    ],
    first: tellHose,
  },
  opens: m => [owes(m, 'joint', 'open', 1, say`${hose(m)}${at(m)}`)],
  invert: turned,
  subject: m => say`${hose(m)}${at(m)}`,
  down: m =>
    sentence(
      m.joint.clamp === 'none'
        ? say`${on(m)}pull ${hose(m)} off`
        : say`${on(m)}slide the clamp back and pull ${hose(m)} off`,
    ),
  back: m =>
    sentence(
      m.joint.clamp === 'none'
        ? say`${on(m)}push ${hose(m)} to the stop`
        : say`${on(m)}push ${hose(m)} to the stop; clamp between the ribs`,
    ),
  notes: m =>
    [
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
