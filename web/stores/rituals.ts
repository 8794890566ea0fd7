import { entriesOf, lastSaid, whyNot } from '@dialytica/core/log'
import type { Purpose } from '@dialytica/core/ritual'
import { calls } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { askOrRecall, recall } from '../data/kept.ts'
import { useJob } from './job.ts'

/** A ritual as it was kept last; without a text it was given up. */
export interface KeptRitual {
  name: string
  purpose: Purpose
  text?: string | undefined
  at: string
}

/** The rituals of the model in hand: what the server last told of its jobs, and over it what was said in this one, sent or not. */
export const useRituals = defineStore('rituals', () => {
  const job = useJob()
  const told = shallowRef<readonly KeptRitual[]>([])
  const own = computed(() => entriesOf(job.state, 'ritual-kept').map(({ at, body }): KeptRitual => ({ at, ...body })))
  const all = computed(() => lastSaid([...told.value, ...own.value], one => one.name).filter(one => one.text))

  async function load(): Promise<void> {
    const model = job.card?.model.id
    if (!model) return
    const what = `rituals ${model}`
    told.value = (await recall<KeptRitual[]>(what)) ?? []
    told.value = await askOrRecall(what, calls.rituals, { params: { model } }).catch(() => told.value)
  }
  /** Kept under its name for the model; says why not. Without a text it is given up. */
  const keep = (name: string, purpose: Purpose, text?: string): string | null =>
    whyNot(job.says('ritual-kept', { name, purpose, ...(text && { text }) }))
  return { all, load, keep }
})
