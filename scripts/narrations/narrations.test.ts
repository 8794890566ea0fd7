import { describe, expect, it } from 'vitest'
import { measureNarration, narrations, unseen, type NarrationScore } from './score.ts'

const scores = narrations().map(measureNarration)
const sum = (of: readonly NarrationScore[]) =>
  of.reduce((a, s) => ({ owed: a.owed + s.owed, read: a.read + s.read, found: a.found + s.found }), {
    owed: 0,
    read: 0,
    found: 0,
  })

describe('the narrations that ship', () => {
  it('are ten, told from one to twenty minutes, two of them never looked at', () => {
    expect(scores).toHaveLength(10)
    expect(scores.filter(s => unseen.includes(s.name))).toHaveLength(2)
  })
  it('are heard: of what is owed nine in ten acts, and nine in ten of what is heard is owed', () => {
    const { owed, read, found } = sum(scores.filter(s => !unseen.includes(s.name)))
    expect(found / owed).toBeGreaterThanOrEqual(0.9)
    expect(found / read).toBeGreaterThanOrEqual(0.9)
  })
  it('those that nobody looked at too', () => {
    const { owed, read, found } = sum(scores.filter(s => unseen.includes(s.name)))
    expect(found / owed).toBeGreaterThanOrEqual(0.8)
    expect(found / read).toBeGreaterThanOrEqual(0.85)
  })
  it('counts and sizes of what is found are right', () => {
    const of = (key: 'withCount' | 'counted' | 'withSize' | 'sized') => scores.reduce((n, s) => n + s[key], 0)
    expect(of('counted') / of('withCount')).toBeGreaterThanOrEqual(0.93)
    expect(of('sized') / of('withSize')).toBeGreaterThanOrEqual(0.95)
  })
})
