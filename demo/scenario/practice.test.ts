import { describe, expect, it } from 'vitest'
import { tellJoined, type Act } from '@dialytica/core/acts'
import { fold, foldAll, owedCount, type JobEvent, type JobState } from '@dialytica/core/log'
import { stance } from '@dialytica/core/machine'
import { act, notes } from '@dialytica/core/moves'
import { bestOrder, gates, joinedFirst, planReturn } from '@dialytica/core/plan'
import { takeBack } from '@dialytica/core/test/take-back.ts'
import { event } from '@dialytica/core/test/arbitrary-log.ts'
import { english } from '@dialytica/core/words'
import { gaps } from '@dialytica/core/worth-filling'
import { play, uuids } from './play.ts'
import { practice } from './practice.ts'
import type { ToldJob } from './script.ts'

const id = uuids('practice')
const cast = { job: id(), unit: id(), actor: id(), now: new Date('2026-03-01T12:00:00Z') }
const take = async (_: string, takenAt: string) => ({ hash: 'a'.repeat(64), width: 1280, height: 800, takenAt })
const jobs = new Map<string, { told: ToldJob; log: JobEvent[] }>()
for (const told of practice.jobs) jobs.set(told.name, { told, log: await play(told, cast, take) })

const family = (name: string) => jobs.get(name)!.told.family
const stateOf = (name: string): JobState => {
  const { state, refused } = foldAll(jobs.get(name)!.log)
  expect(refused).toEqual([])
  return state
}
const planOf = (name: string, state = stateOf(name)) => planReturn(state, family(name), on => bestOrder(on))
/** The way back as the numbers of its steps, and where its turns lead; what is done already left out. */
const walk = (name: string, state?: JobState) =>
  planOf(name, state).steps.flatMap((r): (number | string)[] =>
    r.turn ? [r.turn.to] : r.owes > 0 || r.debts.length === 0 ? [r.number] : [],
  )
const inOrder = (state: JobState) => state.order.toArray().flatMap(step => state.steps.get(step)!.moves)
const says = (name: string, n: number) =>
  planOf(name)
    .steps.filter(r => r.number === n && !r.turn)
    .flatMap(r => r.moves.map(m => english(act(m.move))))
const doing = (state: JobState, done: Act): JobState => {
  if (!done.ok) throw new Error('refused')
  return done.events.reduce((s, { kind, body }, i) => {
    const folded = fold(s, event(kind, body, 90_000 + i, 'told'))
    if (!folded.ok) throw new Error('refused')
    return folded.state
  }, state)
}

