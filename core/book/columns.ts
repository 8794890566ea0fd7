import { align } from './align.ts'
import type { Recording } from './recording.ts'
import { signatureOf, type Signature } from './signature.ts'

/** Where an act stands: its recording, and its place there. */
export interface Told {
  job: string
  at: number
}
/** One act of the book: all the acts of recordings that are this one. */
export interface Column {
  told: readonly Told[]
}
/** Recordings of one model laid side by side: the acts that they have in common and those that they have not, in the order of most of them. */
export interface Laid {
  recordings: readonly Recording[]
  columns: readonly Column[]
}
/** No recording yet. */
export const nothingLaid: Laid = { recordings: [], columns: [] }

/** So many different tellings of an act are looked at. */
const most = 4

/** What tells two signatures apart at a glance. */
const spelt = (s: Signature) =>
  `${s.kind} ${s.zone} ${s.count} ${s.things.map(t => t.text).join()} ${[...s.known].join()}`

/** The different ways in which an act was told, the commonest first. */
function tellings(column: Column, byJob: ReadonlyMap<string, Recording>): Signature[] {
  const by = new Map<string, { s: Signature; n: number }>()
  for (const { job, at } of column.told) {
    const { doings, family } = byJob.get(job)!
    const s = signatureOf(doings[at]!, family)
    const one = by.get(spelt(s)) ?? { s, n: 0 }
    by.set(spelt(s), { s, n: one.n + 1 })
  }
  return [...by.values()]
    .sort((a, b) => b.n - a.n)
    .slice(0, most)
    .map(({ s }) => s)
}

/** The recordings with one more laid beside them. The rest is not laid anew. */
export function withRecording(laid: Laid, recording: Recording): Laid {
  if (laid.recordings.some(r => r.job === recording.job)) return withRecording(without(laid, recording.job), recording)
  const byJob = new Map(laid.recordings.map(r => [r.job, r]))
  const known = laid.columns.map(c => tellings(c, byJob))
  const own = recording.doings.map(d => signatureOf(d, recording.family))
  const pairs = align(own, known)
  const columns = laid.columns.map((c, j): Column => {
    const more = pairs.filter(([, k]) => k === j).map(([at]) => ({ job: recording.job, at }))
    return more.length ? { told: [...c.told, ...more] } : c
  })
  // What nobody told before goes after what it followed here.
  const after = new Map<number, Column[]>()
  const isKnown = new Map(pairs)
  let last = -1
  for (const at of recording.doings.keys()) {
    const j = isKnown.get(at)
    if (j !== undefined) last = j
    else after.set(last, [...(after.get(last) ?? []), { told: [{ job: recording.job, at }] }])
  }
  const all = [...(after.get(-1) ?? []), ...columns.flatMap((c, j) => [c, ...(after.get(j) ?? [])])]
  return { recordings: [...laid.recordings, recording], columns: inMostOrder(all) }
}

/** The recordings without one of them, with all that only it told. */
export function without(laid: Laid, job: string): Laid {
  const columns = laid.columns.flatMap((c): Column[] => {
    const told = c.told.filter(t => t.job !== job)
    return told.length ? [{ told }] : []
  })
  return { recordings: laid.recordings.filter(r => r.job !== job), columns: inMostOrder(columns) }
}

/** Columns, each put before those that most recordings tell after it: a local optimum of the order that contradicts the fewest (Kemeny 1959). */
function inMostOrder(columns: readonly Column[]): Column[] {
  const firsts = columns.map(c => {
    const at = new Map<string, number>()
    for (const t of c.told) at.set(t.job, Math.min(at.get(t.job) ?? Infinity, t.at))
    return at
  })
  const before = (a: number, b: number): number => {
    let balance = 0
    for (const [job, at] of firsts[a]!) {
      const other = firsts[b]!.get(job)
      if (other !== undefined) balance += at < other ? 1 : at > other ? -1 : 0
    }
    return balance
  }
  const order: number[] = []
  for (const c of columns.keys()) {
    let [best, to, sum] = [0, order.length, 0]
    for (let k = order.length - 1; k >= 0 && k >= order.length - reach; k--) {
      sum += before(c, order[k]!)
      if (sum > best) [best, to] = [sum, k]
    }
    order.splice(to, 0, c)
  }
  return order.map(c => columns[c]!)
}
/** So far back an act is moved at once. */
const reach = 40
