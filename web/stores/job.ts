import {
  acted,
  confirmed,
  dropped,
  gates,
  openDebts,
  stance,
  waitingOn,
  type BodyOf,
  type EventName,
  type Family,
  type JobEvent,
  type Projection,
  type Refusal,
} from '@dialytica/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { v4 } from 'uuid'
import { api, ApiError } from '../data/api.ts'
import { beyond, keepLog, keptLog } from '../data/job-log.ts'
import { askOrRecall, recall } from '../data/kept.ts'
import { fetchShown } from '../data/photo-cache.ts'
import { askToPersist } from '../data/room.ts'
import { local } from '../data/local.ts'
import type { HandSaid, JobCard } from '../data/shapes.ts'
import { device } from '../devices/device.ts'
import { useOutbox } from './outbox.ts'
import { usePlanned } from './planned.ts'
import { useSession } from './session.ts'

/** So many photos of a job are brought to this device, the newest first. */
const photosAtHand = 160

let lastMoment = 0
/** The moment now, later than the one before: two acts of one device are never at once, so their order is never in doubt. */
function nextMoment(): string {
  lastMoment = Math.max(Date.now(), lastMoment + 1)
  return new Date(lastMoment).toISOString()
}

/** A job that this device never had is asked for again so often, in milliseconds, until the server is back. */
const again = 1500
const neverHere =
  'The server does not answer, and this job was never opened on this device. It opens by itself as soon as the server is back.'

/**
 * One job as this device knows it: what the server has confirmed, and on top of it what waits here. A view makes an
 * event with `record`; it is folded at once, kept, and sent. What other devices append comes in by the stream.
 */
export const useJob = defineStore('job', () => {
  const outbox = useOutbox()
  const id = ref<string | null>(null)
  const card = ref<JobCard | null>(null)
  const on = shallowRef<Projection>(waitingOn([]))
  const problem = ref<string | null>(null)
  const live = ref(false)
  let source: EventSource | null = null
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
  const gatesAhead = computed(() => gates(family.value, plan.value))
  const standing = computed(() => stance(state.value))
  const closed = computed(() => state.value.closing !== null)

  /** Takes in what the server has: by number, each once, whatever comes first. Returns what is new. */
  function takeIn(events: readonly JobEvent[]): JobEvent[] {
    const fresh = events.filter(e => e.job === id.value && e.seq! > on.value.seq)
    on.value = confirmed(on.value, fresh)
    return fresh
  }
  /** The same, and kept on this device. */
  function confirm(...events: JobEvent[]): void {
    const fresh = takeIn(events)
    if (fresh.length) void keepLog(fresh).catch(() => undefined)
  }

  function follow(): void {
    source?.close()
    source = new EventSource(`/api/jobs/${id.value}/stream?after=${on.value.seq}`)
    source.onopen = () => {
      live.value = true
      void outbox.flush()
    }
    source.onmessage = ({ data }: MessageEvent<string>) => confirm(JSON.parse(data) as JobEvent)
    source.addEventListener('hand', ({ data }: MessageEvent<string>) => {
      for (const hear of hands) hear(JSON.parse(data) as HandSaid)
    })
    source.onerror = () => {
      live.value = false
      if (source?.readyState === EventSource.CLOSED) setTimeout(() => id.value && follow(), 1500)
    }
  }

  /** Opens a job: its log from the server, what waits here on top, then whatever comes. A new one has no log yet. */
  async function open(job: string, isNew = false): Promise<void> {
    if (id.value === job && source) return
    close()
    id.value = job
    const mine = await local.events.where('job').equals(job).sortBy('n')
    on.value = waitingOn(mine.filter(e => !e.refused).map(e => e.event))
    if (isNew) return
    const kept = await keptLog(job)
    if (id.value !== job) return
    takeIn(kept)
    const asked = catchUp(job, kept)
    // What this device has is enough to go on; a job that it never had must come from the server.
    if (!state.value.opened) await asked
  }

  async function catchUp(job: string, kept: readonly JobEvent[]): Promise<void> {
    card.value = (await recall<JobCard>(`job ${job}`)) ?? card.value
    await outbox.flush()
    try {
      const [found, { from, events }] = await Promise.all([
        askOrRecall<JobCard>(`job ${job}`, `/jobs/${job}`),
        beyond(job, kept),
      ])
      if (id.value !== job) return
      card.value = found
      if (from < kept.length) on.value = waitingOn(on.value.pending)
      confirm(...events)
      const photos = state.value.order.toArray().flatMap(s => state.value.steps.get(s)!.photos.map(p => p.hash))
      void fetchShown(photos.toReversed().slice(0, photosAtHand))
    } catch (error) {
      // A job that was opened on this device a moment ago is not on the server yet: what waits here is enough to go on.
      const enough = state.value.opened !== null
      const passing = error instanceof ApiError && error.passing
      const isNew = error instanceof ApiError && error.problem.status === 404
      if (!(enough && (passing || isNew))) {
        if (id.value !== job) return
        problem.value = passing ? neverHere : (error as Error).message
        if (passing) setTimeout(() => id.value === job && !source && void catchUp(job, kept), again)
        return
      }
    }
    if (id.value !== job) return
    problem.value = null
    follow()
  }

  function close(): void {
    source?.close()
    source = null
    id.value = null
    card.value = null
    on.value = waitingOn([])
    problem.value = null
    live.value = false
  }

  /**
   * Makes an event of this device: folded before this returns, kept and sent after. Returns the reason when the state
   * refuses it; nothing is recorded then.
   */
  function record<K extends EventName>(kind: K, body: BodyOf<K>): Refusal | null {
    const person = useSession().person
    if (!id.value || !person) return { code: 20 }
    const event = {
      id: v4(),
      job: id.value,
      kind,
      at: nextMoment(),
      actor: person.id,
      device,
      body,
    } as JobEvent
    const done = acted(on.value, event)
    if (!done.ok) return done.refusal
    on.value = done.projection
    kept = Promise.all([kept, outbox.keep(event)])
    void askToPersist()
    return null
  }

  outbox.onAppended((job, { accepted, refused }) => {
    if (job !== id.value) return
    const numbers = new Map(accepted.map(a => [a.id, a.seq]))
    const mine = pending.value.filter(e => numbers.has(e.id)).map(e => ({ ...e, seq: numbers.get(e.id)! }))
    for (const event of mine.sort((a, b) => a.seq - b.seq)) if (event.seq === on.value.seq + 1) confirm(event)
    on.value = dropped(on.value, new Set(refused.map(r => r.id)))
    if (!source || source.readyState === EventSource.CLOSED) follow()
    if (!card.value) void api<JobCard>('GET', `/jobs/${job}`).then(found => job === id.value && (card.value = found))
  })

  return {
    id,
    card,
    state,
    family,
    debts,
    plan,
    planned,
    gatesAhead,
    standing,
    closed,
    pending,
    problem,
    live,
    open,
    close,
    record,
    allKept,
    onHand,
  }
})
