import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { compareParts, look } from '../fit/compare.ts'
import { fates, hows } from '../fit/judged.ts'
import { kindNamed, kindNames, kindOf } from '../fit/kinds.ts'
import { adaptationsOf, leftTo, offersOf, partsAtHand, toldOf, type PartAtHand } from '../fit/at-hand.ts'
import { stillOn } from '../fit/still-on.ts'
import { find } from '../finder/find.ts'
import { text } from '../words/language.ts'
import { renewedWords } from '../fit/renewed.ts'
import { report } from '../report/report.ts'
import { planReturn } from '../plan/plan.ts'
import { Bench, stepOf } from '../test/acting.ts'
import { id } from '../test/arbitrary-log.ts'
import { recordStep } from './steps.ts'
import { comparePoint, keepVerdict, letGo, makeFit, offer, unmakeFit } from './fit.ts'
import { goesOver, settleRest } from './index.ts'

const plate = { volts: '230', hertz: '50', watts: '34', fixing: '3 screws', ways: '2' }
/** A pump that came off, with its lead out of two retainers. */
function pumpJob(more: object = {}): Bench {
  const bench = new Bench()
  bench.record(1, 'outside', { kind: 'isolate', what: 'power' })
  bench.record(2, 'base', {
    kind: 'unroute',
    place: 'pump lead',
    route: { type: 'harness', waypoints: [{ by: 'retainer' }, { by: 'grommet', of: 'left foot' }] },
  })
  bench.record(3, 'base', { kind: 'replace-part', part: { name: 'drain pump' }, carryOver: [], ...more })
  return bench
}
const pumpOf = (bench: Bench): PartAtHand => partsAtHand(bench.state).find(p => p.name === 'drain pump')!
const tell = (bench: Bench, points: Record<string, [string, string]>) => {
  for (const [point, [old, fresh]] of Object.entries(points))
    bench.do(comparePoint(pumpOf(bench), point, { old, fresh }))
}
const verdictOf = (bench: Bench) => compareParts(pumpOf(bench).kind, toldOf(bench.state, pumpOf(bench)))

describe('old and new held side by side', () => {
  it('the parts at hand are those that came off, what is renewed first, and what was named before', () => {
    const bench = pumpJob()
    bench.record(4, 'base', { kind: 'remove-part', part: { name: 'base cover' } })
    expect(partsAtHand(bench.state, ['inlet valve']).map(p => [p.name, p.kind.name, p.isNew])).toEqual([
      ['drain pump', 'pump', true],
      ['inlet valve', 'valve', true],
      ['base cover', 'part', false],
    ])
  })
  it('the kind is that of the name, else of what the assembly took it for', () => {
    const bench = new Bench()
    bench.record(1, 'base', {
      kind: 'replace-part',
      part: { name: 'water solenoid', is: 'inlet valve' },
      carryOver: [],
    })
    bench.record(2, 'base', { kind: 'replace-part', part: { name: 'grey thing' }, carryOver: [] })
    expect(partsAtHand(bench.state).map(p => p.kind.name)).toEqual(['valve', 'part'])
  })
  it('the last word of each point counts, and a word that says nothing takes it back', () => {
    const bench = pumpJob()
    tell(bench, Object.fromEntries(Object.entries(plate).map(([k, v]) => [k, [v, v]])))
    expect(verdictOf(bench).verdict).toBe('fits')
    tell(bench, { 'plug side': ['left', 'right'] })
    expect(verdictOf(bench).verdict).toBe('fits when adapted')
    tell(bench, { watts: ['34', '20'] })
    expect(verdictOf(bench)).toMatchObject({ verdict: 'send back', inBag: true })
    tell(bench, { watts: ['', ''] })
    expect(verdictOf(bench).verdict).toBe('cannot tell')
    bench.do(keepVerdict(pumpOf(bench), verdictOf(bench)))
  })
  it('two that are called alike are told apart by their moves', () => {
    const bench = new Bench()
    bench.record(1, 'base', { kind: 'replace-part', part: { name: 'damper' }, carryOver: [] })
    bench.record(2, 'base', { kind: 'replace-part', part: { name: 'damper' }, carryOver: [] })
    const [left, right] = partsAtHand(bench.state)
    bench.do(comparePoint(left!, 'force', { old: '80', fresh: '120' }))
    expect(toldOf(bench.state, left!).size).toBe(1)
    expect(toldOf(bench.state, right!).size).toBe(0)
  })
  it('the word of a hand never makes less of what guards, whatever was typed', () => {
    const points = kindNames().flatMap(name => kindNamed(name).points)
    const value = fc.constantFrom('', '230', '120', '34 W', 'solenoid', 'bimetal', 'yes', 'no', '2', '3', 'odd')
    fc.assert(
      fc.property(fc.constantFrom(...points), value, value, fc.constantFrom(...hows), (point, old, fresh, how) => {
        const ruled = look(point, { old, fresh }).says
        const said = look(point, { old, fresh, how, words: 'it will do' }).says
        if (!point.rule.guards) return
        expect(said?.how === 'harmless' && ruled?.how !== 'harmless').toBe(false)
        expect(said?.how === 'adapt').toBe(false)
        if (ruled?.how === 'no') expect(said?.how).toBe('no')
      }),
    )
    const lock: PartAtHand = { key: 'door lock', name: 'door lock', kind: kindOf('door lock'), isNew: true }
    expect(comparePoint(lock, 'kind of lock', { old: 'bimetal', fresh: 'solenoid', how: 'harmless' })).toMatchObject({
      ok: false,
      refusal: { code: 28 },
    })
  })
})

