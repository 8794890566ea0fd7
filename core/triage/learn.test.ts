import { describe, expect, it } from 'vitest'
import { dice } from '../test/dice.ts'
import { drawFault, otherWorld } from '../test/triage/faults.ts'
import { beliefs, noEvidence } from './belief.ts'
import { fieldOf } from './field.ts'
import { calibration, learnt, type Solved } from './learn.ts'
import type { Table } from './model.ts'
import { table } from './table/table.ts'
import { walk } from './walk.ts'
import { bySchool } from './ways.ts'

const ours = bySchool('test first')

/** A table in which a third of the figures are far from what they were: five times as often or as rarely, or turned into their contrary. */
function wrongInAThird(of: Table, seed: number): Table {
  const d = dice(seed)
  const turned = (all: Readonly<Record<string, number>>) =>
    Object.fromEntries(Object.entries(all).map(([key, p]) => [key, d.hit(1 / 3) ? Math.max(0.05, 1 - p) : p]))
  return {
    ...of,
    causes: of.causes.map(c => ({
      ...c,
      weight: d.hit(1 / 3) ? c.weight * (d.hit(0.5) ? 5 : 0.2) : c.weight,
      shows: turned(c.shows),
    })),
    checks: of.checks.map(k => {
      const tells = turned(k.tells)
      return { ...k, tells: Object.fromEntries(Object.entries(tells).filter(([, p]) => p > k.strays)) }
    }),
  }
}

/** Closed jobs of a shop in a world, gone about by what the shop had learnt so far. */
function worked(known: Table, world: Table, jobs: number, seed: number): Solved[] {
  const solved: Solved[] = []
  for (let i = 0; i < jobs; i++) {
    const fault = drawFault(world, seed + i)
    const field = fieldOf(learnt(known, solved, 'm'), fault.family)
    const { did } = walk(field, { ...noEvidence, told: fault.told }, { open: [], power: true }, ours, fault)
    solved.push({ cause: fault.cause.id, family: fault.family, model: `m${i % 7}`, told: fault.told, did })
  }
  return solved
}
/** How far a table is off on closed jobs: minus the mean logarithm of what it held of the true cause for what was told, in bits. */
function off(known: Table, jobs: readonly Solved[]): number {
  const bits = jobs.map(job => {
    const held = beliefs(fieldOf(known, job.family), { ...noEvidence, told: job.told })
    return -Math.log2(held.find(b => b.cause?.id === job.cause)!.share)
  })
  return bits.reduce((a, b) => a + b, 0) / bits.length
}
/** The mean distance between what was held and what was so. */
function gap(known: Table, jobs: readonly Solved[]): number {
  const groups = calibration(known, jobs)
  const all = groups.reduce((sum, g) => sum + g.times, 0)
  return groups.reduce((sum, g) => sum + (g.times / all) * Math.abs(g.held - g.so), 0)
}

describe('what closed jobs teach', () => {
  const world = otherWorld(table, 41)
  it('without a closed job the table is what it was; causes and checks that it does not know change nothing but the shares', () => {
    expect(learnt(table, [])).toBe(table)
    const odd: Solved = {
      cause: 'a mouse',
      family: 'front-loader',
      model: 'm',
      told: ['squeaks at night'],
      did: [{ check: 'listen at night', good: false }],
    }
    const after = learnt(table, [odd])
    expect(after.causes.map(c => c.shows)).toEqual(table.causes.map(c => c.shows))
    expect(after.checks).toEqual(table.checks)
  })
  it('a cause that was found five times on a model is likelier there than elsewhere, and there than before', () => {
    const job: Solved = { cause: 'pump worn', family: 'front-loader', model: 'a', told: ['drains slowly'], did: [] }
    const share = (known: Table) =>
      beliefs(fieldOf(known, 'front-loader'), { ...noEvidence, told: ['drains slowly'] }).find(
        b => b.cause?.id === 'pump worn',
      )!.share
    const jobs = Array.from({ length: 5 }, () => job)
    expect(share(learnt(table, jobs, 'b'))).toBeGreaterThan(share(table))
    expect(share(learnt(table, jobs, 'a'))).toBeGreaterThan(share(learnt(table, jobs, 'b')))
  })
  it.each([
    ['the table as it is', table],
    ['a table that is wrong in a third of its figures', wrongInAThird(table, 5)],
  ])('after 200 closed jobs %s is nearer to the shop, and what it held was so as often as it said', (_, known) => {
    const jobs = worked(known, world, 200, 7000)
    const unseen = worked(known, world, 200, 9000)
    const after = learnt(known, jobs)
    const figures = {
      before: off(known, unseen),
      after: off(after, unseen),
      gap: gap(known, unseen),
      gapAfter: gap(after, unseen),
    }
    expect(figures.after, JSON.stringify(figures)).toBeLessThan(figures.before)
    expect(figures.gapAfter, JSON.stringify(figures)).toBeLessThan(0.1)
  })
})
