import { describe, expect, it } from 'vitest'
import { compareParts, type Told } from './compare.ts'
import { kindOf } from './kinds.ts'
import { inHaste } from './pairs/in-haste.test-data.ts'
import type { Pair } from './pairs/pair.test-data.ts'
import { thirty } from './pairs/thirty.test-data.ts'
import { unseen } from './pairs/unseen.test-data.ts'

const told = ({ old, fresh }: Pair): Map<string, Told> =>
  new Map([...new Set([...Object.keys(old), ...Object.keys(fresh)])].map(p => [p, { old: old[p], fresh: fresh[p] }]))

const tried = (pair: Pair) => {
  const found = compareParts(kindOf(pair.part), told(pair))
  const said = Object.fromEntries(found.points.map(p => [p.point.name, p.says?.how ?? 'not looked at']))
  return { verdict: found.verdict, points: Object.fromEntries(Object.keys(pair.points).map(p => [p, said[p]])), said }
}

describe.each([
  ['thirty pairs', thirty],
  ['fifteen more', unseen],
  ['ten in haste', inHaste],
])('%s', (_, pairs) => {
  it.each(pairs.map(p => [p.name, p] as const))('%s', (_, pair) => {
    const { verdict, points, said } = tried(pair)
    for (const name of Object.keys(pair.old)) expect(Object.keys(said)).toContain(name)
    expect({ verdict, points }).toEqual({ verdict: pair.verdict, points: pair.points })
  })
})
