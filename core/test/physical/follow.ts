import { settleNext, settleRest, turnAnew } from '../../acts/refit.ts'
import { seeTo } from '../../acts/turning.ts'
import { beforeTurn } from '../../laws/turning.ts'
import { owedCount } from '../../log/state.ts'
import { gates } from '../../plan/gates.ts'
import type { ReturnStep } from '../../plan/mirror.ts'
import { planReturn } from '../../plan/plan.ts'
import { id } from '../arbitrary-log.ts'
import type { Dice } from '../dice.ts'
import { Repair, type Trouble } from './repair.ts'
import type { Story } from './story.ts'

/** A step of the return is done whole, as the pedal does it. `n` numbers what is new. */
export function doStep(on: Repair, r: ReturnStep, n: number): void {
  if (r.turn && r.debts.length === 0) on.act(turnAnew(on.state, r.turn, id(n, 's'), id(n, 'm')))
  else if (r.turn) on.act(settleNext(on.state, r))
  else
    for (const debt of r.debts) if (owedCount(debt) > 0) on.act(settleRest(on.state, r, on.state.debts.get(debt.id)!))
  if (r.turn) on.metal.posture = r.turn.to
}

/** Writes a story down and follows the return that the core proposes, heeding all that it says; returns what it did not say. */
export function follow(story: Story, d: Dice, outOfOrder: number): Trouble[] {
  const { family } = story.body
  const on = new Repair(story)
  const { metal, found } = on
  for (let round = 0; on.state.owing.size > 0; round++) {
    if (round > 400) return [...found, { law: 'stuck', says: 'no end' }]
    const plan = planReturn(on.state, family)
    const owing = [...plan.steps.keys()].filter(i => plan.steps[i]!.owes > 0)
    const at = d.hit(outOfOrder) ? d.pick(owing) : owing[0]
    if (at === undefined) return [...found, { law: 'stuck', says: 'owed, and no step of the plan owes it' }]
    const r = plan.steps[at]!
    const here = gates(family, plan.steps, plan.assembly, on.state).filter(g => g.at === at && !g.closed)
    const needs = r.turn ? beforeTurn(on.state, family, r.turn.to, r.step.id) : []
    const behind = here.flatMap(g => [...g.behind, ...g.doubtful])
    const restores = (what: string) => r.moves.some(m => m.move.kind === 'isolate' && m.move.what === what)
    // Whether the plug was really out or not: it is said to go in now.
    if (restores('power') && metal.dangers().length && behind.length === 0)
      found.push({ law: 'power', says: metal.dangers().join(', ') })
    if (restores('cold water') && metal.wet().length && behind.length === 0)
      found.push({ law: 'water', says: metal.wet().join(', ') })
    const mine = new Set(r.debts.filter(x => owedCount(x) > 0).map(x => x.id))
    const turned = metal.open.flatMap(o => (mine.has(o.debt) && o.done.did === 'turned' ? o.done.from : []))
    const to = r.turn?.to ?? turned[0]
    if (to !== undefined && to !== metal.posture) on.checkTurn(needs, metal.posture, to)
    // Who is told of something at water or power does that first.
    if (here.some(g => g.brings) && behind.length && owing.some(i => i !== at)) {
      if (at === owing[0]) found.push({ law: 'stuck', says: 'the next step of the plan is one that a law holds back' })
      continue
    }
    for (const need of needs) on.act(seeTo(r.step.id, need))
    const inReach = new Set(metal.open.filter(o => 'what' in o.done && metal.reaches(o.done.what)).map(o => o.debt))
    doStep(on, r, 9000 + round)
    const named = new Set(behind.map(b => b.id))
    for (const o of metal.open)
      if (inReach.has(o.debt) && 'what' in o.done && !metal.reaches(o.done.what) && !named.has(o.debt))
        found.push({ law: 'gate', says: `${o.done.did} ${o.done.what} is shut in` })
  }
  return found
}
