import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { arbitraryLog, id, opening } from '../test/arbitrary-log.ts'
import type { JobEvent } from './event.ts'
import { fold, foldAll } from './fold.ts'
import { offsetAfter, putRight, type Offset } from './offset.ts'
import { acted, confirmed, dropped, waitingOn, type Projection } from './projection.ts'
import { toSnapshot } from './snapshot.ts'
import { toldAtIntake } from './state.ts'
import { notBefore, placed, putAt, tolerance, whenOf } from './when.ts'

const start = Date.UTC(2026, 0, 5, 8)
const year = 365 * 86_400_000
const iso = (ms: number) => new Date(ms).toISOString()

/** A server that puts events at their moments, and numbers them. */
class Server {
  log: JobEvent[] = [{ ...opening(), seq: 1 }]
  state = foldAll(this.log).state
  take(events: readonly JobEvent[], sent: string, now: number): { taken: JobEvent[]; refused: Set<string> } {
    const taken: JobEvent[] = []
    const refused = new Set<string>()
    for (const said of events) {
      const { after } = said
      const place = {
        ...{ sent, received: iso(now), own: this.state.latestOf.get(said.device) },
        after: after && after > this.state.latest ? this.state.latest : after,
      }
      const event = { ...putAt(said, placed(said.at, place)), seq: this.log.length + 1 }
      const folded = fold(this.state, event)
      if (!folded.ok) refused.add(event.id)
      else {
        this.state = folded.state
        this.log.push(event)
        taken.push(event)
      }
    }
    return { taken, refused }
  }
}

