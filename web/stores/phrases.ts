import { completions, phrasesOf, type Completion, type Phrase } from '@dialytica/core'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { api } from '../data/api.ts'
import { local } from '../data/local.ts'
import { useJob } from './job.ts'

/** The words of the shop, as the server last told them, and those of the job in hand before them. */
export const usePhrases = defineStore('phrases', () => {
  const job = useJob()
  const shop = shallowRef<Phrase[]>([])
  const own = computed(() => phrasesOf(job.state.order.toArray().flatMap(id => job.state.steps.get(id)!.moves)))

  async function load(): Promise<void> {
    const kept = await local.kept.get('phrases')
    if (kept) shop.value = kept.value as Phrase[]
    try {
      shop.value = await api<Phrase[]>('GET', '/phrases')
      await local.kept.put({ what: 'phrases', value: shop.value })
    } catch {
      // Without the server the words of last time do.
    }
  }
  const complete = (line: string, caret: number): Completion[] =>
    completions(line, caret, [...own.value, ...shop.value])
  return { load, complete }
})
