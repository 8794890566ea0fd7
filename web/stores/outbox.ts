import type { JobEvent } from '@dialytica/core/log'
import { calls, type Appended } from '@dialytica/core/wire'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api, ApiError } from '../data/api.ts'
import { timeNow } from '../data/clock.ts'
import { local, type WaitingEvent, type WaitingPhoto } from '../data/local.ts'
import { keepShown } from '../data/photo-cache.ts'
import { lookForRoom, roomLeft } from '../data/room.ts'
import { dropEvents, dropShot, keepEvent } from '../data/waiting.ts'
import { useSession } from './session.ts'

type Heard = (job: string, appended: Appended) => void

const batch = 100
/** So much is sent in one batch, in characters. */
const batchSize = 1_000_000

/**
 * True where sending the same again will not help: it is too large, of no form, or for something that is not there. Whatever else goes
 * wrong (no network, signed out, a role that may not) passes, and what waits goes on waiting.
 */
const isSpoilt = (error: unknown): error is ApiError =>
  error instanceof ApiError && [400, 404, 409, 413, 415, 422].includes(error.problem.status)

const unreadable = 'This device can no longer read the photo from its storage: take it again.'
const canBeRead = (blob: Blob): Promise<boolean> =>
  new Response(blob).arrayBuffer().then(
    () => true,
    () => false,
  )

