import { entriesOf } from '../log/entry.ts'
import { owedCount, type JobState } from '../log/state.ts'
import { need, type Need } from '../laws/need.ts'
import { say } from '../words/phrase.ts'
import type { Gate } from './gates.ts'

/** What may lie behind a gate although nobody said so, each to be looked for and told once: what was told is left out. */
export function doubts(state: JobState, { step, doubtful }: Pick<Gate, 'step' | 'doubtful'>): Need[] {
  const told = new Set(
    entriesOf(state, 'check-done').flatMap(({ body }) => (body.step === step && body.passed ? [body.check] : [])),
  )
  return doubtful
    .filter(d => owedCount(d) > 0)
    .map(d => need(`not behind it: ${d.id}`, d.label, say`was recorded elsewhere. Look: is it behind this cover?`))
    .filter(n => !told.has(n.id))
}
