import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { labelKinds, labelsOf } from '../labels/labels.ts'
import { balance } from '../ledger/balance.ts'
import { foundBefore } from '../ledger/found-before.ts'
import { openDebts, owedByZone } from '../ledger/open-debts.ts'
import { timeByPhase } from '../ledger/pace.ts'
import { standing } from '../ledger/standing.ts'
import { summary } from '../ledger/summary.ts'
import { lotsOf } from '../look-alikes/lot.ts'
import { anatomy } from '../machine/families.ts'
import { stance } from '../machine/stance.ts'
import { gates } from '../plan/gates.ts'
import { planReturn } from '../plan/plan.ts'
import { phrasesOf } from '../quick-line/complete.ts'
import { recordJsonSchema } from '../record/json-schema.ts'
import { report } from '../report/report.ts'
import { check } from '../schema/check.ts'
import { limits } from '../schema/limits.ts'
import { profile } from '../valley/profile.ts'
import { gaps } from '../worth-filling/gaps.ts'
import { eventNames, eventSchema, type JobEvent } from './event.ts'
import { fold, foldAll } from './fold.ts'
import { rankBetween } from './rank.ts'
import { fromSnapshot, toSnapshot } from './snapshot.ts'
import { blank, type JobState } from './state.ts'
import { arbitraryLog, event, id, opening } from '../test/arbitrary-log.ts'

type Json = Record<string, unknown>

/** Every leaf of a JSON Schema with its path. */
function leaves(schema: Json, path: string): { path: string; leaf: Json }[] {
  if (schema.$ref || schema.const !== undefined) return []
  if (schema.oneOf) return (schema.oneOf as unknown as Json[]).flatMap((s, i) => leaves(s, `${path}|${i}`))
  if (schema.properties)
    return Object.entries(schema.properties as Json).flatMap(([name, s]) => leaves(s as Json, `${path}.${name}`))
  if (schema.type === 'array')
    return [{ path, leaf: schema }, ...(schema.items ? leaves(schema.items as Json, `${path}[]`) : [])]
  return [{ path, leaf: schema }]
}
const isBounded = ({ type, ...of }: Json): boolean => {
  if (type === 'boolean' || of.enum) return true
  if (type === 'string') return of.maxLength !== undefined || of.pattern !== undefined
  if (type === 'array') return of.maxItems !== undefined
  return (of.minimum ?? of.exclusiveMinimum) !== undefined && of.maximum !== undefined
}

describe('every field of a record, an event and a move', () => {
  const schema = recordJsonSchema() as Json
  const defs = schema.$defs as Json
  it.each([
    ['record', schema],
    ['event', defs.event as Json],
    ['move', defs.move as Json],
  ])('has a type, a range and a length: %s', (name, of) => {
    const all = leaves(of, name)
    expect(all.length).toBeGreaterThan(5)
    expect(all.filter(({ leaf }) => !isBounded(leaf)).map(({ path }) => path)).toEqual([])
  })
})

describe('a value that is wrong throughout', () => {
  const step = (fields: object) =>
    event('step-recorded', { step: { id: id(1, 's'), photos: [], marks: [], moves: [], ...fields } }, 1)
  it.each<[string, JobEvent, RegExp]>([
    ['a million moves', step({ moves: Array(1_000_000).fill(0) }), /moves: a step can hold/],
    ['a million marks', step({ marks: Array(1_000_000).fill({}) }), /marks: a step can hold/],
    ['a list as a number', step({ photos: [{ hash: Array(1_000_000).fill(0) }] }), /hash must be a string/],
    ['an object as a string', step({ title: { toString: null } }), /title must be a string/],
    ['an endless number', event('reading-taken', { of: 'x', value: Infinity, unit: 'ohm' }, 1), /value can be/],
    ['no day of the calendar', event('phase-changed', { phase: 'bench', due: '2026-99-99T08:00:00.000Z' }, 1), /due/],
    [
      'the thirtieth of February',
      event('phase-changed', { phase: 'bench', due: '2026-02-30T08:00:00.000Z' }, 1),
      /due/,
    ],
    ['a debt without end', event('check-done', { check: 'x', passed: true, debt: 'x'.repeat(1e6) }, 1), /debt/],
  ])('is refused by its limits, in few words: %s', (_, value, words) => {
    const checked = check(eventSchema, value)
    if (checked.ok) throw new Error('it was accepted')
    expect(checked.problems.length).toBeLessThanOrEqual(20)
    expect(checked.problems.map(p => p.message).join('; ')).toMatch(words)
    expect(checked.problems.map(p => p.message).join('').length).toBeLessThan(4000)
  })
  it('is refused at any depth', () => {
    let deep: unknown = 0
    for (let i = 0; i < 3000; i += 1) deep = [deep]
    expect(check(eventSchema, step({ moves: deep }))).toMatchObject({ ok: false })
    expect(check(eventSchema, deep)).toMatchObject({ ok: false })
    for (const value of [null, 0, '', [], true, { kind: 'constructor' }, { kind: { toString: null } }])
      expect(check(eventSchema, value)).toMatchObject({ ok: false })
  })
})

