import type { InferType } from 'yup'
import { note } from '../words/note.ts'
import { say } from '../words/phrase.ts'
import { moveShape, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('pull-out', {})
type PullOut = InferType<typeof schema>

/** Pulls the machine out from its wall; the inverse pushes it back, and closes what is behind it. */
export const pullOut: MoveKind<PullOut> = {
  kind: 'pull-out',
  name: 'Pull out',
  item: 'posture',
  schema,
  fresh: () => ({}),
  fields: () => [],
  traits: () => ({ wall: true, unseen: true }),
  grammar: {
    verb: 'pull the machine out',
    verbs: 'pull, scoot, slide/slid, walk, drag, move, roll, shift, wheel, haul, bring/brought',
    also: ['machine'],
  },
  opens: m => [owes(m, 'posture', 'off', 1, say`machine, away from the wall`)],
  invert: turned,
  subject: () => say`machine, away from the wall`,
  down: () => say`Pull the machine out from the wall.`,
  back: () => say`Push the machine back to the wall.`,
  notes: () => [note(say`No hose kinked, no cord under a foot; level it again`)],
  tools: () => [],
  cautions: () => ['heavy'],
}
