import type { Book } from '@dialytica/core/book'
import { calls, type Model } from '@dialytica/core/wire'
import { ref, shallowRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { bookOfModel } from './book.ts'
import { askOrRecall } from './kept.ts'

/** The model of the address and its book, as the server has them or as they were told last; what went wrong, in words. */
export function useModelBook() {
  const route = useRoute()
  const model = shallowRef<Model | null>(null)
  const book = shallowRef<Book | null>(null)
  const problem = ref('')
  watch(
    () => route.params.model as string | undefined,
    async id => {
      if (!id) return
      book.value = null
      try {
        model.value = await askOrRecall(`model ${id}`, calls.oneModel, { params: { model: id } })
        book.value = await bookOfModel(id)
        problem.value = ''
      } catch (error) {
        problem.value = (error as Error).message
      }
    },
    { immediate: true },
  )
  return { model, book, problem }
}
