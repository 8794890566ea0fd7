import { blank, fold, owedCount, type EventName, type JobEvent, type JobState, type Photo } from '@dialytica/core/log'
import { dice } from '@dialytica/core/test/dice.ts'
import { toldAnew, type Truth } from '@dialytica/core/test/told-anew.ts'
import { uuids } from '../scenario/play.ts'
import { complaints, remarks, since } from './names.ts'

/** How a made-up job is told. */
export interface Telling {
  job: string
  unit: string
  actor: string
  /** When it began. */
  from: Date
  /** How far it went: only taken apart, closed with what is still owed, or put back whole. */
  until: 'apart' | 'owed' | 'whole'
  /** The photo of a step in a zone, where it has one. */
  photo?: (zone: string) => Photo | undefined
}

/**
 * The log of a made-up job on a machine as it is in truth, with how it stands after it. A tenth of its acts is told otherwise than by others: left
 * out, swapped, misspelt. Follows from the seed.
 */
export function jobLog(truth: Truth, seed: number, telling: Telling): { log: JobEvent[]; state: JobState } {
  const { job, unit, actor, from, until, photo } = telling
  const d = dice(seed * 31 + 7)
  const id = uuids(`job ${seed} ${job}`)
  const { recording } = toldAnew(truth, 0.1, seed)
  const log: JobEvent[] = []
  let state = blank
  let clock = from.getTime()
  const say = (kind: EventName, body: object): void => {
    clock += d.int(20, 150) * 1000
    const at = new Date(clock).toISOString()
    const event = { id: id(), job, kind, at, actor, device: 'made up', body } as JobEvent
    const folded = fold(state, event)
    if (!folded.ok) throw new Error(`A made-up job was refused: ${JSON.stringify({ refusal: folded.refusal, event })}`)
    state = folded.state
    log.push(event)
  }
  const complaint = d.hit(0.5) ? `${d.pick(complaints)} ${d.pick(since)}` : d.pick(complaints)
  say('job-opened', { unit, family: truth.family, complaint, plate: '' })
  for (const { zone, move } of recording.doings) {
    const step = id()
    const shot = photo?.(zone!)
    const moveId = id()
    say('step-recorded', {
      step: { id: step, zone, photos: shot ? [shot] : [], marks: [], moves: [{ ...move, id: moveId, way: 'down' }] },
    })
    if (d.hit(0.05)) say('note-added', { step, text: d.pick(remarks) })
  }
  if (until === 'apart') return { log, state }
  say('phase-changed', { phase: 'return' })
  if (until === 'whole')
    for (const debt of [...state.debts.values()].reverse()) {
      const count = owedCount(debt)
      if (count > 0) say('debt-settled', { debt: debt.id, how: 'refitted', count })
    }
  const clean = state.owing.isEmpty()
  say('job-closed', { clean, ...(!clean && { note: 'handed back as it is' }) })
  return { log, state }
}
