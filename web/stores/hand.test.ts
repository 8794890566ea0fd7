import 'fake-indexeddb/auto'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Step } from '@dialytica/core/log'
import { local } from '../data/local.ts'
import { useDraft } from './draft.ts'
import { useHand } from './hand.ts'
import { useJob } from './job.ts'
import { useMarking } from './marking.ts'
import { useSession } from './session.ts'
import { jobId as job, person } from '../test/job-at-hand.ts'

const photo = { hash: 'a'.repeat(64), width: 16, height: 10, takenAt: '2026-01-05T08:00:00.000Z' }

const opening = {
  id: '77777777-7777-4777-8777-777777777777',
  job,
  seq: 1,
  kind: 'job-opened',
  at: '2026-01-05T08:00:00.000Z',
  actor: person.id,
  device: 'test',
  body: { unit: '33333333-3333-4333-8333-333333333333', family: 'front-loader', complaint: '', plate: '1' },
}

/** A server that holds one hand, and may answer late or never; the stream is always ahead of the answer. */
class Server {
  version = 0
  step: Step | null = null
  puts = 0
  loses = false
  private late: Promise<void> | null = null
  private free = () => {}
  private unheard: string[] = []
  hold() {
    this.late = new Promise(done => (this.free = done))
  }
  release() {
    for (const data of this.unheard.splice(0)) Stream.last?.hear({ data })
    this.free()
    this.late = null
  }
  fetch = async (address: string, init?: { method?: string; body?: string }) => {
    if (address.includes('/events')) return Response.json([opening])
    if (!address.includes('/hands/')) return Response.json({ id: job, unit: { id: opening.body.unit } })
    if (init?.method !== 'PUT') return Response.json({ version: this.version, step: this.step })
    const put = JSON.parse(init.body!) as { version: number; step: Step }
    this.puts += 1
    const taken = put.version === this.version
    if (taken) this.holds(put.step)
    const answer = { taken, version: this.version, step: this.step }
    await this.late
    if (this.loses) throw new TypeError('the answer was lost')
    return Response.json(answer)
  }
  /** The hand is put, by this device or another, and every device hears it. */
  holds(step: Step) {
    this.version += 1
    this.step = step
    const data = JSON.stringify({ hand: useHand().shared!.hand, version: this.version, step })
    if (this.late) this.unheard.push(data)
    else Stream.last?.hear({ data })
  }
}
class Stream {
  static CLOSED = 2
  static last: Stream | undefined
  readyState = 1
  hear = (_: { data: string }) => {}
  constructor() {
    Stream.last = this
  }
  close() {}
  addEventListener(name: string, hear: (said: { data: string }) => void) {
    if (name === 'hand') this.hear = hear
  }
}

let server: Server
beforeEach(async () => {
  setActivePinia(createPinia())
  server = new Server()
  Stream.last = undefined
  vi.stubGlobal('fetch', server.fetch)
  vi.stubGlobal('EventSource', Stream)
  await local.drafts.clear()
  useSession().person = person
})
afterEach(() => useJob().close())

async function inHand() {
  await useJob().open(job)
  await vi.waitFor(() => expect(Stream.last).toBeDefined())
  const [draft, marking, hand] = [useDraft(), useMarking(), useHand()]
  await draft.load()
  await hand.share()
  marking.addPhoto(photo)
  marking.tapAt({ x: 0.2, y: 0.3 })
  await vi.waitFor(() => expect(server.step?.marks).toHaveLength(1))
  return { draft, marking }
}
const agreed = () => vi.waitFor(() => expect(server.step).toEqual(JSON.parse(JSON.stringify(useDraft().recording))))
const counts = (step: Step | null) => step!.moves.map(m => ('count' in m ? m.count : 0))

it('its own word that comes back before the answer counts nothing twice, and what was taken back stays so', async () => {
  const { draft, marking } = await inHand()
  server.hold()
  marking.tapAt({ x: 0.4, y: 0.3 })
  await vi.waitFor(() => expect(server.step?.marks).toHaveLength(2))
  draft.undo()
  marking.tapAt({ x: 0.6, y: 0.3 })
  marking.tapAt({ x: 0.8, y: 0.3 })
  server.release()
  await agreed()
  expect(counts(server.step)).toEqual([3])
  expect(server.step!.marks.map(m => m.path[0]!.x)).toEqual([0.2, 0.6, 0.8])
})

it('what another device put while an answer was on its way is taken in after it', async () => {
  const { marking } = await inHand()
  server.hold()
  marking.tapAt({ x: 0.4, y: 0.3 })
  await vi.waitFor(() => expect(server.step?.marks).toHaveLength(2))
  const step = server.step!
  const mark = { ...step.marks[0]!, id: '99999999-9999-4999-8999-999999999999', path: [{ x: 0.9, y: 0.9 }] }
  server.holds({ ...step, marks: [...step.marks, mark], moves: [{ ...step.moves[0]!, count: 3 } as never] })
  marking.tapAt({ x: 0.6, y: 0.3 })
  server.release()
  await vi.waitFor(() => expect(server.step?.marks).toHaveLength(4))
  await agreed()
  expect(counts(server.step)).toEqual([4])
})

it('an answer that was lost is heard of later, and nothing is counted twice', async () => {
  const { draft, marking } = await inHand()
  server.loses = true
  marking.tapAt({ x: 0.4, y: 0.3 })
  await vi.waitFor(() => expect(server.step?.marks).toHaveLength(2))
  server.loses = false
  draft.undo()
  marking.tapAt({ x: 0.6, y: 0.3 })
  await agreed()
  expect(counts(server.step)).toEqual([2])
  expect(server.step!.marks.map(m => m.path[0]!.x)).toEqual([0.2, 0.6])
})

it('what is tapped after an undo counts for the group that the other goes on with', async () => {
  const { draft, marking } = await inHand()
  const step = server.step!
  const mark = { ...step.marks[0]!, id: '99999999-9999-4999-8999-999999999999', path: [{ x: 0.9, y: 0.9 }] }
  server.holds({ ...step, marks: [...step.marks, mark], moves: [{ ...step.moves[0]!, count: 2 } as never] })
  await vi.waitFor(() => expect(draft.step.marks).toHaveLength(2))
  draft.undo()
  await vi.waitFor(() => expect(server.step?.marks).toHaveLength(1))
  marking.tapAt({ x: 0.5, y: 0.6 })
  await vi.waitFor(() => expect(server.step?.marks).toHaveLength(2))
  expect(counts(server.step)).toEqual([2])
})
