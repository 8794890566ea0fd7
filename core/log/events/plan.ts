import * as yup from 'yup'
import { arcKey, arcReasons } from '../../plan/arc.ts'
import { line, oneOf, shape, uuid } from '../../schema/atoms.ts'
import { eventKind, stampOf } from '../event-kind.ts'
import { accept, refuse } from '../refusals.ts'

/** Somebody says that a derived arc of the return does not hold on this machine. */
export const arcDropped = eventKind(
  'arc-dropped',
  shape({
    first: uuid().required(),
    then: uuid().required(),
    reason: oneOf(arcReasons.filter(r => r !== 'isolation' && r !== 'said')).required(),
    why: line().required('say why it does not hold'),
  }),
  (state, body) => {
    if (!state.steps.has(body.first) || !state.steps.has(body.then)) return refuse(4)
    return accept({ ...state, dropped: state.dropped.add(arcKey(body as Parameters<typeof arcKey>[0])) })
  },
)

/** The plain mirror is taken instead of the plan, or the plan again. The latest word by the clock of the devices wins. */
export const planChosen = eventKind(
  'plan-chosen',
  shape({ mirror: yup.boolean().required() }),
  (state, { mirror }, stamp) =>
    stampOf(stamp) < state.plainMirrorAt
      ? accept(state)
      : accept({ ...state, plainMirror: mirror, plainMirrorAt: stampOf(stamp) }),
)
