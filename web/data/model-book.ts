import type { Book } from '@dialytica/core/book'
import { calls, type Model } from '@dialytica/core/wire'
import { ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { bookOfModel } from './book.ts'
import { askOrRecall } from './kept.ts'

/** The model of the address and its book, as the server has them or as they were told last; what went wrong, in words; and how it is asked for again. */
export function useModelBook() {
  const route = useRoute()
  const model = shallowRef<Model | null>(null)
  const book = shallowRef<Book | null>(null)
  const problem = ref('')
  async function load(id: string | undefined): Promise<void> {
    if (!id) return
    try {
      model.value = await askOrRecall(`model ${id}`, calls.oneModel, { params: { model: id } })
      book.value = await bookOfModel(id)
      problem.value = ''
    } catch (error) {
      problem.value = (error as Error).message
    }
  }
  const id = () => route.params.model as string | undefined
  watch(
    id,
    now => {
      book.value = null
      void load(now)
    },
    { immediate: true },
  )
  return { model, book, problem, reload: () => load(id()) }
}