/** What waits on this device until the server has it; it goes up by itself, in order. */
export const useOutbox = defineStore('outbox', () => {
  const events = ref<WaitingEvent[]>([])
  const photos = ref<Omit<WaitingPhoto, 'blob'>[]>([])
  const session = useSession()
  const isMine = ({ actor }: { actor: string }) => actor === session.person?.id
  /** Acts that this device has no room for; they are kept in memory and sent first. */
  const unkept = shallowRef<JobEvent[]>([])
  const keeping = ref(0)
  /** False while an act stands only in the memory of this page. */
  const isKept = computed(() => keeping.value === 0 && unkept.value.length === 0)
  /** How much of what waited has gone up since the last time nothing waited. */
  const gone = ref(0)
  const reachable = ref(true)
  /** True when the server no longer knows who works here. */
  const signedOut = ref(false)
  /** True when who works here may no longer record. */
  const mayNot = ref(false)
  const heard = new Set<Heard>()
  const myEvents = computed(() => events.value.filter(isMine))
  const myPhotos = computed(() => photos.value.filter(isMine))
  const waitingEvents = computed(() => myEvents.value.filter(e => !e.refused).length + unkept.value.length)
  const waitingPhotos = computed(() => myPhotos.value.filter(p => !p.refused))
  /** What others left waiting here: it goes up when they are back. */
  const ofOthers = computed(
    () => events.value.length + photos.value.length - myEvents.value.length - myPhotos.value.length,
  )
  const waiting = computed(() => waitingEvents.value + waitingPhotos.value.length)
  /** What waits, in bytes: photos as they are, acts as they are written. */
  const bytes = computed(
    () =>
      waitingPhotos.value.reduce((sum, p) => sum + p.bytes, 0) +
      myEvents.value.reduce((sum, e) => sum + (e.refused ? 0 : JSON.stringify(e.event).length), 0),
  )
  const refused = computed(() => myEvents.value.filter(e => e.refused))
  const spoilt = computed(() => myPhotos.value.filter(p => p.refused))

  async function refresh(): Promise<void> {
    events.value = await local.events.orderBy('n').toArray()
    photos.value = (await local.shots.toArray()).map(({ blob: _, ...photo }) => photo)
    if (waiting.value === 0) gone.value = 0
  }

  const add = (event: JobEvent) =>
    keepEvent({
      id: event.id,
      job: event.job,
      actor: event.actor,
      event: JSON.parse(JSON.stringify(event)) as JobEvent,
    })

  /** Keeps an event; resolves when this device has it for good. */
  async function keep(event: JobEvent): Promise<void> {
    keeping.value += 1
    try {
      if (unkept.value.length) await keepLate()
      await add(event)
    } catch {
      // Full, or a storage that fails: what is shown as recorded is never let go without a word.
      unkept.value = [...unkept.value, event]
    } finally {
      keeping.value -= 1
    }
    await refresh().catch(() => undefined)
    void flush()
  }
  /** What there was no room for goes in first, in its order, as soon as there is. */
  async function keepLate(): Promise<void> {
    for (const event of unkept.value) {
      await add(event)
      unkept.value = unkept.value.filter(e => e.id !== event.id)
    }
  }

  /** A photo was kept: it goes up at once, whether or not a step of it is recorded yet. */
  function photoKept(): void {
    void refresh()
      .catch(() => undefined)
      .then(flush)
  }
  async function sendPhotos(actor: string): Promise<void> {
    for (const { hash, blob, job } of await local.shots
      .where({ actor })
      .filter(p => !p.refused)
      .toArray())
      try {
        await api(calls.putPhoto, { params: { hash }, query: { actor, ...(job && { job }) }, body: blob })
        await keepShown(hash, blob).catch(() => undefined)
        await dropShot(actor, hash)
        gone.value += 1
        await refresh()
      } catch (error) {
        // A storage that was damaged gives the name of a photo without its bytes: it holds back no other.
        const why = isSpoilt(error) ? error.message : (await canBeRead(blob)) ? null : unreadable
        if (why === null) throw error
        await local.shots.update([actor, hash], { refused: why })
      }
  }

  /** The next events of one job of this person, oldest first, as much as goes up at once. */
  async function nextBatch(actor: string, most: number): Promise<WaitingEvent[]> {
    const mine = await local.events
      .orderBy('n')
      .filter(e => !e.refused && e.actor === actor)
      .toArray()
    let size = 0
    return mine
      .filter(e => e.job === mine[0]?.job)
      .slice(0, most)
      .filter((e, i) => (size += JSON.stringify(e.event).length) < batchSize || i === 0)
  }

  async function sendEvents(actor: string): Promise<void> {
    for (let next = await nextBatch(actor, batch); next.length; next = await nextBatch(actor, batch)) {
      const job = next[0]!.job
      const appended = await send(job, next)
      for (const hear of heard) hear(job, appended)
      await dropEvents(appended.accepted.map(a => a.id))
      gone.value += appended.accepted.length
      for (const { id, message } of appended.refused)
        await local.events.where('id').equals(id).modify({ refused: message })
    }
  }

  /** Acts that this device cannot keep go up from memory, once nothing older of theirs waits. */
  async function sendUnkept(actor: string): Promise<void> {
    const older = await local.events
      .where({ actor })
      .count()
      .catch(() => 0)
    if (older) return
    for (const event of unkept.value.filter(isMine)) {
      const appended = await send(event.job, [{ id: event.id, job: event.job, actor, event }])
      for (const hear of heard) hear(event.job, appended)
      unkept.value = unkept.value.filter(e => e.id !== event.id)
      await dropEvents([event.id]).catch(() => undefined)
    }
  }

  /** What the server cannot read as a whole is sent one by one, so that one event never holds back the others. */
  async function send(job: string, next: WaitingEvent[]): Promise<Appended> {
    try {
      return await api(calls.addEvents, {
        params: { job },
        body: { events: next.map(e => e.event), sent: new Date(timeNow()).toISOString() },
      })
    } catch (error) {
      if (!isSpoilt(error)) throw error
      if (next.length > 1) return send(job, next.slice(0, 1))
      return { seq: 0, accepted: [], refused: next.map(({ id }) => ({ id, message: error.message })) }
    }
  }

  function failedWith(error: unknown): void {
    const status = error instanceof ApiError ? error.problem.status : 0
    signedOut.value = status === 401
    mayNot.value = status === 403
  }
  /** Asks whether the server still knows who works here; where it does not answer, that is not known. */
  async function stillSignedIn(): Promise<void> {
    try {
      await session.changed(await api(calls.whoAmI, {}))
      if (signedOut.value) await flush()
    } catch (error) {
      if (!(error instanceof ApiError) || error.problem.status !== 401) return
      failedWith(error)
      reachable.value = false
    }
  }

  let flushing: Promise<void> | null = null
  let again: ReturnType<typeof setTimeout> | undefined
  let pause = 500

  /** Sends what waits; after a failure it tries again by itself, less and less often up to every five seconds. */
  function flush(): Promise<void> {
    clearTimeout(again)
    flushing ??= (async () => {
      const actor = session.person?.id
      if (!actor) return
      try {
        await keepLate().catch(() => undefined)
        await sendUnkept(actor)
        await sendEvents(actor)
        await sendPhotos(actor)
        reachable.value = true
        signedOut.value = false
        mayNot.value = false
        pause = 500
      } catch (error) {
        failedWith(error)
        reachable.value = false
        pause = Math.min(5000, pause * 2)
        again = setTimeout(() => void flush(), pause)
      } finally {
        await refresh().catch(() => undefined)
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
    await dropEvents([id])
    await refresh()
  }
  /** Lets go of photos that the server could not take in. */
  async function dropSpoilt(): Promise<void> {
    for (const { actor, hash } of spoilt.value) await dropShot(actor, hash)
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
    isKept,
    refused,
    spoilt,
    ofOthers,
    reachable,
    signedOut,
    mayNot,
    stillSignedIn,
    dropSpoilt,
    refresh,
    keep,
    photoKept,
    flush,
    drop,
    retry,
    onAppended,
  }
})
