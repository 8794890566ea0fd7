import { limits } from '@dialytica/core/schema'
import { calls, type Floor, type JobCard, type StandsToday } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api } from '../data/api.ts'
import { fetchLog } from '../data/job-log.ts'
import { askOrRecall, keepSaid } from '../data/kept.ts'

/** So many open jobs are kept on this device. */
const atHand = 24
/** A few of those that were closed lately are told at once. */
const lately = 6

/** The machines that stand open, as far as they were asked for, and what was closed lately. */
export const useFloor = defineStore('floor', () => {
  const floor = shallowRef<Floor | null>(null)
  const closed = shallowRef<JobCard[]>([])
  /** What is asked for: words of a plate, a place or a complaint; how they can go on today. */
  const words = ref('')
  const today = ref<StandsToday | 'closed' | ''>('')
  const moreClosed = ref(false)
  const showsClosed = computed(() => today.value === 'closed')
  const isNarrowed = computed(() => words.value.trim() !== '' || (today.value !== '' && !showsClosed.value))
  const query = (after?: string) => ({
    ...(words.value.trim() && { words: words.value.trim() }),
    ...(today.value && !showsClosed.value && { today: today.value }),
    ...(after && { after }),
  })

  /** What is asked for, as one word: an answer that comes after it has changed is not shown. */
  const askedFor = () => `${today.value} ${words.value.trim()}`

  async function load(): Promise<void> {
    const was = askedFor()
    // While a hand narrows the floor, what is not shown is not asked for again.
    if (isNarrowed.value && !showsClosed.value) {
      const narrowed = await api(calls.floor, { query: query() })
      if (askedFor() === was) floor.value = narrowed
      return
    }
    const all = await Promise.all([
      isNarrowed.value ? api(calls.floor, { query: query() }) : askOrRecall('floor', calls.floor, {}),
      askOrRecall('closed lately', calls.jobs, { query: { state: 'closed', most: lately } }),
    ])
    if (askedFor() !== was) return
    floor.value = all[0]
    closed.value = all[1]
    moreClosed.value = all[1].length === lately
    if (!isNarrowed.value) void bringHome()
  }
  /** The next of the list. What was asked for otherwise meanwhile has its own. */
  let asked: Promise<void> | null = null
  async function next(): Promise<void> {
    const before = floor.value
    if (!before?.more) return
    const now = await api(calls.floor, { query: query(before.jobs.at(-1)!.id) })
    if (floor.value !== before) return
    const known = new Set(before.jobs.map(j => j.id))
    floor.value = { ...now, jobs: [...before.jobs, ...now.jobs.filter(j => !known.has(j.id))] }
    if (!isNarrowed.value) await keepSaid('floor', floor.value)
  }
  const more = (): Promise<void> => (asked ??= next().finally(() => (asked = null)))

  /** What was closed before that. */
  async function earlier(): Promise<void> {
    const last = closed.value.at(-1)!
    const some = await api(calls.jobs, { query: { state: 'closed', before: `${last.closedAt}_${last.id}` } })
    closed.value = [...closed.value, ...some]
    moreClosed.value = some.length === limits.jobsAtOnce
  }

  /** The jobs that stand open are brought to this device one after the other, so that they go on without the server. */
  async function bringHome(): Promise<void> {
    for (const job of (floor.value?.jobs ?? []).slice(0, atHand))
      try {
        await fetchLog(job.id)
        await keepSaid(`job ${job.id}`, job)
      } catch {
        return
      }
  }
  return { floor, closed, moreClosed, words, today, isNarrowed, showsClosed, load, more, earlier }
})
