import { median, quantile } from 'd3-array'
import { knownAt, partNamed } from '../assembly/named.ts'
import type { Family } from '../machine/families.ts'
import { toolsFor } from '../moves/move.ts'
import { fieldsOf, read } from '../moves/fields-of.ts'
import { traitsOf, type Move } from '../moves/registry.ts'
import type { Phrase } from '../words/phrase.ts'
import type { Column, Laid } from './columns.ts'
import type { Doing } from './doings.ts'
import { saidOnce, type Lesson } from './lessons.ts'
import type { Recording } from './recording.ts'
import { asLeft, called, ofActs, sisterOf, standing, type HandWord, type OfAct } from './hand.ts'
import { countOf } from './signature.ts'
import { doneSo, type DoneSo } from './needs.ts'
import { saidOfMachine } from './said-of-machine.ts'
import { splitOf, type Split } from './varies.ts'

/** Minutes over several jobs: the middle one, and between which a half of them lies. */
export interface Minutes {
  median: number
  low: number
  high: number
  of: number
}
/** A field in which the machines of one model differ: which value in which jobs, and by what where that can be told. */
export interface Varies {
  field: string
  values: readonly { value: string; jobs: readonly string[] }[]
  split: Split | null
}
/** What was learnt at an act, with the job that it comes from. */
export interface LessonTold {
  kind: Lesson['kind']
  when: Lesson['when']
  says: Phrase
  job: string
}
/** One act of the book: as most told it, in how many of the jobs that came this far, and what is known of it from all of them. */
export interface BookAct {
  /** Its first telling, by job and move: stays while the book grows. */
  id: string
  move: Move
  zone: string | undefined
  jobs: readonly string[]
  /** So many jobs did something in this zone: the support is that of those. */
  of: number
  minutes: Minutes | null
  photo: { job: string; hash: string } | null
  /** The other photos that show it, a few, the newest first: one of them can be pinned. */
  photos: readonly { job: string; hash: string }[]
  /** True where a lead said that it is done so in this shop. */
  standard: boolean
  varies: readonly Varies[]
  lessons: readonly LessonTold[]
  /** True where a part is taken apart by it that lies on the bench. */
  bench: boolean
  /** How it was done, the commonest first: how the machine stood, and what came before it then. */
  done: readonly DoneSo[]
  tools: readonly string[]
}
/** Acts that are mostly recorded as one step. */
export interface BookStep {
  acts: readonly BookAct[]
}
/** A way in: the covers that came off, in their order, and in which jobs. */
export interface WayIn {
  covers: readonly string[]
  jobs: readonly string[]
}
/** The book of a model: what its recordings say together. */
export interface Book {
  recordings: readonly { job: string; serial: string; made: number | undefined; at: string; by: string }[]
  steps: readonly BookStep[]
  ways: readonly WayIn[]
  minutes: Minutes | null
  /** The model that leads said is much like this one: a first job of this model starts from its book. */
  sister: string | null
}

interface At {
  recording: Recording
  doing: Doing
}
const spread = (all: readonly number[]): Minutes | null =>
  all.length ? { median: median(all)!, low: quantile(all, 0.25)!, high: quantile(all, 0.75)!, of: all.length } : null

/** So many other photos of an act are told. */
const morePhotos = 6

function variesOf(all: readonly At[]): Varies[] {
  const fields = new Map<string, { job: string; value: string; serial: string; made: number | undefined }[]>()
  // What was told in two goes says nothing of how many there are.
  const whole = all.filter(a => all.filter(b => b.recording === a.recording).length === 1)
  for (const { recording, doing } of whole)
    for (const [field, value] of saidOfMachine(doing.move)) {
      const { job, serial, made } = recording
      fields.set(field, [...(fields.get(field) ?? []), { job, value, serial, made }])
    }
  return [...fields].flatMap(([field, found]): Varies[] => {
    const values = [...new Set(found.map(f => f.value))]
      .map(value => ({ value, jobs: found.filter(f => f.value === value).map(f => f.job) }))
      .sort((a, b) => b.jobs.length - a.jobs.length)
    return values.length > 1 ? [{ field, values, split: splitOf(found) }] : []
  })
}

/** The telling that says most of what most say: of those with the commonest count, the one with the most fields. */
function bestTold(all: readonly At[]): At {
  const counts = new Map<string, number>()
  const key = (a: At) => `${a.doing.move.kind} ${countOf(a.doing.move)}`
  for (const a of all) counts.set(key(a), (counts.get(key(a)) ?? 0) + 1)
  const fields = (a: At) => fieldsOf[a.doing.move.kind].filter(l => read(a.doing.move, l) !== undefined).length
  return [...all].sort((a, b) => counts.get(key(b))! - counts.get(key(a))! || fields(b) - fields(a))[0]!
}

/** A move as it is on any machine of the model: how a thing was found, what was noted and where it lay stays with the one that told it. */
function asUsual(move: Move): Move {
  const of = Object.entries(move).filter(([field]) => !['condition', 'note', 'cell'].includes(field))
  const usual = Object.fromEntries(of) as Move
  return 'part' in usual ? ({ ...usual, part: { ...usual.part, lies: undefined } } as Move) : usual
}

