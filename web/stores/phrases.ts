import { completions, phrasesOf, type Completion, type ShopPhrase } from '@dialytica/core/quick-line'
import { calls } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { askOrRecall, recall } from '../data/kept.ts'
import { useJob } from './job.ts'

/** The words of the shop, as the server last told them, and those of the job in hand before them. */
export const usePhrases = defineStore('phrases', () => {
  const job = useJob()
  const shop = shallowRef<ShopPhrase[]>([])
  const own = computed(() => phrasesOf(job.state.order.toArray().flatMap(id => job.state.steps.get(id)!.moves)))

  async function load(): Promise<void> {
    shop.value = (await recall<ShopPhrase[]>('phrases')) ?? []
    shop.value = await askOrRecall('phrases', calls.phrases, {}).catch(() => shop.value)
  }
  const complete = (line: string, caret: number): Completion[] =>
    completions(line, caret, [...own.value, ...shop.value])
  return { load, complete }
})
