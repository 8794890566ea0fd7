import type { JobEvent } from '../log/event.ts'
import type { JobState } from '../log/state.ts'
import { contentOf } from '../log/step.ts'
import { cannot, does, says, type Act } from './act.ts'

/** The reason under which something is struck or withdrawn when the hand takes it back. */
const takenBack = 'taken back'
/** A step that was recorded is taken back. */
export const strikeAgain = (step: string): Act => says('step-struck', { step, reason: takenBack })
/** Something that was said or ticked off is taken back. */
export const withdrawAgain = (entry: string): Act => says('entry-withdrawn', { entry, reason: takenBack })

/**
 * The act that takes an event back, in the state before it. Nothing is ever removed from a log: what was settled is owed again, what was
 * recorded is struck, what was said is withdrawn. A turn of the job to a phase needs no taking back: the next act turns it again. Refused
 * where a thing cannot be unsaid, and by the fold where something was built on it since.
 */
export function undo(before: JobState, event: JobEvent): Act {
  switch (event.kind) {
    case 'step-recorded':
      return strikeAgain(event.body.step.id)
    case 'step-amended': {
      const step = before.steps.get(event.body.step.id)
      return step ? says('step-amended', { step: contentOf(step) }) : cannot(4)
    }
    case 'step-reordered': {
      const step = before.steps.get(event.body.step)
      return step ? says('step-reordered', { step: step.id, rank: step.rank }) : cannot(4)
    }
    case 'debt-settled': {
      const { debt, how, count, marks = [] } = event.body
      const step = before.debts.get(debt)?.step
      return step ? says('step-reopened', { step, debts: [{ debt, how, count, marks }] }) : cannot(7)
    }
    case 'step-reopened':
      return does(...event.body.debts.map(body => ({ kind: 'debt-settled' as const, body })))
    case 'constraint-added':
      return says('constraint-withdrawn', { constraint: event.id, reason: takenBack })
    case 'plan-chosen':
      return says('plan-chosen', { mirror: before.plainMirror })
    case 'tray-chosen':
      return says('tray-chosen', before.tray)
    case 'machine-corrected': {
      const { unit, family } = before.opened ?? {}
      return unit && family ? says('machine-corrected', { unit, family, was: event.body.was }) : cannot(1)
    }
    case 'phase-changed':
      return does()
    case 'reading-taken':
    case 'part-compared':
    case 'point-compared':
    case 'part-offered':
    case 'part-adapted':
    case 'tool-made':
    case 'part-photographed':
    case 'old-part-left':
    case 'check-done':
    case 'proof-done':
    case 'photos-matched':
    case 'gate-passed':
    case 'leftover-reported':
    case 'place-looked':
    case 'leftover-explained':
    case 'note-added':
    case 'word-taught':
    case 'ritual-kept':
    case 'finding-told':
    case 'trouble-checked':
    case 'cause-told':
    case 'code-kept':
    case 'shop-set':
    case 'fetch-ticked':
    case 'liaison-told':
    case 'posture-allowed':
    case 'found-before':
      return withdrawAgain(event.id)
    default:
      return cannot(21)
  }
}
