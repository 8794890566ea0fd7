import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { noEvidence, sharesOf, type Evidence } from './belief.ts'
import { fieldOf, type Field } from './field.ts'
import { heard, heardCircuit } from './heard.ts'
import type { Cause, Check, Table } from './model.ts'
import { isSeen, nextActs, trying, type Choice } from './next.ts'
import { afterCheck, opened, openMinutes, toSet, type Stands } from './reach.ts'
import { table } from './table/table.ts'
import { cases } from './told-cases.test-data.ts'
import { walk } from './walk.ts'
import { bySchool } from './ways.ts'

const asItCame: Stands = { open: [], power: true }
const first = bySchool('test first')

describe('what comes next', () => {
  it('finds the cause of each that customers told, by checks that show what they should', () => {
    for (const { said, build, found } of cases) {
      const field = fieldOf(table, build)
      const told = heard(said, table.findings).map(f => f.id)
      const cause = field.causes.find(c => c.id === found)!
      const walked = walk(field, { ...noEvidence, told, circuit: heardCircuit(said) }, asItCame, first, {
        isSo: f => told.includes(f.id),
        isGood: k => (k.tells[found] ?? 0) < 0.5,
        isIt: c => c.id === cause.id,
      })
      expect(walked.found, `${said} ${JSON.stringify(walked.evidence)}`).toBe(true)
      expect(walked.vain, `${said} ${JSON.stringify(walked.evidence)}`).toBeLessThanOrEqual(1)
    }
  })
  it('a check that tells nothing is not asked for, nor one that was taken', () => {
    const [cause] = table.causes
    const mute: Table = { findings: [], causes: [cause!], checks: [{ ...table.checks[0]!, tells: {}, strays: 0.03 }] }
    const acts = nextActs(fieldOf(mute, 'front-loader'), noEvidence, asItCame, 'test first')
    expect(acts.filter(a => a.does === 'check')).toEqual([])
    const taken = { ...noEvidence, checked: [{ check: 'open the filter', good: true }] }
    const left = nextActs(fieldOf(table, 'front-loader'), taken, asItCame, 'test first')
    expect(left.some(a => a.does === 'check' && a.check.id === 'open the filter')).toBe(false)
  })
  it('a look with power goes before the covers come off, and one behind an open cover before the same behind a closed one', () => {
    const field = fieldOf(table, 'front-loader')
    const rate = (id: string, stands: Stands) =>
      nextActs(field, { ...noEvidence, told: ['does not drain'] }, stands, 'test first').find(
        a => a.does === 'check' && a.check.id === id,
      )!.rate
    const open: Stands = { open: ['rear', 'base', 'drive'], power: false }
    expect(rate('listen to the pump', asItCame)).toBeGreaterThan(rate('listen to the pump', open))
    expect(rate('read the coil of the pump', open)).toBeGreaterThan(rate('read the coil of the pump', asItCame))
  })
  it('who swaps first puts a part in sooner than who tests first', () => {
    const field = fieldOf(table, 'front-loader')
    const told = { ...noEvidence, told: ['does not heat'] }
    const place = (school: 'test first' | 'swap first') =>
      nextActs(field, told, asItCame, school).findIndex(a => a.does === 'put right' && a.cause.id === 'element open')
    expect(place('swap first')).toBeLessThan(place('test first'))
  })
})

/** A small table: so many causes at places of a front loader, and checks that tell some of them. */
const small: fc.Arbitrary<Table> = fc
  .record({
    causes: fc.array(
      fc.record({
        weight: fc.integer({ min: 1, max: 9 }),
        minutes: fc.integer({ min: 3, max: 60 }),
        part: fc.constantFrom('tap', 'drain pump', 'control board', 'motor'),
      }),
      { minLength: 2, maxLength: 3 },
    ),
    checks: fc.array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 12 }),
        setting: fc.constantFrom('as it stands', 'with power', 'panel off'),
        tells: fc.array(fc.integer({ min: 0, max: 19 }), { minLength: 4, maxLength: 4 }),
      }),
      { minLength: 2, maxLength: 3 },
    ),
  })
  .map(({ causes, checks }) => {
    const all = causes.map((c, i): Cause => ({
      id: `c${i}`,
      station: 'supply',
      builds: 'both',
      price: 0,
      shows: {},
      why: '',
      ...c,
    }))
    return {
      findings: [],
      causes: all,
      checks: checks.map((k, i): Check => {
        const told = all.flatMap((c, j) => (k.tells[j]! >= 10 ? [[c.id, k.tells[j]! / 20] as const] : []))
        const rest = { builds: 'both', byHand: true, strays: 0.03, caution: undefined, at: undefined, why: '' } as const
        return {
          id: `k${i}`,
          ...rest,
          minutes: k.minutes,
          setting: k.setting as Check['setting'],
          tells: Object.fromEntries(told),
        }
      }),
    }
  })

