import { planReturn } from '../../plan/plan.ts'
import { proofOf } from '../../proof/proof.ts'
import type { Dice } from '../dice.ts'
import { doStep } from './follow.ts'
import { Repair, type Trouble } from './repair.ts'
import type { Story } from './story.ts'

/**
 * Writes a story down, follows the return for a while, and then does what the proof asks in its order, on paper: returns where power is on
 * while something dangerous is open, or water while a way out is.
 */
export function prove(story: Story, d: Dice): Trouble[] {
  const { family } = story.body
  const on = new Repair(story)
  const planned = () => planReturn(on.state, family)
  const back = d.int(0, planned().steps.length)
  for (let n = 0; n < back; n++) {
    const next = planned().steps.find(r => r.owes > 0)
    if (next) doStep(on, next, 9000 + n)
  }
  const { metal, found } = on
  const { steps, arcs } = planned()
  const { entries } = proofOf(on.state, family, { steps, arcs })
  for (const entry of entries) {
    if (entry.does !== 'try') {
      const done = steps.filter(r => entry.steps.includes(r.step.id)).flatMap(r => r.debts.map(debt => debt.id))
      for (let i = metal.open.length - 1; i >= 0; i--) if (done.includes(metal.open[i]!.debt)) metal.open.splice(i, 1)
    }
    // What is switched off to fit something is off; a plug goes in and a tap is opened where all is well already.
    const { power } = entry.lanes
    if (power && metal.dangers().length) found.push({ law: 'power', says: metal.dangers().join(', ') })
    if (entry.does === 'switch' && entry.what === 'water' && entry.on && metal.wet().length)
      found.push({ law: 'water', says: metal.wet().join(', ') })
  }
  const left = metal.open.filter(o => 'what' in o.done)
  if (left.length) found.push({ law: 'stuck', says: `still open in the end: ${left.length}` })
  return found
}
