import { settleNext, stamped } from '@dialytica/core/acts'
import { fold, owedCount, refusalWords, type JobState } from '@dialytica/core/log'
import { act as inWords } from '@dialytica/core/moves'
import { bestOrder, mirror, planReturn } from '@dialytica/core/plan'
import { toRecord, type JobRecord } from '@dialytica/core/record'
import { text } from '@dialytica/core/words'
import { randomUUID } from 'node:crypto'
import { Unfit, type Command } from './answer.ts'

/** A piece goes on a minute after what was last said, by who said that. */
const minute = 60_000
const stampAfter = (log: JobRecord['log'], job: string) => ({
  id: randomUUID(),
  job,
  at: new Date(Date.parse(log.at(-1)!.at) + minute).toISOString(),
  actor: log.at(-1)!.actor,
  device: 'command line',
})

/** The next pieces of the return go on, in the order of the plan: the record that comes of it, to be planned, searched or balanced in turn. */
export const fit: Command = {
  says: 'the record after the next pieces of the return went on, in the order of the plan',
  no: 'fewer pieces were owed than were to go on',
  options: ['--pieces N, one if left out'],
  run({ record, state: from, family }, { pieces = '1' }) {
    const wanted = Number(pieces)
    if (!Number.isInteger(wanted) || wanted < 1) throw new Unfit(`--pieces ${pieces}: say how many, like 12`)
    const { job, machine, people } = record
    const log = [...record.log]
    const said: string[] = []
    let state: JobState = from
    const order = planReturn(from, family, on => bestOrder(on)).steps.map(r => r.step.id)
    while (said.length < wanted) {
      const owing = new Map(mirror(state).flatMap(r => (r.owes > 0 ? [[r.step.id, r] as const] : [])))
      const next = owing.get(order.find(id => owing.has(id)) ?? '')
      if (!next) break
      said.push(text(inWords(next.moves.find(m => m.debts.some(d => owedCount(d) > 0))!.move)))
      const act = settleNext(state, next)
      if (!act.ok) throw new Unfit(refusalWords(act.refusal))
      for (const event of act.events) {
        const made = stamped(event, stampAfter(log, job))
        const folded = fold(state, made)
        if (!folded.ok) throw new Unfit(refusalWords(folded.refusal))
        state = folded.state
        log.push(made)
      }
    }
    return {
      json: toRecord(log, { job, machine, people }),
      text: said.map((s, i) => `${i + 1}  ${s}`).join('\n') || 'Nothing is owed.',
      exit: said.length < wanted ? 1 : 0,
    }
  },
}