/** Minutes that giving up stands for: no way gains by it. */
const gaveUp = 500

/** Expected minutes of choosing by `pick` of all that can be done, exactly, where one of the causes is wrong for sure. */
function expectedMinutes(
  field: Field,
  evidence: Evidence,
  stands: Stands,
  pick: (choices: readonly Choice[], worth: (c: Choice) => number, evidence: Evidence, stands: Stands) => number,
): number {
  const raw = sharesOf(field, evidence).slice(0, -1)
  const sum = raw.reduce((a, b) => a + b, 0)
  if (sum < 1e-9) return gaveUp
  const shares = raw.map(p => p / sum)
  const on = (e: Partial<Evidence>, s: Stands) => expectedMinutes(field, { ...evidence, ...e }, s, pick)
  const worth = (c: Choice): number => {
    if (c.does === 'check') {
      const k = field.checks.indexOf(c.check)
      const bad = shares.reduce((all, p, i) => all + p * field.bad[k]![i]!, 0)
      const then = (good: boolean) =>
        on({ checked: [...evidence.checked, { check: c.check.id, good }] }, afterCheck(field, k, stands))
      return c.check.minutes + toSet(field, k, stands) + bad * then(false) + (1 - bad) * then(true)
    }
    if (c.does === 'ask') return Infinity
    const i = field.causes.indexOf(c.cause)
    const works = c.cause.minutes + openMinutes(field, field.causeAt[i], stands) + trying
    const spared = isSeen(field, c.cause, evidence.checked) ? shares[i]! * works : 0
    const left = 1 - shares[i]!
    const then = { ruledOut: [...evidence.ruledOut, c.cause.id] }
    return works - spared + (left > 1e-9 ? left * on(then, opened(field, field.causeAt[i], stands)) : 0)
  }
  const choices: Choice[] = [
    ...field.checks.flatMap((check): Choice[] =>
      evidence.checked.some(c => c.check === check.id) ? [] : [{ does: 'check', check }],
    ),
    ...field.causes.flatMap((cause): Choice[] =>
      evidence.ruledOut.includes(cause.id) ? [] : [{ does: 'put right', cause }],
    ),
  ]
  return pick(choices, worth, evidence, stands)
}

describe('against every order there is, on small tables', () => {
  it('takes at most a fifth more minutes than the best in the mean, and never less than the best', () => {
    const ratios: number[] = []
    fc.assert(
      fc.property(small, of => {
        const field = fieldOf(of, 'front-loader')
        const best = expectedMinutes(field, noEvidence, asItCame, (choices, worth) => Math.min(...choices.map(worth)))
        const ours = expectedMinutes(field, noEvidence, asItCame, (choices, worth, evidence, stands) => {
          const choice = first(field, evidence, stands)
          const same = (c: Choice) =>
            choice !== null &&
            ((c.does === 'check' && choice.does === 'check' && c.check.id === choice.check.id) ||
              (c.does === 'put right' && choice.does === 'put right' && c.cause.id === choice.cause.id))
          const found = choices.find(same)
          return found ? worth(found) : gaveUp
        })
        expect(ours).toBeGreaterThanOrEqual(best - 1e-6)
        ratios.push(ours / best)
      }),
      { numRuns: 60, seed: 7 },
    )
    const mean = ratios.reduce((a, b) => a + b, 0) / ratios.length
    expect(mean, `${mean.toFixed(3)}, worst ${Math.max(...ratios).toFixed(2)}`).toBeLessThanOrEqual(1.2)
  })
})
