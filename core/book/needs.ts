import { groups } from 'd3-array'
import { assemblyOf } from '../assembly/assembly.ts'
import { isWeighty } from '../assembly/catalogue.ts'
import { shutOver } from '../machine/families.ts'
import { traitsOf } from '../moves/registry.ts'
import type { Posture } from '../machine/postures.ts'
import type { Laid, Told } from './columns.ts'
import type { Doing } from './doings.ts'
import type { Recording } from './recording.ts'

/** Why an act waits for another: that opens its place, holds it, lies before it, lets the water out, or was off by then and may have been in the way. */
export const needReasons = ['opens', 'holds', 'covers', 'water', 'off by then'] as const
/** What was done before an act: one of these acts at least, in so many jobs. */
export interface Need {
  why: (typeof needReasons)[number]
  /** Acts of the book, by their ids. */
  acts: readonly string[]
  jobs: number
}

/** How an act was done: how the machine stood, in so many jobs, and what was done before it then. */
export interface DoneSo {
  posture: Posture | null
  jobs: number
  needs: readonly Need[]
}

const opens = ({ move }: Doing): readonly string[] => traitsOf(move).opens ?? []

/** A pair of acts, the later first, with why: in which jobs it was so. */
type Pairs = Map<string, { why: Need['why']; act: number; before: number; jobs: Set<string> }>

/** What one recording says of what must come before what; `wayOf` tells of each of its acts in which way it was done, `columnOf` which act it is. */
function toldBy(
  recording: Recording,
  columnOf: readonly (number | undefined)[],
  wayOf: readonly (number | undefined)[],
  found: Pairs,
): void {
  const { family, doings, job } = recording
  const note = (why: Need['why'], later: number | undefined, earlier: number | undefined) => {
    if (later === undefined || earlier === undefined || columnOf[later] === columnOf[earlier]) return
    const [act, before] = [wayOf[later], columnOf[earlier]]
    if (act === undefined || before === undefined) return
    const key = `${why} ${act} ${before}`
    const pair = found.get(key) ?? { why, act, before, jobs: new Set() }
    pair.jobs.add(job)
    found.set(key, pair)
  }
  const byMove = new Map(doings.map((d, i) => [d.move.id, i]))
  const steps = groups(doings, d => d.step).map(([id, all]) => ({
    id,
    zone: all[0]!.zone,
    moves: all.map(d => d.move),
  }))
  const { parts, liaisons, under } = assemblyOf(steps, family)
  for (const { kind, part, move } of liaisons) {
    const [own, other] = [byMove.get(part.move ?? ''), byMove.get(move)]
    if (kind === 'fastens' || kind === 'runs over') note('holds', own, other)
    else if (kind !== 'rides on') note('covers', other, own)
  }
  for (const { id, moves } of steps)
    for (const over of under.get(id) ?? [])
      for (const part of parts)
        if (part.step === over && isWeighty(part.mass) && part.move)
          for (const m of moves) note('off by then', byMove.get(m.id), byMove.get(part.move))
  doings.forEach((d, i) => {
    const zones = new Set(shutOver(family, d.zone))
    const { wet, drains } = traitsOf(d.move)
    doings.slice(0, i).forEach((b, j) => {
      if (opens(b).some(z => zones.has(z) && !opens(d).includes(z))) note('opens', i, j)
      if (wet && !drains && traitsOf(b.move).drains) note('water', i, j)
    })
  })
}

/**
 * How each act was done, and what had to be done before it then, as most recordings that tell it so have it; `ids` names the acts. Covers that open the
 * same place stand for each other; all else is needed each. O(recordings · acts²).
 */
export function doneSo({ recordings, columns }: Laid, ids: readonly string[]): DoneSo[][] {
  const byJob = new Map(recordings.map(r => [r.job, r]))
  const doingOf = (t: Told) => byJob.get(t.job)!.doings[t.at]!
  const none = (r: Recording) => [r.job, Array<number | undefined>(r.doings.length).fill(undefined)] as const
  const [columnOf, wayOf] = [new Map(recordings.map(none)), new Map(recordings.map(none))]
  const ways = columns.flatMap((column, of) =>
    groups(column.told, t => doingOf(t).posture ?? null)
      .map(([posture, told]) => ({ of, posture, told }))
      .sort((a, b) => b.told.length - a.told.length),
  )
  columns.forEach((c, i) => c.told.forEach(t => (columnOf.get(t.job)![t.at] = i)))
  ways.forEach((w, i) => w.told.forEach(t => (wayOf.get(t.job)![t.at] = i)))
  const found: Pairs = new Map()
  for (const r of recordings) toldBy(r, columnOf.get(r.job)!, wayOf.get(r.job)!, found)
  const tells = columns.map(c => new Set(c.told.map(t => t.job)))
  const jobsOf = ways.map(w => new Set(w.told.map(t => t.job)))
  const needs = ways.map((): Need[] => [])
  const doors = new Map<string, { act: number; acts: Set<string>; jobs: Set<string> }>()
  for (const { why, act, before, jobs } of found.values()) {
    if (why === 'opens') {
      // One group for each place that it opens, of all covers by which anybody got there so.
      const place = opens(doingOf(columns[before]!.told[0]!))
      const at = new Set(ways[act]!.told.flatMap(t => shutOver(byJob.get(t.job)!.family, doingOf(t).zone)))
      for (const zone of at) {
        if (!place.includes(zone)) continue
        const door = doors.get(`${act} ${zone}`) ?? { act, acts: new Set(), jobs: new Set() }
        door.acts.add(ids[before]!)
        jobs.forEach(j => door.jobs.add(j))
        doors.set(`${act} ${zone}`, door)
      }
      continue
    }
    const both = [...jobsOf[act]!].filter(j => tells[before]!.has(j)).length
    const always = why === 'off by then' ? jobs.size === jobsOf[act]!.size : jobs.size * 2 > both
    if (always) needs[act]!.push({ why, acts: [ids[before]!], jobs: jobs.size })
  }
  for (const { act, acts, jobs } of doors.values())
    if (jobs.size * 2 > jobsOf[act]!.size) needs[act]!.push({ why: 'opens', acts: [...acts], jobs: jobs.size })
  return columns.map((_, c) =>
    ways.flatMap(({ of, posture }, i) => (of === c ? [{ posture, jobs: jobsOf[i]!.size, needs: needs[i]! }] : [])),
  )
}