describe('adapting changes the return', () => {
  it('a plug on the other side: the old way is scrapped by name, the new one is laid where the old one was, after the pump is on', () => {
    const bench = pumpJob()
    const [old] = bench.state.steps.get(id(2, 's'))!.moves
    const waypoints = [{ by: 'behind' as const, of: 'spring' }, { by: 'retainer' as const }]
    const made = { point: 'plug side', says: 'lay its lead to the right', waypoints, instead: [old!.id] }
    bench.do(makeFit(bench.state, pumpOf(bench), made, id(50, 's'), id(50, 'm')))
    expect(bench.state.debts.get(old!.id)!.settled.scrapped).toBe(2)
    expect(bench.state.debts.get(id(50, 'm'))).toMatchObject({ item: 'line', count: 2 })
    const order = planReturn(bench.state, 'front-loader')
      .steps.filter(s => s.owes > 0)
      .map(s => s.step.id)
    expect(order).toEqual([id(3, 's'), id(50, 's'), id(1, 's')])
  })
  it('is taken back with all that it changed', () => {
    const bench = pumpJob()
    const before = [...bench.state.owing].sort()
    const [old] = bench.state.steps.get(id(2, 's'))!.moves
    const made = {
      point: 'plug side',
      says: 'another way',
      waypoints: [{ by: 'retainer' as const }],
      instead: [old!.id],
    }
    bench.do(makeFit(bench.state, pumpOf(bench), made, id(50, 's'), id(50, 'm')))
    expect([...bench.state.owing].sort()).not.toEqual(before)
    bench.do(unmakeFit(bench.state, adaptationsOf(bench.state, pumpOf(bench))[0]!.id))
    expect([...bench.state.owing].sort()).toEqual(before)
    expect(adaptationsOf(bench.state, pumpOf(bench))).toEqual([])
  })
  it('work on the new part is owed before the part goes on', () => {
    const bench = pumpJob()
    const made = { point: 'stub length', says: 'shorten the hose by 8 mm' }
    bench.do(makeFit(bench.state, pumpOf(bench), made, id(50, 's'), id(50, 'm')))
    expect(
      planReturn(bench.state, 'front-loader')
        .steps.map(s => s.step.id)
        .slice(0, 2),
    ).toEqual([id(50, 's'), id(3, 's')])
  })
})

describe('what is on the old part', () => {
  const washers = (bench: Bench) =>
    goesOver(
      bench.state,
      bench.state.steps.get(id(3, 's'))!,
      { id: id(300, 'm'), name: 'drain pump' },
      ['two washers'],
      [id(60, 's'), id(60, 'm')],
    )
  it('is asked for before the old one goes, and holds it until it is moved over', () => {
    const bench = pumpJob()
    const away = () => letGo(bench.state, pumpOf(bench), 'bin')
    expect(away()).toMatchObject({ ok: false, refusal: { code: 27 } })
    bench.do(washers(bench))
    expect(away()).toMatchObject({ ok: false, refusal: { code: 26 } })
    expect(toldOf(bench.state, pumpOf(bench)).get('on the old one')).toEqual({ old: 'two washers', fresh: 'none' })
    const step = planReturn(bench.state, 'front-loader').steps.find(s => s.step.id === id(60, 's'))!
    bench.do(settleRest(bench.state, step, step.debts[0]!))
    bench.do(away())
    expect(leftTo(bench.state, pumpOf(bench))).toMatchObject({ to: 'bin', clean: true })
  })
  it('goes with it only by name and with a reason, and stays owed', () => {
    const bench = pumpJob({ carryOver: ['bracket', 'two washers'] })
    bench.do(letGo(bench.state, pumpOf(bench), 'bin', 'rusted through'))
    expect(leftTo(bench.state, pumpOf(bench))).toMatchObject({ clean: false, left: ['bracket', 'two washers'] })
    expect(stillOn(bench.state, id(300, 'm'))).toHaveLength(2)
  })
  it('is looked for on the old one first, wherever that is', () => {
    const bench = pumpJob({ carryOver: ['two washers'] })
    bench.do(letGo(bench.state, pumpOf(bench), 'bin', 'in a hurry'))
    const plan = planReturn(bench.state, 'front-loader')
    const short = `${id(300, 'm')}/1`
    const { places, order } = find(bench.state, 'front-loader', plan, { asks: 'one short', short })
    expect(text(places[0]!.words)).toBe('the old drain pump: bin')
    expect(order[0]!.place!.id).toBe(`old:${id(300, 'm')}`)
  })
  it('is never lost between job and bin: whatever was settled in whatever order, clean means that nothing is left on it', () => {
    const word = fc.constantFrom('bracket', 'washers', 'grommet', 'clip')
    fc.assert(
      fc.property(
        fc.array(word, { maxLength: 3 }),
        fc.array(word, { maxLength: 3 }),
        fc.array(fc.nat(9), { maxLength: 8 }),
        fc.constantFrom(...fates),
        (listed, later, dice, to) => {
          const bench = pumpJob({ carryOver: listed })
          const ids = [id(60, 's'), ...later.map((_, i) => id(61 + i, 'm'))]
          const at = bench.state.steps.get(id(3, 's'))!
          bench.do(goesOver(bench.state, at, { id: id(300, 'm'), name: 'drain pump' }, later, ids))
          const things = stillOn(bench.state, id(300, 'm'))
          expect(things).toHaveLength(listed.length + later.length)
          for (const n of dice) {
            const owed = stillOn(bench.state, id(300, 'm'))
            const debt = owed[n % Math.max(1, owed.length)]
            const r =
              debt && planReturn(bench.state, 'front-loader').steps.find(s => s.debts.some(d => d.id === debt.id))
            if (debt && r) bench.do(settleRest(bench.state, r, debt))
          }
          const left = stillOn(bench.state, id(300, 'm'))
          const act = letGo(bench.state, pumpOf(bench), to)
          expect(act.ok).toBe(left.length === 0)
          if (act.ok) bench.do(act)
          else expect(letGo(bench.state, pumpOf(bench), to, ' ').ok).toBe(false)
        },
      ),
      { numRuns: 60 },
    )
  })
})

