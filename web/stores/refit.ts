import { owedCount, patternOf, type Debt, type ReturnStep, type Settlement, whyNot } from '@dialytica/core'
import { defineStore } from 'pinia'
import { shallowRef } from 'vue'
import { done } from '../devices/signals.ts'
import { useJob } from './job.ts'

interface Fitted {
  step: string
  debt: string
  how: Settlement
  count: number
  marks?: string[]
}

/** How a debt is usually settled: a new tie is new, and so is what was found spoilt; the rest goes back. */
export const usual = (debt: Debt): Settlement => (debt.item === 'consumable' || debt.renew ? 'replaced' : 'refitted')

/** The way back, piece by piece; what was fitted here can be taken back in turn. */
export const useRefit = defineStore('refit', () => {
  const job = useJob()
  const fitted = shallowRef<Fitted[]>([])

  /** Settles so many of a debt; the first one of a job turns it to the return. Returns why not, when it is refused. */
  function fit(r: ReturnStep, debt: Debt, how: Settlement, count: number, marks?: string[]): string | null {
    if (['intake', 'descent', 'bench'].includes(job.state.phase.name)) job.record('phase-changed', { phase: 'return' })
    const refusal = job.record('debt-settled', { debt: debt.id, how, count, ...(marks?.length && { marks }) })
    if (refusal) return whyNot(refusal)
    fitted.value = [...fitted.value, { step: r.step.id, debt: debt.id, how, count, ...(marks?.length && { marks }) }]
    done()
    return null
  }

  /** The next mark of a debt that is not done, when every piece of it has its own mark. */
  function openMark(r: ReturnStep, debt: Debt): string | undefined {
    const move = r.step.moves.find(m => m.id === debt.move)
    const order = (move && patternOf(r.step, move)?.marks) ?? []
    const own = r.step.marks
      .filter(m => m.move === debt.id && m.path.length === 1)
      .sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id))
    return own.length >= debt.count ? own.find(m => !debt.marks.includes(m.id))?.id : undefined
  }

  /** Settles the next piece of a step, in the order of its moves. */
  function fitNext(r: ReturnStep, how?: Settlement): string | null {
    const debt = r.debts.find(d => owedCount(d) > 0)
    if (!debt) return null
    const mark = openMark(r, debt)
    return fit(r, debt, how ?? usual(debt), 1, mark ? [mark] : undefined)
  }

  /** Settles all that is left of a debt at once. */
  function fitAll(r: ReturnStep, debt: Debt, how?: Settlement): string | null {
    const marks = r.step.marks
      .filter(m => m.move === debt.id && m.path.length === 1 && !debt.marks.includes(m.id))
      .map(m => m.id)
    return fit(r, debt, how ?? usual(debt), owedCount(debt), marks.length === owedCount(debt) ? marks : undefined)
  }

  /** Gives one piece back: it is off the machine again. */
  function reopen(step: string, debt: Debt, mark?: string): string | null {
    const how = (['refitted', 'replaced', 'scrapped', 'missing'] as const).find(h => debt.settled[h] > 0)
    if (!how) return null
    const refusal = job.record('step-reopened', {
      step,
      debts: [{ debt: debt.id, how, count: 1, marks: mark ? [mark] : [] }],
    })
    return whyNot(refusal)
  }

  /** Takes back what was fitted last on this device. */
  function undo(): string | null {
    const last = fitted.value.at(-1)
    if (!last) return null
    fitted.value = fitted.value.slice(0, -1)
    const { step, debt, how, count, marks } = last
    const refusal = job.record('step-reopened', { step, debts: [{ debt, how, count, marks: marks ?? [] }] })
    return whyNot(refusal)
  }

  return { fit, fitNext, fitAll, reopen, undo }
})
