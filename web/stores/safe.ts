import { notHere, safeSequence, tapRuns, text, toldOf, whyNot, type Move, type SafeAct } from '@dialytica/core'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { v4 } from 'uuid'
import { done as chime } from '../devices/signals.ts'
import { useJob } from './job.ts'

/** The acts before the first cover: each is ticked off as a step of its own, or as a check where it owes nothing. */
export const useSafe = defineStore('safe', () => {
  const job = useJob()
  const acts = computed(() => safeSequence(job.state, job.family))
  /** The one that the pedal ticks off: what needs power first, then the isolation. */
  const next = computed(() => acts.value.find(a => a.state === 'next' && a.part !== 'laid'))

  /** Ticks an act off in one of its ways. Returns why not, when it is refused. */
  function tick(act: SafeAct, way = 0, note?: string): string | null {
    const told = act.moves[way]
    const refusal = told
      ? job.record('step-recorded', {
          step: {
            id: v4(),
            title: text(act.say),
            zone: act.zone,
            photos: [],
            marks: [],
            moves: [{ id: v4(), way: 'down', ...told, ...(note && { note }) } as Move],
          },
        })
      : job.record('check-done', { check: toldOf(act.id), passed: true })
    if (!refusal) chime()
    return whyNot(refusal)
  }
  const runsOn = (act: SafeAct) => tick(act, 0, tapRuns)
  /** The machine does not have it: nothing to do, nothing owed. */
  const skip = (act: SafeAct): string | null =>
    whyNot(job.record('check-done', { check: toldOf(act.id), passed: true, note: notHere }))

  function takeBack(act: SafeAct): string | null {
    if (!act.by) return null
    const refusal = job.state.steps.has(act.by)
      ? job.record('step-struck', { step: act.by, reason: 'taken back' })
      : job.record('entry-withdrawn', { entry: act.by, reason: 'taken back' })
    return whyNot(refusal)
  }
  return { acts, next, tick, runsOn, skip, takeBack }
})
