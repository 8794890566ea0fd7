import { says as saying, stamped, type Act } from '@dialytica/core/acts'
import { openDebts } from '@dialytica/core/ledger'
import {
  acted,
  confirmed,
  dropped,
  notBefore,
  waitingOn,
  type BodyOf,
  type EventName,
  type JobEvent,
  type JobState,
  type Projection,
  type Refusal,
} from '@dialytica/core/log'
import { stance as stanceOf, type Family } from '@dialytica/core/machine'
import { gates } from '@dialytica/core/plan'
import { calls, type HandSaid, type JobCard, type Person } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { v4 } from 'uuid'
import { api } from '../data/api.ts'
import { timeNow } from '../data/clock.ts'
import { askToPersist } from '../data/room.ts'
import { device } from '../devices/device.ts'
import { serverSource } from '../job/server-source.ts'
import type { Feed, Source } from '../job/source.ts'
import { useOutbox } from './outbox.ts'
import { usePlanned } from './planned.ts'
import { useSession } from './session.ts'

/** An event that was made here, and the state before it. */
export interface Made {
  before: JobState
  event: JobEvent
}

/**
 * One job as this device knows it: what its source has confirmed, and on top of it what waits here. A view does an act; its events are folded
 * at once, kept, and sent. What other devices append comes in from the source.
 */
export const useJob = defineStore('job', () => {
  let source: Source = serverSource(useOutbox())
  let feed: Feed | null = null
  const id = ref<string | null>(null)
  const card = ref<JobCard | null>(null)
  const on = shallowRef<Projection>(waitingOn([]))
  const problem = ref<string | null>(null)
  const live = ref(false)
  /** Resolves when this device has every act that was made on it. */
  let kept: Promise<unknown> = Promise.resolve()
  const allKept = () => kept
  const hands = new Set<(said: HandSaid) => void>()
  /** Hears what the other devices of a job hold in hand. */
  const onHand = (hear: (said: HandSaid) => void) => void hands.add(hear)

  const state = computed(() => on.value.shown)
  const pending = computed(() => on.value.pending)
  const family = computed<Family>(() => state.value.opened?.family ?? card.value?.model.family ?? 'front-loader')
  const debts = computed(() => openDebts(state.value))
  const planned = usePlanned(state, family)
  const plan = computed(() => planned.value.steps)
  const gatesAhead = computed(() => gates(family.value, plan.value, planned.value.assembly, state.value))
  const stance = computed(() => stanceOf(state.value))
  const closed = computed(() => state.value.closing !== null)
  /** True where nothing of it can be changed here: it is closed, or who works only looks. */
  const isFixed = computed(() => closed.value || !useSession().mayWork)

  const follower = {
    known: () => on.value,
    waits: (events: readonly JobEvent[]) => (on.value = waitingOn(events)),
    confirm(events: readonly JobEvent[]) {
      const fresh = events.filter(e => e.job === id.value && e.seq! > on.value.seq)
      on.value = confirmed(on.value, fresh)
      return fresh
    },
    forget: () => (on.value = waitingOn(on.value.pending)),
    drop: (ids: ReadonlySet<string>) => (on.value = dropped(on.value, ids)),
    card: (of: JobCard) => (card.value = of),
    hand(said: HandSaid) {
      for (const hear of hands) hear(said)
    },
    person: (now: Person) => void useSession().changed(now),
    live: (is: boolean) => (live.value = is),
    problem: (words: string | null) => (problem.value = words),
  }

  /** Opens a job, and resolves when what is known of it is enough to go on. A new one has no log yet. */
  async function open(job: string, isNew = false): Promise<void> {
    if (id.value !== job || !feed) {
      close()
      id.value = job
      feed = source(job, isNew, follower)
    }
    await feed.ready
  }

  function close(): void {
    feed?.close()
    feed = null
    id.value = null
    card.value = null
    on.value = waitingOn([])
    problem.value = null
    live.value = false
  }
  // The plate was put right, here or on another device: the job is of another machine.
  watch([() => state.value.opened?.unit, () => on.value.seq], async ([unit]) => {
    const of = id.value
    if (!of || !unit || !card.value || card.value.unit.id === unit) return
    const now = await api(calls.job, { params: { job: of } }).catch(() => null)
    if (now && id.value === of) card.value = now
  })
  // Who signs out has no job open any more.
  watch(
    () => useSession().person === null,
    gone => gone && close(),
  )
  /** From now on jobs are opened from another source. */
  const from = (other: Source) => void (source = other)

  /**
   * Does an act: all its events are folded before this returns, kept and sent after. Returns the reason when the act or the state refuses it;
   * nothing is recorded then. `made` hears what was recorded, for who wants to take it back.
   */
  function act(what: Act, made?: (events: readonly Made[]) => void): Refusal | null {
    if (!what.ok) return what.refusal
    const person = useSession().person
    if (!id.value || !person || !feed) return { code: 20 }
    const done: Made[] = []
    let next = on.value
    for (const said of what.events) {
      const plain = JSON.parse(JSON.stringify(said)) as typeof said
      const at = new Date(timeNow()).toISOString()
      const [after, when] = [on.value.confirmed.latest || undefined, notBefore(at, next.shown.latest)]
      const event = stamped(plain, {
        ...{ id: v4(), job: id.value, at, actor: person.id, device },
        // What this device knows by now, of others and of itself: with it a word stands after those that it answers.
        ...(after && { after }),
        ...(when !== at && { when }),
      })
      const folded = acted(next, event)
      if (!folded.ok) return folded.refusal
      done.push({ before: next.shown, event })
      next = folded.projection
    }
    if (done.length === 0) return null
    on.value = next
    kept = Promise.all([kept, ...done.map(({ event }) => feed!.keep(event))])
    void askToPersist()
    made?.(done)
    return null
  }
  /** The act of one event. */
  const says = <K extends EventName>(kind: K, body: BodyOf<K>): Refusal | null => act(saying(kind, body))

  return {
    id,
    card,
    state,
    family,
    debts,
    plan,
    planned,
    gatesAhead,
    stance,
    closed,
    isFixed,
    pending,
    problem,
    live,
    open,
    close,
    from,
    act,
    says,
    allKept,
    onHand,
  }
})
