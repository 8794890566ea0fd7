import { doSafely, notOnThisMachine, tapRunsOn, undoSafely, type Act } from '@dialytica/core/acts'
import { whyNot } from '@dialytica/core/log'
import { safeSequence, type SafeAct } from '@dialytica/core/safe'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { v4 } from 'uuid'
import { done as chime } from '../devices/signals.ts'
import { useJob } from './job.ts'

/** The acts before the first cover: each is ticked off as a step of its own, or as a check where it owes nothing. Each returns why not. */
export const useSafe = defineStore('safe', () => {
  const job = useJob()
  const acts = computed(() => safeSequence(job.state, job.family))
  /** The one that the pedal ticks off: what needs power first, then the isolation. */
  const next = computed(() => acts.value.find(a => a.state === 'next' && a.part !== 'laid'))

  const tell = (act: Act): string | null => whyNot(job.act(act))
  const chiming = (act: Act): string | null => whyNot(job.act(act, chime))
  const tick = (act: SafeAct, way = 0) => chiming(doSafely(act, v4, way))
  const runsOn = (act: SafeAct) => chiming(tapRunsOn(act, v4))
  const skip = (act: SafeAct) => tell(notOnThisMachine(act))
  const takeBack = (act: SafeAct) => tell(undoSafely(job.state, act))
  return { acts, next, tick, runsOn, skip, takeBack }
})
