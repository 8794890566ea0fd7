import { differences, ghostOf, heard, placeIn, takenUp, type Book, type Ghost } from '@dialytica/core/book'
import { lastStep } from '@dialytica/core/log'
import { calls, type Model } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { v4 } from 'uuid'
import { computed, ref, shallowRef, watch } from 'vue'
import { bookOfModel } from '../data/book.ts'
import { askOrRecall } from '../data/kept.ts'
import { useDraft } from './draft.ts'
import { useJob } from './job.ts'

/** The book that a job of a model starts from: its own, or that of its sister while no job of its own is closed. */
async function startsFrom(model: string): Promise<{ own: Book | null; from: Book | null; sister: Model | null }> {
  const own = await bookOfModel(model).catch(() => null)
  if (!own?.sister || own.recordings.length) return { own, from: own, sister: null }
  const of = { params: { model: own.sister } }
  const told = await Promise.all([
    bookOfModel(own.sister),
    askOrRecall(`model ${own.sister}`, calls.oneModel, of),
  ]).catch(() => null)
  return told?.[0].recordings.length ? { own, from: told[0], sister: told[1] } : { own, from: own, sister: null }
}

/**
 * The book of the model in hand, how far this job has come in it, and the next step as most had it; of a model without a closed job the book of its
 * sister is followed, and said to be that.
 */
export const useBook = defineStore('book', () => {
  const job = useJob()
  const draft = useDraft()
  const book = shallowRef<Book | null>(null)
  const from = shallowRef<Book | null>(null)
  /** Whose book is followed, where it is not that of the model itself. */
  const sister = shallowRef<Model | null>(null)
  watch(
    () => job.card?.model.id,
    async model => {
      book.value = from.value = sister.value = null
      if (!model) return
      const told = await startsFrom(model)
      if (model !== job.card?.model.id) return
      book.value = told.own
      from.value = told.from
      sister.value = told.sister
    },
    { immediate: true },
  )
  const place = computed(() => (from.value?.steps.length ? placeIn(from.value, job.state) : null))
  const ghost = computed(() => (from.value && place.value ? ghostOf(from.value, place.value) : null))
  /** What was learnt at the next step. */
  const ahead = computed(() => (ghost.value ? heard(ghost.value.acts, 'down') : []))
  /** Moves of which somebody said what is otherwise. */
  const answered = ref<ReadonlySet<string>>(new Set())
  const answer = (move: string) => (answered.value = new Set([...answered.value, move]))
  /** What the last step has otherwise than most, as long as nobody said what it is. */
  const differs = computed(() => {
    const last = lastStep(job.state)
    // A sister is another model: there a difference is no surprise.
    return place.value && last && !sister.value
      ? differences(place.value, last).filter(d => !answered.value.has(d.move.id))
      : []
  })
  /** The next step as the book has it, taken into the hand. */
  const take = (of: Ghost) =>
    draft.act(from => {
      const step = takenUp(job.state, from.step, of, v4, draft.next)
      return { step, move: step.moves.at(-1)?.id ?? null }
    })
  return { book, sister, place, ghost, ahead, differs, answer, take }
})
