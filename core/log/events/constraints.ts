import { line, shape, uuid } from '../../schema/atoms.ts'
import { entryBodies } from '../entry.ts'
import { eventKind } from '../event-kind.ts'
import { accept, refuse } from '../refusals.ts'

/** Somebody says: this before that, on the way back. */
export const constraintAdded = eventKind(
  'constraint-added',
  entryBodies['constraint-added'],
  (state, body, { id, at, actor }) => {
    if (!state.steps.has(body.first) || !state.steps.has(body.then)) return refuse(4)
    const entry = { kind: 'constraint-added' as const, at, by: actor, body }
    return accept({ ...state, constraints: state.constraints.set(id, entry) })
  },
)

/** A constraint no longer holds. */
export const constraintWithdrawn = eventKind(
  'constraint-withdrawn',
  shape({ constraint: uuid().required(), reason: line() }),
  (state, { constraint }) =>
    state.constraints.has(constraint)
      ? accept({ ...state, constraints: state.constraints.remove(constraint) })
      : refuse(15),
)
