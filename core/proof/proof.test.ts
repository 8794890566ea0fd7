import { describe, expect, it } from 'vitest'
import { switchOver, goBackTo, prove } from '../acts/proof.ts'
import { settleRest, turnAnew } from '../acts/refit.ts'
import type { Act } from '../acts/act.ts'
import { entriesOf } from '../log/entry.ts'
import { fold, foldAll } from '../log/fold.ts'
import { refusalWords } from '../log/refusals.ts'
import type { JobState } from '../log/state.ts'
import type { Family } from '../machine/families.ts'
import { traitsOf } from '../moves/registry.ts'
import { planReturn } from '../plan/plan.ts'
import { parseLine } from '../quick-line/parse.ts'
import { event, id } from '../test/arbitrary-log.ts'
import { machineState } from '../test/generated-machine.ts'
import { text } from '../words/language.ts'
import { list } from '../words/phrase.ts'
import { leadsBack } from './leads-back.ts'
import { workOf } from './opened.ts'
import { beforeCover, proofOf, unproved, type Proof } from './proof.ts'
import { plugTold } from '../laws/mains.ts'
import { isPowered } from './trial.ts'
import { twelveJobs, type MadeUpJob } from './twelve-jobs.test-data.ts'

/** A job that goes on: every act is folded at its own minute, after what was before. */
function going(from: JobState, minute: number) {
  let state = from
  return {
    get state() {
      return state
    },
    does(act: Act) {
      if (!act.ok) throw new Error(refusalWords(act.refusal))
      for (const { kind, body } of act.events) {
        const folded = fold(state, event(kind, body, (minute += 60)))
        if (!folded.ok) throw new Error(refusalWords(folded.refusal))
        state = folded.state
      }
    },
  }
}

function descent({ family, lines }: Pick<MadeUpJob, 'family' | 'lines'>): JobState {
  let n = 0
  const log = lines.map(([zone, line], i) => {
    const { moves } = parseLine(line, {
      family,
      around: { posture: 'upright', isolated: [] },
      id: () => id((n += 1), 'm'),
    })
    expect(moves.length, line).toBeGreaterThan(0)
    return event('step-recorded', { step: { id: id(i + 1, 's'), zone, photos: [], marks: [], moves } }, (i + 1) * 60)
  })
  const opened = event('job-opened', { unit: id(1, 'u'), family, complaint: 'made up', plate: 'XX' }, 0)
  const { state, refused } = foldAll([opened, ...log])
  expect(refused).toEqual([])
  return state
}
/** The job with all back but what was off from step `off` on, and what isolates it. */
function asAsked(job: MadeUpJob): JobState {
  const on = going(descent(job), 10_000)
  for (const r of planReturn(on.state, job.family).steps) {
    const isolation = r.moves.some(({ move }) => traitsOf(move).restores)
    if (job.off !== undefined && (r.number <= job.off || isolation)) continue
    for (const debt of r.debts) on.does(settleRest(on.state, r, debt))
  }
  return on.state
}
const proofFor = (state: JobState, family: Family): Proof => proofOf(state, family, planReturn(state, family))

/** What a proof asks, as rows of a table. */
function rowsOf(state: JobState, family: Family): string[] {
  const proof = proofFor(state, family)
  const { steps } = planReturn(state, family)
  const nameOf = (step: string) =>
    text(list(steps.find(r => r.step.id === step)!.moves.map(({ move }) => traitsOf(move).part ?? move.kind)))
  return proof.entries.map((e, i) => {
    const off = e.lanes.off.map(nameOf).join(', ')
    const stands = `water ${e.lanes.water ? 'on' : 'off'} | power ${e.lanes.power ? 'ON' : 'off'} | ${off ? `${off} off` : 'all covers on'}`
    const what =
      e.does === 'try'
        ? `${text(e.trial.say)}${e.trial.because.length ? ` (steps ${[...new Set(e.trial.because.map(o => o.number))].join(', ')})` : ''}`
        : e.does === 'switch'
          ? `**${e.what === 'water' ? 'Water on' : e.on ? 'Plug in' : 'Plug out'}**`
          : `**Fit ${e.steps.map(nameOf).join(', ')}**`
    return `| ${i + 1} | ${what} | ${stands} |`
  })
}

describe('the proof of twelve made-up jobs', () => {
  it('is what docs/proof-of-twelve-jobs.md says', async () => {
    const tables = twelveJobs.map(job => {
      const state = asAsked(job)
      const opened = job.lines.map(([zone, line], i) => `${i + 1} ${zone}: ${line}`).join(' · ')
      return [
        `## ${job.name}`,
        '',
        `Opened: ${opened}.`,
        '',
        '| | what is asked | water | power | covers |',
        '| --- | --- | --- | --- | --- |',
        ...rowsOf(state, job.family),
      ].join('\n')
    })
    const head =
      '# The proof of twelve made-up jobs\n\nWhat each job opened, and what its proof asks, in which order, with which cover off. Written by the test of the core.'
    await expect(`${[head, ...tables].join('\n\n')}\n`).toMatchFileSnapshot('../../docs/proof-of-twelve-jobs.md')
  })
})

