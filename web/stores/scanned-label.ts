import { readLabel, type Labelled } from '@dialytica/core/labels'
import { stillOwed, trayOf } from '@dialytica/core/ledger'
import { subject } from '@dialytica/core/moves'
import { text } from '@dialytica/core/words'
import { defineStore } from 'pinia'
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { done as chime } from '../devices/signals.ts'
import { useDraft } from './draft.ts'
import { useJob } from './job.ts'
import { toJob } from '../ways.ts'

/** What a scanned label leads to: into that cell with what is in hand, or to the step of what lies there. */
export const useScan = defineStore('scan', () => {
  const job = useJob()
  const draft = useDraft()
  const router = useRouter()
  const said = ref('')

  const lying = (cell: string) => trayOf(job.debts).find(([c]) => c === cell)?.[1] ?? []
  function ofCell(cell: string, view: unknown): void {
    const inHand = view === 'descent' && !router.currentRoute.value.query.step ? draft.move : null
    if (inHand && 'fastener' in inHand) {
      draft.retell({ ...inHand, cell })
      said.value = `Into ${cell}: ${text(subject(inHand))}.`
      return chime()
    }
    const debts = lying(cell)
    said.value = debts.length
      ? `${cell}: ${debts.map(d => text(stillOwed(d))).join('; ')}.`
      : `Nothing lies in ${cell}.`
    if (debts[0]) void router.push(toJob(job.id, 'return', debts.at(-1)!.step))
  }
  function ofMove({ step, move }: Labelled & { of: 'move' }, view: unknown): void {
    const of = job.state.steps.get(step)!.moves.find(m => m.id === move)!
    said.value = `${text(subject(of))}.`
    void router.push(toJob(job.id, view === 'descent' ? 'descent' : 'return', step))
  }
  /** Follows a scanned text. Returns false when it is no label of ours. */
  function follow(text: string): boolean {
    const label = job.id ? readLabel(text, job.state, job.id) : null
    if (!label) return false
    const view = router.currentRoute.value.name
    if (label.of === 'another job') said.value = 'This label is of another machine: put it back where it came from.'
    else if (label.of === 'cell') ofCell(label.cell, view)
    else ofMove(label, view)
    return true
  }
  return { said, follow }
})
