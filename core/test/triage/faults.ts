import type { Family } from '../../machine/families.ts'
import type { Cause, Table } from '../../triage/model.ts'
import type { Machine } from '../../triage/walk.ts'
import { dice, type Dice } from '../dice.ts'

/** A number of the normal distribution (Box and Muller 1958). */
const normal = (d: Dice): number => Math.sqrt(-2 * Math.log(1 - d())) * Math.cos(2 * Math.PI * d())
const shaken = (d: Dice, p: number): number => {
  const at = Math.min(0.99, Math.max(0.01, p))
  const odds = (at / (1 - at)) * Math.exp(0.7 * normal(d))
  return Math.min(0.995, Math.max(0.005, odds / (1 + odds)))
}
const shakenAll = (d: Dice, all: Readonly<Record<string, number>>): Record<string, number> =>
  Object.fromEntries(Object.entries(all).map(([key, p]) => [key, shaken(d, p)]))

/** A world with other figures than the table: how often each cause is by a factor of e to 0.6 N, each probability by 0.7 N of its log odds. */
export function otherWorld(table: Table, seed: number): Table {
  const d = dice(seed)
  return {
    findings: table.findings,
    causes: table.causes.map(c => ({
      ...c,
      weight: c.weight * Math.exp(0.6 * normal(d)),
      shows: shakenAll(d, c.shows),
    })),
    checks: table.checks.map(k => ({ ...k, strays: shaken(d, k.strays), tells: shakenAll(d, k.tells) })),
  }
}

/** A broken machine: what is wrong, what was told of it, and how it answers. */
export interface Fault extends Machine {
  family: Family
  cause: Cause
  told: string[]
}

/** Of what shows a customer tells this share; and in one of ten cases something that has nothing to do with it. */
const toldShare = 0.7
const besides = 0.1

/** Draws a broken machine of a world. Each check answers the same however often it is asked, whoever goes about it. */
export function drawFault(world: Table, seed: number): Fault {
  const d = dice(seed)
  const family = d.hit(0.6) ? 'front-loader' : 'top-loader'
  const own = world.causes.filter(c => c.builds === 'both' || c.builds === family)
  let left = d() * own.reduce((sum, c) => sum + c.weight, 0)
  const cause = own.find(c => (left -= c.weight) <= 0) ?? own.at(-1)!
  const all = Object.entries(cause.shows)
  const showing = all.filter(([, p]) => d.hit(p)).map(([id]) => id)
  if (showing.length === 0) showing.push(all.sort((a, b) => b[1] - a[1])[0]![0])
  if (d.hit(besides)) showing.push(d.pick(world.findings).id)
  const told = showing.filter(() => d.hit(toldShare))
  if (told.length === 0) told.push(d.pick(showing))
  const results = new Map(world.checks.map(k => [k.id, !d.hit(k.tells[cause.id] ?? k.strays)]))
  return {
    family,
    cause,
    told: [...new Set(told)],
    isSo: finding => showing.includes(finding.id),
    isGood: check => results.get(check.id)!,
    isIt: other => other.id === cause.id,
  }
}
