import { putAt, type JobEvent } from '@dialytica/core/log'
import { addressOf, calls, type HandSaid, type JobCard, type Person } from '@dialytica/core/wire'
import { api, ApiError } from '../data/api.ts'
import { beyond, keepLog, keptLog } from '../data/job-log.ts'
import { askOrRecall, recall } from '../data/kept.ts'
import { local } from '../data/local.ts'
import { fetchShown } from '../data/photo-cache.ts'
import type { useOutbox } from '../stores/outbox.ts'
import type { Source } from './source.ts'

/** So many photos of a job are brought to this device, the newest first. */
const photosAtHand = 160
/** A job that this device never had is asked for again so often, and a stream that broke off is begun again, in milliseconds. */
const again = 1500
const neverHere =
  'The server does not answer, and this job was never opened on this device. It opens by itself as soon as the server is back.'

/** A job at the server: its log as far as this device has it, what the outbox still holds on top, then whatever comes by the stream. */
export const serverSource =
  (outbox: ReturnType<typeof useOutbox>): Source =>
  (job, isNew, to) => {
    let isOpen = true
    let stream: EventSource | null = null
    /** True once it is known which machine the job is of. */
    let hasCard = false
    function tellCard(card: JobCard): void {
      if (!isOpen) return
      hasCard = true
      to.card(card)
    }

    /** Takes in what the server has numbered, and keeps it on this device; without room for that it is asked for again next time. */
    function confirm(events: readonly JobEvent[]): void {
      const fresh = to.confirm(events)
      if (fresh.length) void keepLog(fresh).catch(() => undefined)
    }

    function follow(): void {
      if (!isOpen) return
      stream?.close()
      stream = new EventSource(addressOf(calls.stream, { job }, { after: to.known().seq }))
      stream.onopen = () => {
        to.live(true)
        void outbox.flush()
      }
      stream.onmessage = ({ data }: MessageEvent<string>) => confirm([JSON.parse(data) as JobEvent])
      stream.addEventListener('hand', ({ data }: MessageEvent<string>) => to.hand(JSON.parse(data) as HandSaid))
      stream.addEventListener('person', ({ data }: MessageEvent<string>) => to.person(JSON.parse(data) as Person))
      stream.onerror = () => {
        to.live(false)
        if (stream?.readyState !== EventSource.CLOSED) return
        void outbox.stillSignedIn()
        setTimeout(follow, again)
      }
    }

    async function begin(): Promise<void> {
      const mine = await local.events.where('job').equals(job).sortBy('n')
      if (!isOpen) return
      const unkept = outbox.unkept.filter(e => e.job === job)
      to.waits([...mine.flatMap(e => (e.refused ? [] : [e.event])), ...unkept])
      if (isNew) return
      const kept = await keptLog(job)
      if (!isOpen) return
      to.confirm(kept)
      const asked = catchUp(kept)
      // What this device has is enough to go on; a job that it never had must come from the server.
      if (!to.known().shown.opened) await asked
    }

    async function catchUp(kept: readonly JobEvent[]): Promise<void> {
      const known = await recall<JobCard>(`job ${job}`)
      if (known) tellCard(known)
      await outbox.flush()
      try {
        await takeFromServer(kept)
      } catch (error) {
        // A job that was opened on this device a moment ago is not on the server yet: what waits here is enough to go on.
        const enough = to.known().shown.opened !== null
        const passing = error instanceof ApiError && error.passing
        const isUnknown = error instanceof ApiError && error.problem.status === 404
        if (!isOpen) return
        if (!(enough && (passing || isUnknown))) {
          to.problem(passing ? neverHere : (error as Error).message)
          if (passing) setTimeout(() => isOpen && !stream && void catchUp(kept), again)
          return
        }
      }
      if (!isOpen) return
      to.problem(null)
      follow()
    }

    async function takeFromServer(kept: readonly JobEvent[]): Promise<void> {
      const [card, { from, events }] = await Promise.all([
        askOrRecall(`job ${job}`, calls.job, { params: { job } }),
        beyond(job, kept),
      ])
      if (!isOpen) return
      tellCard(card)
      if (from < kept.length) to.forget()
      confirm(events)
      const { order, steps } = to.known().shown
      const photos = order.toArray().flatMap(s => steps.get(s)!.photos.map(p => p.hash))
      void fetchShown(photos.toReversed().slice(0, photosAtHand))
    }

    const unheard = outbox.onAppended((of, { accepted, refused }) => {
      if (of !== job) return
      const told = new Map(accepted.map(a => [a.id, a]))
      const mine = to
        .known()
        .pending.flatMap(e => (told.has(e.id) ? [told.get(e.id)!].map(a => ({ ...putAt(e, a.when), seq: a.seq })) : []))
      for (const event of mine.sort((a, b) => a.seq - b.seq)) if (event.seq === to.known().seq + 1) confirm([event])
      to.drop(new Set(refused.map(r => r.id)))
      if (!stream || stream.readyState === EventSource.CLOSED) follow()
      // Without an answer it is asked for again with the next act that goes up.
      if (!hasCard) void api(calls.job, { params: { job } }).then(tellCard, () => undefined)
    })

    return {
      ready: begin(),
      keep: outbox.keep,
      close() {
        isOpen = false
        stream?.close()
        unheard()
      },
    }
  }
