import { besides, lookAlikes, lotsOf, warningOf, type LookAlike, type Warning } from '@dialytica/core/look-alikes'
import { defineStore } from 'pinia'
import { computed } from 'vue'
import { useDraft } from './draft.ts'
import { useJob } from './job.ts'

/** A warning of a look-alike of the step in hand; `cell` is where it could lie instead. */
export interface Shown extends Warning {
  pair: LookAlike
  cell?: string | undefined
}

/** The look-alikes of the job, live with the step in hand. */
export const useAlikes = defineStore('alikes', () => {
  const job = useJob()
  const draft = useDraft()
  const inHand = computed(() => new Set(draft.step.moves.map(m => m.id)))
  const pairs = computed(() => lookAlikes(job.family, lotsOf(job.state, draft.step)))
  /** Pairs of which one is in hand now, worst first. */
  const mine = computed(() => pairs.value.filter(p => inHand.value.has(p.a.id) || inHand.value.has(p.b.id)))

  /** Fasteners of the step in hand that would lie with or beside what looks like them; then the rest of what is worth a word. */
  const ofTray = computed<Shown[]>(() =>
    mine.value
      .filter(p => p.b.fastener && p.danger !== 'unknown')
      .map(pair => {
        const { a, b } = pair
        const touching = b.cell && besides([pair], b.id, b.cell).length > 0
        const other = touching ? draft.cellFor(draft.step.moves.find(m => m.id === b.id) ?? null) : undefined
        return { ...warningOf(pair), pair, ...(touching && other !== a.cell && { cell: other }) }
      })
      .sort((x, y) => Number(Boolean(y.cell)) - Number(Boolean(x.cell))),
  )
  const ofPlugs = computed<Shown[]>(() =>
    mine.value.filter(p => p.b.connector).map(pair => ({ ...warningOf(pair), pair })),
  )
  return { pairs, mine, ofTray, ofPlugs }
})
