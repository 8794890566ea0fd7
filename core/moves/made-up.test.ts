import { describe, expect, it, vi } from 'vitest'
import { absorb } from '../capture/absorb.ts'
import { tap } from '../capture/capture.ts'
import { openDebts } from '../ledger/open-debts.ts'
import { foldAll } from '../log/fold.ts'
import { blank } from '../log/state.ts'
import { stance } from '../machine/stance.ts'
import { gates } from '../plan/gates.ts'
import { planReturn } from '../plan/plan.ts'
import { completions, phrasesOf } from '../quick-line/complete.ts'
import { corrections } from '../quick-line/correct.ts'
import { formatMove } from '../quick-line/format.ts'
import { parseLine } from '../quick-line/parse.ts'
import { readRecord, toRecord } from '../record/record.ts'
import { check } from '../schema/check.ts'
import { english } from '../words/english.ts'
import { gaps } from '../worth-filling/gaps.ts'
import { apply, cautionsFor, checksFor, describe as worded, invert, notes, toolsFor } from './move.ts'
import { freshMove, kindOf, moveSchema, toldAs, variantsOf, type Move } from './registry.ts'
import { event, id, opening, recorded } from '../test/arbitrary-log.ts'

// The one file is `test/made-up-kind.ts`; this is the one line.
vi.mock('./kinds.ts', async original => {
  const { moveKinds } = await original<typeof import('./kinds.ts')>()
  const { unwindRing } = await import('../test/made-up-kind.ts')
  return { moveKinds: { ...moveKinds, 'unwind-ring': unwindRing } }
})

const around = { posture: 'upright', isolated: [], cell: 'B4' } as const
const ids = () => {
  let n = 0
  return () => id(++n, 'x')
}
const read = (line: string, inHand?: Move) =>
  parseLine(line, { family: 'front-loader', around, id: ids(), ...(inHand && { inHand }) })
const ring = (more: object = {}) => ({ kind: 'unwind-ring', count: 2, ...more })
const ringMove = (more: object = {}) => ({ id: id(1, 'm'), way: 'down', ...ring(more) }) as unknown as Move

