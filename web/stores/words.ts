import { namesAtHand, taughtBy } from '@dialytica/core/hearing'
import { entriesOf, lastSaid, whyNot } from '@dialytica/core/log'
import { traitsOf, type TaughtWord } from '@dialytica/core/moves'
import { calls } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import { askOrRecall, recall } from '../data/kept.ts'
import { useJob } from './job.ts'

interface Said extends TaughtWord {
  at: string
}

/** Words that corrections taught: what the server last told of the shop's, and over it what was said in the job in hand, sent or not. */
export const useWords = defineStore('words', () => {
  const job = useJob()
  const shop = shallowRef<readonly Said[]>([])
  const own = computed(() => entriesOf(job.state, 'word-taught').map(({ at, body }): Said => ({ at, ...body })))
  /** Of each word the last that was said of it, the newest first; forgotten ones are left out. */
  const all = computed<Said[]>(() =>
    lastSaid([...shop.value, ...own.value], one => one.word)
      .filter(one => one.means)
      .reverse(),
  )
  const list = computed<TaughtWord[]>(() => all.value.map(({ word, means }) => ({ word, means })))
  /** What the parts of this machine were called: told again, they are parts. */
  const atHand = computed(() =>
    namesAtHand([...job.state.steps.values()].flatMap(s => s.moves.flatMap(m => traitsOf(m).part ?? []))),
  )
  /** All that the reader is told, what was taught last. */
  const known = computed(() => [...atHand.value, ...list.value])
  const taught = computed(() => taughtBy(known.value))

  async function load(): Promise<void> {
    shop.value = (await recall<Said[]>('words')) ?? []
    shop.value = await askOrRecall('words', calls.words, {}).catch(() => shop.value)
  }
  /** From now on the word means this, in the whole shop; says why not, when it cannot be taught. */
  const teach = ({ word, means }: TaughtWord): string | null => whyNot(job.says('word-taught', { word, means }))
  const forget = (word: string): string | null => whyNot(job.says('word-taught', { word }))
  return { all, known, taught, load, teach, forget }
})