/** A device whose clock shows the true time and what it is off by, which may change; it learns of that only from the server. */
class Device {
  readonly name: string
  off: number
  offset: Offset | null = null
  on: Projection = waitingOn([])
  constructor(name: string, off: number) {
    this.name = name
    this.off = off
  }
  #clock = (now: number) => putRight(now + this.off, this.offset)
  says(kind: string, body: unknown, n: number, now: number): JobEvent | null {
    const at = iso(this.#clock(now))
    const event = {
      ...{ id: id(n), job: opening().job, actor: opening().actor, device: this.name, kind, body, at },
      ...(this.on.confirmed.latest && { after: this.on.confirmed.latest }),
      when: notBefore(at, this.on.shown.latest),
    } as JobEvent
    const done = acted(this.on, event)
    if (done.ok) this.on = done.projection
    return done.ok ? event : null
  }
  /** Sends what waits, and hears what it does not know. */
  meets(server: Server, now: number): void {
    const { refused } = server.take(this.on.pending, iso(this.#clock(now)), now)
    this.on = dropped(confirmed(this.on, server.log.slice(this.on.seq)), refused)
    this.offset = offsetAfter(this.offset, now + this.off, now + this.off + 40, now + 20)
  }
}

const words = ['does not drain', 'leaks', 'hums', 'trips', 'is loud']
const turn = fc.record({
  device: fc.nat(2),
  does: fc.constantFrom('word', 'word', 'step', 'step', 'meet', 'meet', 'jump', 'jump'),
  word: fc.nat(words.length - 1),
  /** Seconds until the next turn. */
  wait: fc.integer({ min: 5, max: 4000 }),
  jump: fc.constantFrom(0, year, -year, 7_200_000, -7_200_000),
})
/** A year ahead, a year behind, hours off, right, and anything between. */
const off = fc.oneof(
  fc.constantFrom(0, year, -year, 10 * year, 3_600_000, -90_000),
  fc.integer({ min: -year, max: year }),
)

interface Said {
  event: JobEvent
  device: number
  /** The true time. */
  now: number
  /** What its device knew when it was said. */
  knew: ReadonlySet<string>
}
/** Plays turns of three devices with one job, then lets all meet. */
function play(offs: readonly number[], turns: readonly Turn[], jumps: boolean) {
  const server = new Server()
  const devices = offs.map((o, i) => new Device(`d${i}`, o))
  let now = start + 60_000
  for (const d of devices) d.meets(server, (now += 1000))
  const said: Said[] = []
  turns.forEach(({ device: i, does, word, wait, jump }, n) => {
    now += wait * 1000
    const device = devices[i]!
    const knew = new Set([...server.log.slice(0, device.on.seq), ...device.on.pending].map(e => e.id))
    const event =
      does === 'word'
        ? device.says('intake-told', { complaint: `${words[word]!} ${n}` }, n + 1, now)
        : does === 'step'
          ? device.says(
              'step-recorded',
              { step: { id: id(n + 1, 's'), zone: 'top', photos: [], marks: [], moves: [] } },
              n + 1,
              now,
            )
          : null
    if (event) said.push({ event, device: i, now, knew })
    if (does === 'meet') device.meets(server, now)
    if (does === 'jump' && jumps) device.off = jump
  })
  for (let round = 0; round < 2; round++) for (const d of devices) d.meets(server, (now += 1000))
  return { server, devices, said }
}
type Turn = { device: number; does: string; word: number; wait: number; jump: number }

const wordsOf = (said: readonly Said[]) => said.filter(s => s.event.kind === 'intake-told')
const stepsOf = (said: readonly Said[]) => said.filter(s => s.event.kind === 'step-recorded')
const stepId = (s: Said) => (s.event.body as { step: { id: string } }).step.id

describe('three devices on one job, whatever their clocks show and however these jump', () => {
  const any = fc.tuple(fc.tuple(off, off, off), fc.array(turn, { maxLength: 40 }))

  it('end with the same job as the server', () =>
    fc.assert(
      fc.property(any, ([offs, turns]) => {
        const { server, devices } = play(offs, turns, true)
        for (const d of devices) {
          expect(d.on.pending).toEqual([])
          expect(toSnapshot(d.on.shown)).toEqual(toSnapshot(server.state))
        }
        expect(toSnapshot(foldAll(server.log).state)).toEqual(toSnapshot(server.state))
      }),
      { numRuns: 150 },
    ))

  it('a word that was said in the knowledge of another stands over it, and a step that was recorded after another comes after it', () =>
    fc.assert(
      fc.property(any, ([offs, turns]) => {
        const { server, said } = play(offs, turns, true)
        const last = String(toldAtIntake(server.state).complaint ?? '')
        const words = wordsOf(said)
        const winner = words.find(w => (w.event.body as { complaint: string }).complaint === last)
        // Nobody who knew the word that stands has said another.
        if (winner) expect(words.filter(w => w.knew.has(winner.event.id))).toEqual([])
        const order = server.state.order.toArray()
        const steps = stepsOf(said)
        for (const s of steps)
          for (const before of steps.filter(b => s.knew.has(b.event.id)))
            expect(order.indexOf(stepId(before))).toBeLessThan(order.indexOf(stepId(s)))
      }),
      { numRuns: 150 },
    ))

  it('no event is put after the time at which it came', () =>
    fc.assert(
      fc.property(any, ([offs, turns]) => {
        const { server } = play(offs, turns, true)
        const end = start + 60_000 + (turns.reduce((sum, t) => sum + t.wait, 0) + 20) * 1000
        for (const e of server.log) expect(Date.parse(whenOf(e))).toBeLessThanOrEqual(end + tolerance)
      }),
      { numRuns: 100 },
    ))

  it('where the clocks do not jump, the word that was truly said last stands, and the steps stand in their true order', () =>
    fc.assert(
      fc.property(any, ([offs, turns]) => {
        const { server, said } = play(offs, turns, false)
        const words = wordsOf(said)
        const truly = words.toSorted((a, b) => a.now - b.now).at(-1)
        if (truly)
          expect(toldAtIntake(server.state).complaint).toBe((truly.event.body as { complaint: string }).complaint)
        const steps = stepsOf(said)
          .toSorted((a, b) => a.now - b.now)
          .map(stepId)
        expect(server.state.order.toArray()).toEqual(steps)
      }),
      { numRuns: 150 },
    ))
})

describe('what a person would expect', () => {
  const told = (on: Device) => toldAtIntake(on.on.shown).complaint
  const both = (a: number, b: number) => {
    const server = new Server()
    const [one, two] = [new Device('one', a), new Device('two', b)]
    for (const d of [one, two]) d.meets(server, start + 10_000)
    return { server, one, two }
  }

  it('a device a year ahead does not keep the last word', () => {
    const { server, one, two } = both(year, 0)
    one.says('intake-told', { complaint: 'leaks' }, 1, start + 20_000)
    one.meets(server, start + 30_000)
    two.meets(server, start + 40_000)
    two.says('intake-told', { complaint: 'hums' }, 2, start + 50_000)
    two.meets(server, start + 60_000)
    one.meets(server, start + 70_000)
    expect([told(one), told(two)]).toEqual(['hums', 'hums'])
  })

  it('nor does one whose clock went a year ahead while it had no server', () => {
    const { server, one, two } = both(0, 0)
    one.off = year
    one.says('intake-told', { complaint: 'leaks' }, 1, start + 20_000)
    two.says('intake-told', { complaint: 'hums' }, 2, start + 50_000)
    two.meets(server, start + 60_000)
    one.meets(server, start + 70_000)
    two.meets(server, start + 80_000)
    expect([told(one), told(two)]).toEqual(['hums', 'hums'])
  })

  it('whoever answers a word has the last one, though their clock was a year behind and is set before it goes up', () => {
    const { server, one, two } = both(0, 0)
    one.says('intake-told', { complaint: 'leaks' }, 1, start + 20_000)
    for (const d of [one, two]) d.meets(server, start + 30_000)
    two.off = -year
    two.says('intake-told', { complaint: 'hums' }, 2, start + 50_000)
    two.off = 0
    for (const d of [two, one]) d.meets(server, start + 60_000)
    expect([told(one), told(two)]).toEqual(['hums', 'hums'])
  })

  it('steps of a device a year behind come after those that it saw, at the time at which they were done', () => {
    const { server, one, two } = both(0, -year)
    const step = (d: Device, n: number, now: number) =>
      d.says('step-recorded', { step: { id: id(n, 's'), photos: [], marks: [], moves: [] } }, n, now)
    step(one, 1, start + 20_000)
    one.meets(server, start + 21_000)
    two.meets(server, start + 22_000)
    step(two, 2, start + 40_000)
    step(one, 3, start + 60_000)
    step(two, 4, start + 80_000)
    for (const d of [two, one, two]) d.meets(server, start + 90_000)
    expect(one.on.shown.order.toArray()).toEqual([1, 2, 3, 4].map(n => id(n, 's')))
    expect(two.on.shown.order).toEqual(one.on.shown.order)
    expect(one.on.shown.steps.get(id(4, 's'))!.recordedAt.slice(0, 19)).toBe(iso(start + 80_000).slice(0, 19))
  })
})

describe('a clock', () => {
  it('is put right by the middle of the quickest round trip, and anew once it was set', () => {
    const slow = offsetAfter(null, 0, 4000, 102_000)!
    expect(slow).toEqual({ ms: 100_000, error: 2000, at: 4000 })
    const quick = offsetAfter(slow, 10_000, 10_020, 110_510)!
    expect(quick).toEqual({ ms: 100_500, error: 10, at: 10_020 })
    expect(offsetAfter(quick, 20_000, 23_000, 122_000)).toBe(quick)
    expect(offsetAfter(quick, 30_000, 30_020, 900_010)!.ms).toBe(870_000)
    expect(offsetAfter(quick, 30_000, 20_000, 900_010)).toBe(quick)
    expect(offsetAfter(quick, 30_000, 30_020, NaN)).toBe(quick)
  })
  it('that is right but for the network is left alone', () => {
    expect(putRight(5000, { ms: 1900, error: 400, at: 0 })).toBe(5000)
    expect(putRight(5000, { ms: -86_400_000, error: 400, at: 0 })).toBe(5000 - 86_400_000)
    expect(putRight(5000, null)).toBe(5000)
  })
  it('at the end of what the product knows stays there', () => {
    const end = '2199-12-31T23:59:59.999Z'
    expect(notBefore('2026-01-05T08:00:00.000Z', end)).toBe(end)
    expect(notBefore('2026-01-05T08:00:00.000Z', 'no moment')).toBe('2026-01-05T08:00:00.000Z')
    const before = { sent: end, received: iso(start), after: undefined, own: undefined }
    expect(placed('1970-01-01T00:00:00.000Z', before)).toBe('1970-01-01T00:00:00.000Z')
    expect(placed(end, before)).toBe(iso(start))
  })
})

describe('a log of before', () => {
  it('folds to what it folded to: the clock of the device is all that is known of when it was', () =>
    fc.assert(
      fc.property(arbitraryLog, log => {
        for (const e of log) expect(whenOf(e)).toBe(e.at)
        const { state } = foldAll(log)
        const same = foldAll(log.map(e => ({ ...e, when: e.at }))).state
        expect(toSnapshot(same)).toEqual(toSnapshot(state))
      }),
      { numRuns: 60 },
    ))
})
