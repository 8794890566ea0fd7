import { settleNext, settleRest, together, touchMark, turnAnew, undo as undoing, type Act } from '@dialytica/core/acts'
import { whyNot, type Debt, type Settlement } from '@dialytica/core/log'
import type { ReturnStep } from '@dialytica/core/plan'
import { defineStore } from 'pinia'
import { v4 } from 'uuid'
import { shallowRef } from 'vue'
import { done as chime } from '../devices/signals.ts'
import { useJob, type Made } from './job.ts'

/** The way back, piece by piece; what was fitted here can be taken back in turn. Each returns why not, when it is refused. */
export const useRefit = defineStore('refit', () => {
  const job = useJob()
  const fitted = shallowRef<readonly (readonly Made[])[]>([])

  function fit(act: Act): string | null {
    return whyNot(
      job.act(act, made => {
        if (made.some(({ event }) => event.kind === 'debt-settled' || event.kind === 'step-recorded')) {
          fitted.value = [...fitted.value, made]
          chime()
        }
      }),
    )
  }
  const fitNext = (r: ReturnStep, how?: Settlement) =>
    fit(r.turn && !r.debts.length ? turnAnew(job.state, r.turn, v4(), v4()) : settleNext(job.state, r, how))
  const fitAll = (r: ReturnStep, debt: Debt, how?: Settlement) => fit(settleRest(job.state, r, debt, how))
  const touch = (r: ReturnStep, mark: string) => fit(touchMark(job.state, r, mark))

  /** Takes back what was fitted last on this device. */
  function undo(): string | null {
    const last = fitted.value.at(-1)
    if (!last) return null
    fitted.value = fitted.value.slice(0, -1)
    return whyNot(job.act(together(...last.toReversed().map(({ before, event }) => undoing(before, event)))))
  }

  return { fitNext, fitAll, touch, undo }
})