describe('ranks without room', () => {
  it('are made all the same', () => {
    fc.assert(
      fc.property(fc.string(), fc.string(), (a, b) => {
        const between = rankBetween(a, b)
        expect(between > a).toBe(true)
        if (b > a && /^[!-~]*["-~]$/.test(b) && /^[!-~]*$/.test(a)) expect(between < b).toBe(true)
      }),
    )
    expect(rankBetween('m', 'm') > 'm').toBe(true)
    // Ranks that no device of ours makes, and that come in all the same.
    for (const [a, b] of [
      ['', '!'],
      ['', ' '],
      ['a', 'a!'],
      ['', '!!!'],
    ] as const)
      expect(rankBetween(a, b) > a).toBe(true)
  })
})

describe('a log that is full', () => {
  it('can still be closed', () => {
    const opened = foldAll([opening()]).state
    const full: JobState = { ...opened, size: limits.logSize }
    expect(fold(full, event('note-added', { text: 'more' }, 3))).toMatchObject({ ok: false, refusal: { code: 13 } })
    expect(fold(full, event('job-closed', { clean: true }, 4))).toMatchObject({ ok: true })
    expect(fold(full, event('job-abandoned', { note: 'full' }, 5))).toMatchObject({ ok: true })
  })
})

/** What an older version, or somebody else's program, may have written where a text or a number stands. */
const odd = {
  string: [
    '',
    ' ',
    'constructor',
    '__proto__',
    'toString',
    '\ud800',
    'x'.repeat(600),
    '2026-99-99T99:99:99.999Z',
    'Ω–→',
  ],
  number: [0, -1, 0.5, 1e15, 1e308],
}
/** Leaves that were ever free text, moments or numbers; words of a list were always held against it. */
const free =
  /^(at|takenAt|due|rank|debt|zone|opens|place|title|note|name|text|reason|complaint|plate|mark|size|look|label|housing|terminal|lies|hose|device|count|length|pitch|torque|washers|turns|reach|x|y|width|height|\d+)$/
/** A value with one leaf, chosen by `dice`, of another content and the same type. */
function bent(value: unknown, dice: number): unknown {
  const paths: (string | number)[][] = []
  const walk = (v: unknown, path: (string | number)[]): void => {
    if (typeof v === 'string' || typeof v === 'number') {
      if (free.test(String(path.at(-1)))) paths.push(path)
    } else if (v && typeof v === 'object') for (const [k, inner] of Object.entries(v)) walk(inner, [...path, k])
  }
  walk(value, [])
  const path = paths[dice % Math.max(1, paths.length)]
  if (!path) return value
  const copy = JSON.parse(JSON.stringify(value)) as Record<string | number, never>
  const holder = path.slice(0, -1).reduce<Record<string | number, never>>((at, key) => at[key]!, copy)
  const last = path.at(-1)!
  const choices = odd[typeof holder[last] as 'string' | 'number']
  holder[last] = choices[Math.floor(dice / 7) % choices.length] as never
  return copy
}

/** Everything that is read off a state. */
function readAll(state: JobState): void {
  const family = 'front-loader'
  summary(state)
  report(state, family)
  balance(state)
  foundBefore(state)
  owedByZone(openDebts(state))
  stance(state)
  timeByPhase(state)
  gaps(state, family)
  lotsOf(state)
  labelsOf(state, family, id(1), labelKinds)
  const { steps } = planReturn(state, family)
  standing(state, family, steps)
  gates(family, steps)
  profile(state, steps)
  phrasesOf(
    state.steps
      .valueSeq()
      .flatMap(s => s.moves)
      .toArray(),
  )
  fromSnapshot(JSON.parse(JSON.stringify(toSnapshot(state))))
  expect(Object.keys(anatomy)).toContain(family)
}

describe('a log with events as they should not be', () => {
  it('folds, refuses what does not fit, and is read all the same', () => {
    fc.assert(
      fc.property(arbitraryLog, fc.array(fc.nat(1e6), { minLength: 3, maxLength: 8 }), (log, dice) => {
        const wrong = log.map((e, i) =>
          i > 0 && dice.some(d => d % log.length === i) ? bent(e, dice[i % dice.length]!) : e,
        )
        const { state } = foldAll(wrong as JobEvent[])
        readAll(state)
      }),
      { numRuns: 300, seed: 20261126 },
    )
  })
  it('may hold kinds that this version does not know, and bodies of any form', () => {
    const opened = foldAll([opening()]).state
    for (const kind of ['step-guessed', 'constructor', '__proto__'])
      expect(fold(opened, { ...event('note-added', {}, 2), kind } as unknown as JobEvent)).toMatchObject({ ok: false })
    for (const kind of eventNames)
      for (const body of [{}, [], { step: {} }, { step: { moves: [null] } }, { debts: [{}] }])
        for (const from of [blank, opened]) {
          const folded = fold(from, event(kind, body, 3))
          if (folded.ok) expect(folded.state.seen.has(event(kind, body, 3).id)).toBe(true)
        }
  })
})
