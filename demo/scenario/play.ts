import { passGate, prove, recordStep, settle, switchOver, type Act } from '@dialytica/core/acts'
import {
  blank,
  fold,
  owedCount,
  refusalWords,
  type EventName,
  type JobEvent,
  type JobState,
  type Mark,
  type Photo,
  type Step,
} from '@dialytica/core/log'
import { glyphOf, type Move } from '@dialytica/core/moves'
import { gates, mirror, planReturn } from '@dialytica/core/plan'
import { proofOf } from '@dialytica/core/proof'
import { toldOf } from '@dialytica/core/safe'
import { english } from '@dialytica/core/words'
import { dice, poseOf, standOf } from '../camera/light.ts'
import { find, shoot } from '../camera/scene.ts'
import { benchScene } from '../scenes/bench.ts'
import { sceneOf } from '../scenes/index.ts'
import { settledHow, type ToldJob, type ToldStep } from './script.ts'

/** A stream of UUIDs that follows from a name, so that the demo is the same wherever it is loaded. */
export function uuids(name: string): () => string {
  const next = dice([...name].reduce((h, c) => Math.imul(h ^ c.charCodeAt(0), 16777619), 2166136261))
  const hex = (n: number) => Array.from({ length: n }, () => Math.floor(next() * 16).toString(16)).join('')
  return () => `${hex(8)}-${hex(4)}-4${hex(3)}-8${hex(3)}-${hex(12)}`
}

/** Develops a picture drawn by the camera, and says by which hash it is kept. */
export type Take = (svg: string, takenAt: string) => Promise<Photo>

export interface Cast {
  job: string
  unit: string
  actor: string
  now: Date
}

const seedOf = (name: string, i: number) => [...name].reduce((h, c) => h + c.charCodeAt(0), 0) * 31 + i * 17

/** Marks of a move on a photo: a point for each thing, a path for a line. */
function marksOf(told: ToldStep, moves: Move[], job: ToldJob, photo: Photo, seed: number, id: () => string): Mark[] {
  const scene = sceneOf(job.family, told.zone)
  return told.acts.flatMap(({ things }, i) =>
    things.flatMap(thing => {
      const path = find(scene, thing, seed)
      const move = moves[i]!
      return path.length ? [{ id: id(), photo: photo.hash, move: move.id, glyph: glyphOf(move), path }] : []
    }),
  )
}