describe('a made-up kind of move, added as one file and one line', () => {
  it('is valid where its schema says so, and refused by its own words', () => {
    expect(check(moveSchema, ringMove({ side: 'inner' })).ok).toBe(true)
    const wrong = check(moveSchema, ringMove({ side: 'middle' }))
    expect(!wrong.ok && wrong.problems[0]).toMatchObject({ path: 'side', message: /one of inner, outer/ })
  })

  it('is recorded by taps: begun fresh in the cell that is next, counted, told as another kind and back', () => {
    expect(variantsOf.clip).toEqual(['release-clips', 'unwind-ring'])
    const begun = freshMove('unwind-ring' as never, id(1, 'm'), around)
    const step = { id: id(1, 's'), photos: [], marks: [], moves: [begun] }
    const hash = 'a'.repeat(64)
    const once = tap({ step, move: begun.id }, 'clip', hash, { x: 0.1, y: 0.1 }, [id(2, 'm'), id(3, 'm')], around)
    const twice = tap(once, 'clip', hash, { x: 0.2, y: 0.1 }, [id(4, 'm'), id(5, 'm')], around)
    expect(twice.step.moves).toMatchObject([{ kind: 'unwind-ring', count: 2, cell: 'B4' }])
    const clips = toldAs(twice.step.moves[0]!, 'release-clips', around)
    expect(toldAs(clips, 'unwind-ring' as never, around)).toMatchObject({ kind: 'unwind-ring', count: 2, cell: 'B4' })
  })

  it('is typed: by its verb, by its thing, with its figure, its cell and its place', () => {
    expect(read('unwind 2x ring @C1 pump').moves).toMatchObject([ring({ cell: 'C1', place: 'pump' })])
    expect(read('inner ring').moves).toMatchObject([{ kind: 'unwind-ring', side: 'inner', count: 1 }])
    expect(read('unwind 3x ring 40 mm').moves).toMatchObject([{ kind: 'unwind-ring', count: 3, ring: '40 mm' }])
    expect(read('outer', ringMove()).moves).toEqual([])
    const move = read('unwind 2x ring @C1 pump').moves[0]!
    expect(read(formatMove(move)).moves.map(m => ({ ...m, id: move.id }))).toEqual([move])
  })

  it('is edited: by a tap on a token, by what the line adds to a tapped one, from the words of the shop', () => {
    const parsed = read('4x ring pump')
    const [clause] = parsed.clauses
    const counted = clause!.tokens.find(t => t.role === 'count')!
    expect(corrections('4x ring pump', clause!, counted).map(c => c.line)).toContain('5x ring pump')
    const step = { id: id(1, 's'), photos: [], marks: [], moves: [freshMove('unwind-ring' as never, 'm', around)] }
    const told = absorb({ step, move: 'm' }, read('unwind ring, drum shaft'), around)
    expect(told.step.moves).toMatchObject([{ kind: 'unwind-ring', id: 'm', place: 'drum shaft' }])
    expect(completions('dru', 3, phrasesOf(told.step.moves)).map(c => c.text)).toEqual(['drum shaft'])
    expect(kindOf(told.step.moves[0]!).fields({ family: 'front-loader', zone: 'rear' })[1]).toMatchObject({
      path: 'side',
      options: ['inner', 'outer'],
    })
  })

  const log = [
    opening(),
    recorded(1, 'outside', { kind: 'isolate', what: 'cold water' }),
    recorded(2, 'outside', ring({ place: 'rear panel', opens: ['rear'] })),
    recorded(3, 'outside', { kind: 'remove-part', part: { name: 'rear panel' } }),
    recorded(4, 'rear', { kind: 'unplug', connector: { label: 'P1' } }),
  ]
  it('is folded, owed, settled and reopened', () => {
    const { state } = foldAll(log, blank)
    const owed = openDebts(state).find(d => d.id === id(200, 'm'))
    expect(owed).toMatchObject({ item: 'clip', zone: 'outside', owes: 2 })
    expect(stance(state).open).toEqual(['rear'])
    const settle = event('debt-settled', { debt: id(200, 'm'), how: 'refitted', count: 2 }, 9)
    const settled = foldAll([settle], state).state
    expect(settled.owing.has(id(200, 'm'))).toBe(false)
    const undo = { step: id(2, 's'), debts: [{ debt: id(200, 'm'), how: 'refitted', count: 1 }] }
    expect(foldAll([event('step-reopened', undo, 10)], settled).state.owing.has(id(200, 'm'))).toBe(true)
  })

  it('is planned and guarded: after the part that it holds, before water comes on, as a gate of the zone that it opens', () => {
    const { state } = foldAll(log, blank)
    const plan = planReturn(state, 'front-loader')
    expect(plan.steps.map(s => s.number)).toEqual([4, 3, 2, 1])
    expect(plan.arcs.filter(a => a.first === id(3, 's') && a.then === id(2, 's'))).toMatchObject([{ reason: 'holds' }])
    expect(plan.arcs.filter(a => a.first === id(2, 's') && a.then === id(1, 's'))).toMatchObject([
      { reason: 'isolation' },
    ])
    expect(gates('front-loader', plan.steps)).toMatchObject([{ step: id(2, 's'), zones: ['rear'] }])
    expect(gaps(state, 'front-loader')[0]).toMatchObject({ field: 'side', minutes: 7 })
  })

  it('is worded on both ways, with its notes, tools, cautions and checks', () => {
    const move = ringMove({ side: 'inner', place: 'drum shaft', cell: 'B4' })
    const back = invert(move)
    expect(worded(move)).toBe('Drum shaft: unwind two rings. Cell B4.')
    expect(worded(back)).toBe('Drum shaft: wind two rings into the groove.')
    expect(notes(back).map(n => english(n.says))).toEqual(['Into the inner groove'])
    expect([toolsFor(move), cautionsFor(move), checksFor(back)]).toEqual([['ring winder'], ['spring'], ['click']])
    expect(apply(move).map(c => [c.count, english(c.label)])).toEqual([[2, 'two inner rings, drum shaft']])
  })

  it('goes out with a record and comes in again', () => {
    const machine = { code: 'FL-84', family: 'front-loader' as const }
    const record = toRecord(log, { job: log[0]!.job, machine, people: [] })
    expect(record.steps![1]!.says).toEqual(['Rear panel: unwind two rings.'])
    const back = readRecord(JSON.stringify(record))
    expect(back.ok && openDebts(back.value.state)).toMatchObject(openDebts(foldAll(log).state))
  })
})