let turned = 9000
/** Does the next thing that a proof asks, well. */
function doNext(on: ReturnType<typeof going>, family: Family): boolean {
  const plan = planReturn(on.state, family)
  const next = proofOf(on.state, family, plan).entries.find(
    e => e.does !== 'try' || (e.result?.body.result ?? 'failed') === 'failed',
  )
  if (!next) return false
  if (next.does === 'try') on.does(prove(on.state, { trial: next.trial.id, result: 'passed' }))
  else if (next.does === 'switch') on.does(switchOver(on.state, plan, next))
  else
    for (const step of next.steps) {
      const r = plan.steps.find(x => x.step.id === step)!
      if (r.turn && r.debts.length === 0) on.does(turnAnew(on.state, r.turn, id(turned, 's'), id((turned += 1), 'm')))
      for (const debt of r.debts) on.does(settleRest(on.state, r, debt))
    }
  return true
}
function proveAll(on: ReturnType<typeof going>, family: Family): number {
  let n = 0
  while (n < 120 && doNext(on, family)) n += 1
  return n
}
/** No trial finds water or power otherwise than its stage asks, and power is never on with a cover off. */
function isSafe(proof: Proof): void {
  let powered = false
  const ahead = proof.entries.filter(e => e.does !== 'try' || !e.result)
  for (const { lanes, ...e } of ahead) {
    if (lanes.power) expect(lanes.off).toEqual([])
    // What is fitted under power is the machine to its wall alone.
    if (e.does === 'fit' && lanes.power) expect(ahead.at(-1)).toMatchObject({ does: 'fit', steps: e.steps })
    if (e.does !== 'try') continue
    expect(lanes.power, e.trial.id).toBe(isPowered(e.trial.stage) || e.trial.stage === 'after' ? lanes.power : false)
    if (isPowered(e.trial.stage)) {
      expect(lanes.power).toBe(true)
      powered = true
    }
    if (e.trial.stage === 'water') {
      expect(powered, 'water is proved before power').toBe(false)
      expect(lanes.water).toBe(true)
    }
  }
}
const opened = (state: JobState, family: Family) => {
  const { joints, circuits, unknown, turns, hangs } = workOf(state, family)
  return [...joints, ...[...circuits.values()].flat(), ...unknown, ...turns, ...hangs]
}