function actOf(
  column: Column,
  byJob: ReadonlyMap<string, Recording>,
  inZone: (zone: string | undefined) => number,
  id: string,
  done: readonly DoneSo[],
  said: OfAct,
): BookAct {
  const all = column.told.map(({ job, at }): At => {
    const recording = byJob.get(job)!
    return { recording, doing: recording.doings[at]! }
  })
  const best = bestTold(all)
  const moves = new Set(all.map(a => a.doing.move.id))
  const told = [...new Set(all.map(a => a.recording))].flatMap(r =>
    r.lessons
      .filter(l => l.at.some(id => moves.has(id)))
      .map(({ kind, when, says }): LessonTold => ({ kind, when, says, job: r.job })),
  )
  const jobs = [...new Set(all.map(a => a.recording.job))]
  const pictured = [best, ...all.toReversed()].flatMap(a =>
    a.doing.photo ? [{ job: a.recording.job, hash: a.doing.photo }] : [],
  )
  const photo = said.photo ?? pictured[0] ?? null
  const others = [...new Map(pictured.map(p => [p.hash, p])).values()].filter(p => p.hash !== photo?.hash)
  const traps = said.traps.map((says): LessonTold => ({ kind: 'trap', when: 'both', says, job: best.recording.job }))
  return {
    id,
    move: called(asUsual(best.doing.move), said.name),
    zone: best.doing.zone,
    jobs,
    of: Math.max(jobs.length, inZone(best.doing.zone)),
    minutes: spread(all.flatMap(a => a.doing.minutes ?? [])),
    photo,
    photos: others.slice(0, morePhotos),
    standard: said.standard,
    varies: variesOf(all),
    lessons: saidOnce([...traps, ...told]),
    bench: best.doing.bench ?? false,
    done,
    tools: [...new Set(all.flatMap(a => toolsFor(a.doing.move)))],
  }
}

/** True where most of the jobs that have both recorded them as one step. */
function inOneStep(a: Column, b: Column, byJob: ReadonlyMap<string, Recording>): boolean {
  const stepOf = (c: Column) => new Map(c.told.map(t => [t.job, byJob.get(t.job)!.doings[t.at]!.step]))
  const [one, other] = [stepOf(a), stepOf(b)]
  const both = [...one].filter(([job]) => other.has(job))
  return both.length > 0 && both.filter(([job, step]) => other.get(job) === step).length * 2 > both.length
}

/** The covers that a recording took off, by their usual names, in their order. */
const coversOf = ({ doings, family }: Recording): string[] => [
  ...new Set(doings.flatMap(({ move, zone }) => (traitsOf(move).opens?.length ? [coverName(move, family, zone)] : []))),
]
const coverName = (move: Move, family: Family, zone: string | undefined): string =>
  'part' in move
    ? (partNamed(move.part, family, zone).known?.name ?? move.part.name)
    : (knownAt(move, family, zone)[0] ?? move.kind)

/** The book of recordings that were laid side by side, as leads left it by their words. O(acts). */
export function bookOf(all: Laid, words: readonly HandWord[] = []): Book {
  const said = standing(words)
  const laid = asLeft(all, said)
  const saidOf = ofActs(all, said)
  const { recordings, columns } = laid
  const byJob = new Map(recordings.map(r => [r.job, r]))
  const zones = new Map<string | undefined, number>()
  for (const r of recordings) for (const z of new Set(r.doings.map(d => d.zone))) zones.set(z, (zones.get(z) ?? 0) + 1)
  const ids = columns.map(({ told: [first] }) => `${first!.job} ${byJob.get(first!.job)!.doings[first!.at]!.move.id}`)
  const done = doneSo(laid, ids)
  const steps: { acts: BookAct[] }[] = []
  for (const [i, column] of columns.entries()) {
    const act = actOf(column, byJob, zone => zones.get(zone) ?? 0, ids[i]!, done[i]!, saidOf(column))
    if (i > 0 && inOneStep(columns[i - 1]!, column, byJob)) steps.at(-1)!.acts.push(act)
    else steps.push({ acts: [act] })
  }
  const ways = new Map<string, WayIn>()
  for (const r of recordings) {
    const covers = coversOf(r)
    const key = covers.toSorted().join()
    const way = ways.get(key)
    ways.set(key, { covers: way?.covers ?? covers, jobs: [...(way?.jobs ?? []), r.job] })
  }
  return {
    recordings: recordings.map(({ job, serial, made, at, by }) => ({ job, serial, made, at, by })),
    steps,
    ways: [...ways.values()].sort((a, b) => b.jobs.length - a.jobs.length),
    minutes: spread(recordings.map(r => r.doings.reduce((sum, d) => sum + (d.minutes ?? 0), 0)).filter(m => m > 0)),
    sister: sisterOf(said),
  }
}