/** The log of a job as told: every step with its photo as it was before the act, its marks, and what came after. */
export async function play(job: ToldJob, { job: jobId, unit, actor, now }: Cast, take: Take): Promise<JobEvent[]> {
  const id = uuids(job.name)
  let clock = now.getTime() - job.daysAgo * 86_400_000
  const log: JobEvent[] = []
  let state: JobState = blank
  const say = (kind: EventName, body: object, minutes: number) => {
    clock += minutes * 60_000
    const event = {
      id: id(),
      job: jobId,
      kind,
      at: new Date(clock).toISOString(),
      actor,
      device: 'demo',
      body,
    } as JobEvent
    const folded = fold(state, event)
    if (!folded.ok) throw new Error(`${job.name}: ${refusalWords(folded.refusal)}`)
    state = folded.state
    log.push(event)
  }

  const does = (act: Act, minutes: number) => {
    if (!act.ok) throw new Error(`${job.name}: ${refusalWords(act.refusal)}`)
    for (const { kind, body } of act.events) say(kind, body, minutes)
  }

  say('job-opened', { unit, family: job.family, complaint: job.complaint, plate: job.plate }, 0)
  const { ticks = [], ...told } = job.intake ?? {}
  if (Object.keys(told).length) say('intake-told', told, 1)
  for (const { what, how, zone } of job.before ?? []) {
    const photo = await take(
      shoot(sceneOf(job.family, zone), { away: new Set(), seed: seedOf(what, 0) }, 1280),
      new Date(clock).toISOString(),
    )
    say('found-before', { what, how, zone, photos: [photo] }, 1)
  }
  for (const act of ticks) say('check-done', { check: toldOf(act), passed: true }, 0.5)
  for (const ritual of job.rituals ?? []) say('ritual-kept', ritual, 0.2)
  if (job.phase === 'intake') return log
  say('phase-changed', { phase: 'descent' }, 3)
  /** The move with which the part of a step came off. */
  const cameOffWith = (number: number) => state.steps.get(state.order.get(number - 1)!)!.moves[0]!.id
  const away = new Map<string, Set<string>>()
  for (const [i, told] of job.steps.entries()) {
    const scene = told.of ? benchScene(job.name, false) : sceneOf(job.family, told.zone)
    const gone = away.get(scene.id) ?? new Set<string>()
    away.set(scene.id, gone)
    const seed = seedOf(job.name, i)
    const taken = await take(shoot(scene, { away: gone, seed }, 1280), new Date(clock + 60_000).toISOString())
    const photo: Photo = { ...taken, stand: { place: scene.id, map: standOf(poseOf(seed)) } }
    const moves = told.acts.map(({ move }) => ({ id: id(), way: 'down', ...move }) as Move)
    const step: Step = {
      id: id(),
      zone: told.zone,
      ...(told.posture && { posture: told.posture }),
      ...(told.of && { of: cameOffWith(told.of) }),
      photos: [photo],
      marks: marksOf(told, moves, job, photo, seed, id),
      moves,
    }
    does(recordStep(state, step), 1.5)
    if (told.note) say('note-added', { text: told.note, step: step.id }, 0.2)
    for (const { things } of told.acts) things.forEach(t => gone.add(t))
  }

  const numbered = (n: number) => state.order.get(n - 1)!
  for (const { first, then, why } of job.orders ?? [])
    say('constraint-added', { first: numbered(first), then: numbered(then), reason: why }, 0.3)

  if (job.phase === 'descent') return log
  say(
    'phase-changed',
    {
      phase: 'bench',
      ...(job.waitsFor && { waitsFor: job.waitsFor }),
      ...job.waitsFrom,
      ...(job.dueInDays && { due: new Date(now.getTime() + job.dueInDays * 86_400_000).toISOString() }),
    },
    2,
  )
  for (const { kind, body, about } of job.bench ?? [])
    say(kind, { ...body, ...(about && { move: cameOffWith(about) }) }, kind === 'point-compared' ? 0.3 : 4)
  if (job.phase === 'bench') return log

  say('phase-changed', { phase: 'return' }, 20)
  const plan = mirror(state)
  const closing = new Map(gates(job.family, plan).map(g => [g.step, g]))
  for (const r of plan.slice(0, job.back === 'all' ? plan.length : job.back)) {
    const gate = closing.get(r.step.id)
    if (gate) does(passGate({ ...gate, behind: [] }, gate.counts), 0.3)
    for (const debt of r.debts) {
      const marks = r.step.marks.filter(m => m.move === debt.move).map(m => m.id)
      const how = settledHow(job, debt.item, english(debt.label))
      const count = owedCount(debt)
      does(settle(state, debt, how, count, marks.length === count ? marks : []), 0.8)
    }
  }
  if (job.phase === 'return') return log
  say('phase-changed', { phase: 'proof' }, 2)
  for (let left = job.proved === 'all' ? 60 : (job.proved ?? 0); left > 0; left--) {
    const planned = planReturn(state, job.family)
    const next = proofOf(state, job.family, planned).entries.find(e => e.does !== 'try' || !e.result)
    if (!next) break
    if (next.does === 'try') {
      const { id: trial, reads, stage } = next.trial
      if (reads) say('reading-taken', { of: trial, value: reads === 'Ω' ? 0.08 : 210, unit: reads }, 0.4)
      does(prove(state, { trial, result: 'passed' }), stage === 'load' ? 35 : 1.5)
    } else if (next.does === 'switch') does(switchOver(state, planned, next), 0.5)
    else
      for (const r of planned.steps.filter(s => next.steps.includes(s.step.id)))
        for (const debt of r.debts) if (owedCount(debt)) does(settle(state, debt, undefined, owedCount(debt)), 0.5)
  }
  if (job.leftOver) say('leftover-reported', job.leftOver, 1)
  if (job.phase === 'proof') return log
  say('job-closed', { clean: true, note: 'Handed over; customer told to run it empty once' }, 3)
  return log
}