it('the close-out says both numbers, where it came from, how it was made to fit, and where the old one went', () => {
  const bench = pumpJob({ nothingOver: true })
  tell(bench, { number: ['DP-30', 'DP-31'] })
  bench.do(offer(pumpOf(bench), { supplier: 'Harbour Parts', price: 48, warranty: 24, how: 'here' }))
  bench.do(
    makeFit(
      bench.state,
      pumpOf(bench),
      { point: 'stub length', says: 'shorten the hose by 8 mm' },
      id(50, 's'),
      id(50, 'm'),
    ),
  )
  bench.do(letGo(bench.state, pumpOf(bench), 'back to the supplier'))
  expect(report(bench.state, 'front-loader').renewed.map(renewedWords)).toEqual([
    'drain pump: old number DP-30, new number DP-31, from Harbour Parts, 48.00, 24 months of warranty, made to fit: shorten the hose by 8 mm, old one: back to the supplier',
  ])
})

it('who has the part stands side by side, the cheapest first; the last word of each supplier counts', () => {
  const bench = pumpJob()
  bench.do(offer(pumpOf(bench), { supplier: 'Harbour Parts', price: 48, days: 2, number: 'DP-1', how: 'asked' }))
  bench.do(offer(pumpOf(bench), { supplier: 'Northside Spares', price: 39, days: 6, how: 'asked' }))
  bench.do(offer(pumpOf(bench), { supplier: 'harbour parts', price: 36, days: 2, number: 'DP-1', how: 'ordered' }))
  expect(offersOf(bench.state, pumpOf(bench)).map(o => [o.supplier, o.price, o.how])).toEqual([
    ['harbour parts', 36, 'ordered'],
    ['Northside Spares', 39, 'asked'],
  ])
})

describe('a part taken apart on the bench', () => {
  it('has an order of its own, is done before the part goes on, and is one part in the return', () => {
    const bench = pumpJob()
    const on = (n: number, ...moves: object[]) => ({
      ...stepOf(n, 'base', ...moves),
      zone: undefined,
      of: id(300, 'm'),
    })
    const piece = (name: string, count = 1) => ({ kind: 'remove-part', part: { name }, count })
    bench.record(4, 'base', { kind: 'remove-part', part: { name: 'sump cover', opens: ['base'] } })
    bench.do(recordStep(bench.state, on(5, piece('head'))))
    bench.do(recordStep(bench.state, on(6, piece('steel balls', 12))))
    bench.do(recordStep(bench.state, on(7, piece('rotor'))))
    const order = planReturn(bench.state, 'front-loader').steps.map(s => s.step.id)
    const at = (n: number) => order.indexOf(id(n, 's'))
    expect(at(7)).toBeLessThan(at(6))
    expect(at(6)).toBeLessThan(at(5))
    expect(at(5)).toBeLessThan(at(3))
    // Nothing of it keeps another step at the machine from being done.
    const { arcs } = planReturn(bench.state, 'front-loader')
    expect(arcs.filter(a => a.then === id(4, 's') && [5, 6, 7].some(n => a.first === id(n, 's')))).toEqual([])
    expect(bench.state.debts.get(id(600, 'm'))!.count).toBe(12)
  })
})
