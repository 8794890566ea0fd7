import { mergeSteps } from '@dialytica/core/capture'
import type { Step } from '@dialytica/core/log'
import { isSame } from '@dialytica/core/schema'
import { calls, type HandSaid } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { ref, watch } from 'vue'
import { api } from '../data/api.ts'
import { keepSaid, recall } from '../data/kept.ts'
import { device } from '../devices/device.ts'
import { useDraft } from './draft.ts'
import { useJob } from './job.ts'

interface Shared {
  hand: string
  version: number
  base: Step | null
  /** What was put without an answer: it may have been taken. */
  sent?: Step
}
/** What the server did not take is put again after so long, in milliseconds. */
const again = 3000
const plain = (step: Step): Step => JSON.parse(JSON.stringify(step)) as Step

/** One step in hand for several devices: what one marks shows on the other; what both change is merged, nothing is dropped. */
export const useHand = defineStore('hand', () => {
  const job = useJob()
  const draft = useDraft()
  const shared = ref<Shared | null>(null)
  let putting = false
  /** What came from the others while something of ours was on its way: it is taken in once it is known what became of that. */
  let heard: HandSaid | null = null

  const keep = () => shared.value && job.id && keepSaid(`hand ${job.id}`, shared.value)

  /** Takes up the hand that this device shared, or joined, in the open job. */
  async function load(): Promise<void> {
    const id = job.id
    shared.value = null
    const kept = id ? await recall<Shared>(`hand ${id}`) : undefined
    if (id !== job.id || !kept) return
    shared.value = kept
    await ask()
  }
  async function ask(): Promise<void> {
    const at = shared.value
    if (!at) return
    const said = await api(calls.oneHand, { params: { job: job.id!, hand: at.hand } }).catch(() => null)
    if (said?.step) take({ hand: at.hand, version: said.version, step: said.step })
    void put()
  }
  /** From now on other devices can hold the step of this device. */
  async function share(): Promise<string> {
    shared.value ??= { hand: device, version: 0, base: null }
    await keep()
    void put()
    return shared.value.hand
  }
  /** Holds the step of another device, from the code by which this one joined. */
  const join = (id: string, hand: string) => keepSaid(`hand ${id}`, { hand, version: 0, base: null } satisfies Shared)

  function take(said: HandSaid): void {
    if (!putting) takeIn(said)
    else if (!heard || heard.version < said.version) heard = said
  }
  function takeHeard(): void {
    if (heard) takeIn(heard)
    heard = null
  }
  function takeIn({ hand, version, step }: HandSaid): void {
    const at = shared.value
    const mine = draft.recording
    if (!at || at.hand !== hand || version <= at.version || !mine) return
    shared.value = { hand, version, base: step }
    void keep()
    // Our own, of which we did not hear: what is in hand was made of it.
    if (isSame(step, at.sent)) return
    // What is recorded already is no longer in hand: this device goes on with its own.
    if (job.state.steps.has(step.id)) return
    const both = mergeSteps(at.base ?? mine, mine, step)
    if (!isSame(both, mine)) draft.adopt(both)
  }

  /** Puts what is in hand here to the others, one at a time; where another came first, both are merged and put again. */
  async function put(): Promise<void> {
    if (putting) return
    putting = true
    const { id } = job
    let sent: Step | null = null
    try {
      for (let at = shared.value; at && draft.recording && !isSame(draft.recording, at.base); at = shared.value) {
        const step = plain(draft.recording)
        sent = step
        const said = await api(calls.putHand, {
          params: { job: id!, hand: at.hand },
          body: { version: at.version, step },
        })
        if (id !== job.id) return
        if (!said.taken) takeIn({ hand: at.hand, version: said.version, step: said.step! })
        else if (shared.value && shared.value.version < said.version)
          shared.value = { hand: at.hand, version: said.version, base: step }
        takeHeard()
        await keep()
      }
    } catch {
      // The server does not answer: it is put again in a while, and when the stream is back.
      if (shared.value && sent && id === job.id) {
        shared.value = { ...shared.value, sent }
        void keep()
        setTimeout(() => id === job.id && void put(), again)
      }
    } finally {
      putting = false
      if (id === job.id) takeHeard()
      else heard = null
    }
  }
  job.onHand(take)
  watch(
    () => draft.recording,
    () => void put(),
  )
  watch(
    () => job.live,
    live => live && void ask(),
  )
  return { shared, load, share, join }
})