describe('a proof', () => {
  it('of machines of any shape, asked at any moment: proves all that was open, in a safe order, and comes to its end', () => {
    for (let seed = 1; seed <= 60; seed++) {
      const family = 'front-loader'
      const on = going(machineState(seed, 12 + (seed % 30)), 100_000)
      const { steps } = planReturn(on.state, family)
      for (const r of steps.slice(0, (seed * 7) % (steps.length + 1)))
        for (const debt of r.debts) if (on.state.owing.has(debt.id)) on.does(settleRest(on.state, r, debt))
      const proof = proofFor(on.state, family)
      const proved = new Set(proof.trials.flatMap(t => t.because.map(o => o.move.id)))
      for (const o of opened(on.state, family)) expect(proved, text(o.thing)).toContain(o.move.id)
      isSafe(proof)
      expect(proveAll(on, family)).toBeLessThan(120)
      expect(unproved(proofFor(on.state, family))).toEqual([])
      expect(on.state.owing.size).toBe(0)
    }
  })
  it('of the twelve jobs is safe at every step of the way, and ends with nothing owed', () => {
    for (const job of twelveJobs) {
      const on = going(asAsked(job), 100_000)
      for (let n = 0; n < 60; n++) {
        isSafe(proofFor(on.state, job.family))
        if (!doNext(on, job.family)) break
      }
      expect(on.state.owing.size, job.name).toBe(0)
      expect(unproved(proofFor(on.state, job.family))).toEqual([])
    }
  })
  const pump = twelveJobs[0]!
  const trialAt = (state: JobState, trial: string) => proofFor(state, 'front-loader').trials.find(t => t.id === trial)!

  it('asks again for what was opened again, and for nothing else of what was proved', () => {
    const on = going(asAsked(pump), 100_000)
    proveAll(on, 'front-loader')
    const plan = planReturn(on.state, 'front-loader')
    const hose = workOf(on.state, 'front-loader').joints.find(j => text(j.name) === 'sump hose')!
    const all = proofFor(on.state, 'front-loader').trials
    on.does(
      goBackTo(
        plan,
        { ...hose, move: hose.move.id, step: hose.step.id, opens: [], likelihood: 1, why: [], minutes: 1 },
        'it dripped',
      ),
    )
    expect(on.state.phase.name).toBe('return')
    expect(on.state.owing.size).toBe(1)
    const again = new Set(unproved(proofFor(on.state, 'front-loader')).map(t => t.id))
    expect(again).toEqual(new Set(all.filter(t => t.because.some(o => o.step.id === hose.step.id)).map(t => t.id)))
    expect(again).toContain('look standing: base')
    expect(again).not.toContain('earth')
    proveAll(on, 'front-loader')
    expect(on.state.owing.size).toBe(0)
  })
  it('leads back: the joint that drips first, openings once, what was not touched kept in mind', () => {
    const on = going(asAsked(pump), 100_000)
    const work = workOf(on.state, 'front-loader')
    const hose = work.joints.find(j => text(j.name) === 'sump hose')!
    const plan = () => planReturn(on.state, 'front-loader')
    const look = trialAt(on.state, 'look standing: base')
    const whileOff = leadsBack(on.state, 'front-loader', plan(), look, work, hose.move.id)
    expect(whileOff.suspects[0]).toMatchObject({ move: hose.move.id, opens: [] })
    proveAll(on, 'front-loader')
    const closed = leadsBack(on.state, 'front-loader', plan(), look, workOf(on.state, 'front-loader'), hose.move.id)
    const first = closed.suspects[0]!
    expect(first.move).toBe(hose.move.id)
    expect(first.opens).toHaveLength(1)
    expect(closed.minutes).toBeGreaterThan(whileOff.minutes)
    const total = closed.suspects.reduce((n, s) => n + s.likelihood, closed.elsewhere)
    expect(total).toBeCloseTo(1, 9)
    on.does(goBackTo(plan(), first, 'it dripped'))
    // The cover, its screws and the hose are off again.
    expect(on.state.owing.size).toBe(3)
  })
  it('waits with a cover for what is behind it, and says which', () => {
    const state = asAsked(pump)
    const proof = proofFor(state, 'front-loader')
    expect(proof.waiting.map(w => [w.step, [...w.guards.keys()]])).toEqual([[id(5, 's'), ['live', 'spins']]])
    expect(beforeCover(proof, id(5, 's')).map(t => t.id)).toEqual(['dry the joints', 'look standing: base'])
  })
  it('a result that says that it failed, or was not done, says what was seen or why', () => {
    const state = asAsked(pump)
    const told = (body: object) => fold(state, event('proof-done', body, 200_000))
    expect(told({ trial: 'earth', result: 'passed' }).ok).toBe(true)
    const on = going(state, 200_000)
    on.does(prove(on.state, { trial: 'earth', result: 'not done', seen: 'the customer has it measured' }))
    expect(unproved(proofFor(on.state, 'front-loader')).map(t => t.id)).not.toContain('earth')
    on.does(prove(on.state, { trial: 'earth', result: 'failed', seen: '1.2 ohm' }))
    expect(unproved(proofFor(on.state, 'front-loader')).map(t => t.id)).toContain('earth')
  })
  it('knows that the plug was pulled again', () => {
    const on = going(asAsked(twelveJobs[5]!), 100_000)
    expect(proofFor(on.state, 'front-loader').now.power).toBe(true)
    expect(doNext(on, 'front-loader')).toBe(true)
    expect(entriesOf(on.state, 'proof-done').at(-1)!.body.trial).toBe(plugTold.out)
    expect(proofFor(on.state, 'front-loader').now.power).toBe(false)
  })
})

describe('the words of a proof', () => {
  const all = (['front-loader', 'top-loader'] as const).flatMap(family =>
    [...twelveJobs, ...twelveJobs.map(j => ({ ...j, family }))]
      .filter(j => j.family === family)
      .flatMap(job => proofFor(asAsked({ ...job, off: undefined as never }), family).trials),
  )
  const worded = all.map(t => ({ stage: t.stage, words: [t.say, t.sure, t.fails].map(p => text(p)).join(' ') }))
  it('never tell of passing an interlock by', () => {
    for (const { words } of worded)
      expect(words).not.toMatch(
        /by-?pass|bridge|jumper|defeat|overrid|fool|magnet|short(ed|ing)? out|tape|wedge|hold .*(switch|lock|latch)/i,
      )
  })
  it('never ask for a hand where something may spin or be live', () => {
    for (const { stage, words } of worded) {
      if (!isPowered(stage)) continue
      const rest = words.replace(/hands (away|out)|keep your hands out|pull at the door handle|Pour/gi, '')
      expect(rest).not.toMatch(/\b(hand|hands|finger|fingers|reach|touch|feel|hold|grip|grab|put|probe)\b/i)
    }
  })
})
