import type { JobEvent } from '@dialytica/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api, ApiError } from '../data/api.ts'
import { local, type WaitingEvent } from '../data/local.ts'
import { keepShown } from '../data/photo-cache.ts'
import { isFull, lookForRoom, roomLeft } from '../data/room.ts'
import { useSession } from './session.ts'

interface Appended {
  seq: number
  accepted: { id: string; seq: number }[]
  refused: { id: string; message: string }[]
}
type Heard = (job: string, appended: Appended) => void

const batch = 100

/** What waits on this device until the server has it; it goes up by itself, in order. */
export const useOutbox = defineStore('outbox', () => {
  const events = ref<WaitingEvent[]>([])
  const photos = ref<{ hash: string; bytes: number; refused?: string }[]>([])
  /** Acts that this device has no room for; they are kept in memory and sent first. */
  const unkept = shallowRef<JobEvent[]>([])
  /** How much of what waited has gone up since the last time nothing waited. */
  const gone = ref(0)
  const reachable = ref(true)
  /** True when the server no longer knows who works here. */
  const signedOut = ref(false)
  const heard = new Set<Heard>()
  const waitingEvents = computed(() => events.value.filter(e => !e.refused).length + unkept.value.length)
  const waitingPhotos = computed(() => photos.value.filter(p => !p.refused))
  const waiting = computed(() => waitingEvents.value + waitingPhotos.value.length)
  /** What waits, in bytes: photos as they are, acts as they are written. */
  const bytes = computed(
    () =>
      waitingPhotos.value.reduce((sum, p) => sum + p.bytes, 0) +
      events.value.reduce((sum, e) => sum + (e.refused ? 0 : JSON.stringify(e.event).length), 0),
  )
  const refused = computed(() => events.value.filter(e => e.refused))
  const spoilt = computed(() => photos.value.filter(p => p.refused))

  async function refresh(): Promise<void> {
    events.value = await local.events.orderBy('n').toArray()
    photos.value = (await local.photos.toArray()).map(({ hash, bytes, refused }) => ({
      hash,
      bytes,
      ...(refused && { refused }),
    }))
    if (waiting.value === 0) gone.value = 0
  }

  const add = (event: JobEvent) =>
    local.events.add({
      id: event.id,
      job: event.job,
      actor: event.actor,
      event: JSON.parse(JSON.stringify(event)) as JobEvent,
    })

  /** Keeps an event; resolves when this device has it for good. */
  async function keep(event: JobEvent): Promise<void> {
    try {
      if (unkept.value.length) await keepLate()
      await add(event)
    } catch (error) {
      if (!isFull(error)) throw error
      unkept.value = [...unkept.value, event]
    }
    await refresh()
    void flush()
  }
  /** What there was no room for goes in first, in its order, as soon as there is. */
  async function keepLate(): Promise<void> {
    for (const event of unkept.value) {
      await add(event)
      unkept.value = unkept.value.filter(e => e.id !== event.id)
    }
  }

  async function sendPhotos(): Promise<void> {
    for (const { hash, blob } of await local.photos.filter(p => !p.refused).toArray())
      try {
        await api('PUT', `/photos/${hash}`, blob)
        await keepShown(hash, blob).catch(() => undefined)
        await local.photos.delete(hash)
        gone.value += 1
        await refresh()
      } catch (error) {
        if (!(error instanceof ApiError) || error.passing || error.problem.status === 401) throw error
        await local.photos.update(hash, { refused: error.message })
      }
  }

  /** The next events of one job of this person, oldest first. */
  async function nextBatch(actor: string): Promise<WaitingEvent[]> {
    const mine = await local.events
      .orderBy('n')
      .filter(e => !e.refused && e.actor === actor)
      .toArray()
    return mine.filter(e => e.job === mine[0]?.job).slice(0, batch)
  }

  async function sendEvents(actor: string): Promise<void> {
    for (let next = await nextBatch(actor); next.length; next = await nextBatch(actor)) {
      const job = next[0]!.job
      const appended = await api<Appended>('POST', `/jobs/${job}/events`, { events: next.map(e => e.event) }).catch(
        unknown(next),
      )
      for (const hear of heard) hear(job, appended)
      await local.events
        .where('id')
        .anyOf(appended.accepted.map(a => a.id))
        .delete()
      gone.value += appended.accepted.length
      for (const { id, message } of appended.refused)
        await local.events.where('id').equals(id).modify({ refused: message })
    }
  }

  /** A job that the server does not know refuses all of its events; any other failure is passed on. */
  const unknown =
    (next: WaitingEvent[]) =>
    (error: unknown): Appended => {
      if (!(error instanceof ApiError) || error.passing || error.problem.status === 401) throw error
      return { seq: 0, accepted: [], refused: next.map(({ id }) => ({ id, message: error.message })) }
    }

  let flushing: Promise<void> | null = null
  let again: ReturnType<typeof setTimeout> | undefined
  let pause = 500

  /** Sends what waits; after a failure it tries again by itself, less and less often up to every five seconds. */
  function flush(): Promise<void> {
    clearTimeout(again)
    flushing ??= (async () => {
      const actor = useSession().person?.id
      if (!actor) return
      try {
        await keepLate().catch(() => undefined)
        await sendEvents(actor)
        await sendPhotos()
        reachable.value = true
        signedOut.value = false
        pause = 500
      } catch (error) {
        signedOut.value = error instanceof ApiError && error.problem.status === 401
        reachable.value = false
        pause = Math.min(5000, pause * 2)
        again = setTimeout(() => void flush(), pause)
      } finally {
        await refresh()
        if (roomLeft.value !== null) void lookForRoom()
      }
    })().finally(() => {
      flushing = null
      if (reachable.value && waiting.value) again = setTimeout(() => void flush(), 50)
    })
    return flushing
  }

  /** Lets go of what was refused: the person has seen why. */
  async function drop(id: string): Promise<void> {
    await local.events.where('id').equals(id).delete()
    await refresh()
  }
  /** Lets go of photos that the server could not take in. */
  async function dropSpoilt(): Promise<void> {
    await local.photos.filter(p => Boolean(p.refused)).delete()
    await refresh()
  }
  /** Sends a refused event once more. */
  async function retry(id: string): Promise<void> {
    await local.events
      .where('id')
      .equals(id)
      .modify(e => void delete e.refused)
    await refresh()
    await flush()
  }
  const onAppended = (hear: Heard) => {
    heard.add(hear)
    return () => heard.delete(hear)
  }
  if (typeof window !== 'undefined') window.addEventListener('online', () => void flush())
  return {
    events,
    waiting,
    waitingEvents,
    waitingPhotos,
    bytes,
    gone,
    unkept,
    refused,
    spoilt,
    reachable,
    signedOut,
    dropSpoilt,
    refresh,
    keep,
    flush,
    drop,
    retry,
    onAppended,
  }
})
