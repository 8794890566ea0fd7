import {
  acted,
  blank,
  fold,
  foldAll,
  refusalWords,
  waitingOn,
  type JobEvent,
  type JobState,
  type Projection,
} from '@dialytica/core/log'
import { median, type Line } from './line.ts'

const id = (n: number) => `00000000-0000-4000-8000-${n.toString(16).padStart(12, '0')}`
const event = (n: number, kind: string, body: object) =>
  ({
    id: id(n),
    job: id(0),
    kind,
    at: new Date(Date.UTC(2026, 0, 1) + n * 1000).toISOString(),
    actor: id(1),
    device: 'bench',
    body,
  }) as JobEvent
const stepOf = (n: number) => ({
  step: {
    id: id(n + 100_000),
    zone: 'base',
    photos: [],
    marks: [],
    moves: [
      {
        id: id(n + 200_000),
        kind: 'remove-fasteners',
        way: 'down',
        fastener: { size: 'T20', length: 12 },
        count: 4,
        cell: 'A1',
      },
    ],
  },
})

/** A job of so many events: every third one settles something. */
function job(events: number): JobState {
  const log = [event(2, 'job-opened', { unit: id(9), family: 'front-loader', complaint: '', plate: '' })]
  for (let n = 3; log.length < events; n++) {
    const settles = n % 3 === 2
    log.push(
      settles
        ? event(n, 'debt-settled', { debt: id(n - 1 + 200_000), how: 'refitted', count: 1 })
        : event(n, 'step-recorded', stepOf(n)),
    )
  }
  const { state, refused } = foldAll(log)
  if (refused.length) throw new Error(refusalWords(refused[0]!.refusal))
  return state
}

/** A line whose figure, in milliseconds, must not grow with what is there already. */
const flat = (name: string, few: number, many: number, against: string): Line => ({
  name,
  figure: many,
  unit: 'ms',
  against,
  ratio: many / few,
  target: 'under 0.2 ms, ratio under 4',
  holds: many < 0.2 && many / few < 4,
})

/** One event folded into a job of 2,000 events, against the same into one of 20: it must not grow with the log. */
export async function foldOneEvent(): Promise<Line> {
  const each = 500
  const time = async (state: JobState) => {
    const batch = Array.from({ length: each }, (_, i) => event(1_000_000 + i, 'step-recorded', stepOf(1_000_000 + i)))
    const ms = await median(31, () => {
      for (const e of batch) if (!fold(state, e).ok) throw new Error('refused')
    })
    return ms / each
  }
  fold(blank, event(1, 'note-added', { text: '' }))
  const [few, many] = [await time(job(20)), await time(job(2000))]
  return flat('fold-one-event', few, many, 'the same into a job of 20 events')
}

/** One act on a device on which 200 acts wait for a dead server, against the same where one waits: what waits is not folded again. */
export async function actOnPending(): Promise<Line> {
  const open = event(2, 'job-opened', { unit: id(9), family: 'front-loader', complaint: '', plate: '' })
  const waiting = (n: number) =>
    waitingOn([open, ...Array.from({ length: n }, (_, i) => event(3 + i, 'step-recorded', stepOf(3 + i)))])
  const each = 100
  const time = async (on: Projection) =>
    (await median(31, () => {
      for (let i = 0; i < each; i++)
        if (!acted(on, event(1_000_000 + i, 'step-recorded', stepOf(1_000_000 + i))).ok) throw new Error('refused')
    })) / each
  const [few, many] = [await time(waiting(1)), await time(waiting(200))]
  return flat('act-on-pending', few, many, 'the same where one act waits')
}
