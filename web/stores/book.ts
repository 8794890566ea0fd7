import { differences, ghostOf, heard, placeIn, takenUp, type Book, type Ghost } from '@dialytica/core/book'
import { lastStep } from '@dialytica/core/log'
import { defineStore } from 'pinia'
import { v4 } from 'uuid'
import { computed, ref, shallowRef, watch } from 'vue'
import { bookOfModel } from '../data/book.ts'
import { useDraft } from './draft.ts'
import { useJob } from './job.ts'

/** The book of the model in hand, how far this job has come in it, and the next step as most had it. */
export const useBook = defineStore('book', () => {
  const job = useJob()
  const draft = useDraft()
  const book = shallowRef<Book | null>(null)
  watch(
    () => job.card?.model.id,
    async model => {
      book.value = null
      if (!model) return
      const told = await bookOfModel(model).catch(() => null)
      if (model === job.card?.model.id) book.value = told
    },
    { immediate: true },
  )
  const place = computed(() => (book.value?.steps.length ? placeIn(book.value, job.state) : null))
  const ghost = computed(() => (book.value && place.value ? ghostOf(book.value, place.value) : null))
  /** What was learnt at the next step. */
  const ahead = computed(() => (ghost.value ? heard(ghost.value.acts, 'down') : []))
  /** Moves of which somebody said what is otherwise. */
  const answered = ref<ReadonlySet<string>>(new Set())
  const answer = (move: string) => (answered.value = new Set([...answered.value, move]))
  /** What the last step has otherwise than most, as long as nobody said what it is. */
  const differs = computed(() => {
    const last = lastStep(job.state)
    return place.value && last ? differences(place.value, last).filter(d => !answered.value.has(d.move.id)) : []
  })
  /** The next step as the book has it, taken into the hand. */
  const take = (of: Ghost) =>
    draft.act(from => {
      const step = takenUp(job.state, from.step, of, v4, draft.next)
      return { step, move: step.moves.at(-1)?.id ?? null }
    })
  return { book, place, ghost, ahead, differs, answer, take }
})