describe('the practice machines', () => {
  it('a: the heavy unit is held by its eight screws before the machine is stood up once', () => {
    expect(walk('heavy unit from below')).toEqual([8, 4, 3, 'upright', 1])
  })
  it('b: the plate is joined before the basket goes on, as two tiles say, without a contradiction', () => {
    const plan = planOf('plate joined first')
    expect(plan.contradiction).toBeNull()
    expect(plan.arcs.filter(a => a.reason === 'said')).toHaveLength(2)
    expect(walk('plate joined first')).toEqual([7, 'on its front', 3, 'upright', 6, 5, 1])
  })
  it('b: what may be bolted to it on the bench is asked for once, and saves two turns', () => {
    const before = stateOf('plate joined first')
    const plan = planOf('plate joined first', before)
    const asked = joinedFirst(before, plan.assembly, plan.steps[0]!)!
    expect([asked.name, asked.may.length]).toEqual(['plate', 1])
    const joined = doing(before, tellJoined(asked.part, [asked.may[0]!.move]))
    expect(walk('plate joined first', joined)).toEqual([3, 7, 6, 5, 'upright', 1])
    expect(planOf('plate joined first', joined).cost.turns).toBe(0)
    const after = planOf('plate joined first', joined)
    expect(after.steps.every(r => joinedFirst(joined, after.assembly, r) === null)).toBe(true)
    // Nothing is bolted to it: the order stays, and nobody is asked again.
    const nothing = doing(before, tellJoined(asked.part, []))
    expect(walk('plate joined first', nothing)).toEqual(walk('plate joined first'))
    expect(joinedFirst(nothing, planOf('plate joined first', nothing).assembly, plan.steps[0]!)).toBeNull()
  })
  it('c: the ground eyelet is placed before any of the three screws is started', () => {
    expect(walk('ground eyelet')).toEqual([4, 3, 2, 1])
    expect(says('ground eyelet', 2)).toEqual([
      'Rear panel: place the ground eyelet (second screw) first, then start all three T20 × 12 by hand, then tighten.',
    ])
    const step = planOf('ground eyelet').steps.find(r => r.number === 2)!
    expect(step.debts.map(d => english(d.label))[0]).toContain('ground eyelet')
  })
  it('d: the old loom is scrapped, the new one owes nothing but its ties', () => {
    expect(walk('new loom along the old')).toEqual([6, 4, 3, 2, 1])
    const state = stateOf('new loom along the old')
    expect([...state.debts.values()].filter(d => d.settled.scrapped > 0).map(d => english(d.label))).toEqual([
      'old motor loom',
    ])
    expect(says('new loom along the old', 6)).toEqual(['Motor loom: put on three new ties.'])
  })
  it('e: the brushes are exchanged already, each as the old one faced; nothing of them is owed', () => {
    expect(walk('two brushes')).toEqual([7, 6, 5, 4, 3, 2, 1])
    const moves = inOrder(stateOf('two brushes')).filter(m => m.kind === 'exchange')
    expect(moves.map(m => [m.part.name, m.part.orientation])).toEqual([
      ['left brush', 'slope to the left'],
      ['right brush', 'slope to the right'],
    ])
  })
  it('f: the washers go over before the new pump, its plug is said to sit elsewhere, prop and towel are counted out', () => {
    expect(walk('pump with its washers')).toEqual([9, 8, 7, 6, 5, 4, 3, 2, 1])
    const { steps } = planOf('pump with its washers')
    expect(steps[0]!.debts.map(d => english(d.label))).toEqual([
      'two washers, from the old drain pump',
      'new drain pump',
    ])
    expect(notes(steps[0]!.moves[0]!.move).map(n => english(n.says))).toContain(
      'plug to the right, the old one had it left',
    )
    const [gate] = gates('front-loader', steps)
    expect(gate!.counts).toEqual(expect.arrayContaining(['one prop', 'one towel']))
  })
  it('g: the cord goes through its hole before the panel is on', () => {
    expect(walk('lock cord')).toEqual([7, 6, 5, 4, 3, 2, 1])
    expect(planOf('lock cord').arcs).toContainEqual(expect.objectContaining({ reason: 'passes through' }))
  })
  it('h: four groups of one size, none measured, are asked for at once', () => {
    expect(gaps(stateOf('four groups of one size'), 'top-loader').map(g => english(g.ask))).toContain(
      'four groups of 10 mm, none with a length: measure one of each now',
    )
    expect(walk('four groups of one size')).toEqual([6, 5, 4, 3, 'upright', 1])
  })
  it('i: the unit is put together on the bench in its own order, every ball counted', () => {
    expect(walk('unit rebuilt on the bench')).toEqual([8, 7, 6, 5, 4, 3, 2, 1])
    expect(says('unit rebuilt on the bench', 8)).toEqual(['Balance ring: refit all twelve balls.'])
    const { arcs } = planOf('unit rebuilt on the bench')
    expect(arcs.filter(a => a.reason === 'rides on')).toHaveLength(3)
  })
  it('j: no cover was off, so the turn is the gate', () => {
    expect(walk('all from below')).toEqual([8, 7, 6, 5, 'upright', 3, 2, 1])
    const { steps, assembly } = planOf('all from below')
    const all = gates('front-loader', steps, assembly)
    expect(all.map(g => g.turn?.to)).toEqual(['upright'])
    expect(all[0]!.behind).toHaveLength(5)
  })

  it.each([...jobs.keys()])(
    '%s: taken step by step nothing stays behind what is back, and it stands as it stood',
    name => {
      let now = stateOf(name)
      for (let n = 0; now.owing.size > 0; n++) {
        expect(n).toBeLessThan(40)
        const { steps, assembly } = planReturn(now, family(name))
        const at = steps.findIndex(r => r.owes > 0)
        for (const gate of gates(family(name), steps, assembly))
          if (gate.at === at)
            expect(gate.behind.filter(d => d.step !== steps[at]!.step.id && owedCount(d) > 0)).toEqual([])
        now = takeBack(now, steps[at]!, 20_000 + n * 50)
      }
      expect(stance(now).posture).toBe('upright')
    },
  )
})
