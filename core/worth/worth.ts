import { washers, yearsLeft, type Survival } from './life.ts'

/** How the machine looks, and what that makes of the years that it has left: our own estimate. */
export const conditions = { good: 1.15, usual: 1, rusty: 0.7, 'worn out': 0.45 } as const
/** One of them. */
export type Condition = keyof typeof conditions

/** What is weighed; money in the shop's own, any one. */
export interface Inputs {
  /** Parts of the repair, minutes of work, and what an hour of work costs. */
  parts: number
  minutes: number
  rate: number
  /** How likely the suspect is it, and how likely another fault waits behind it; what that one costs. */
  right: number
  another: number
  anotherCosts: number
  /** Years since it was made. */
  age: number
  condition: Condition
  /** A new one with delivery and taking away the old. */
  fresh: number
  /** Days without a washer while a part comes, and what a day of it is worth. */
  days: number
  dayCosts: number
  survival?: Survival
}

/** A figure with what it is at least and at most likely to be. */
export interface Ranged {
  low: number
  mid: number
  high: number
}
/** What a year of service costs on each way, and the years that it brings. */
export interface Side {
  cost: Ranged
  years: number
  aYear: Ranged
}
/** Both ways, which of them is cheaper, and what would turn that. */
export interface Worth {
  repair: Side
  replace: Side
  /** Which is cheaper a year; neither where their ranges meet. */
  says: 'repair' | 'replace' | 'neither'
  /** Up to this cost the repair is worth it, as everything else stands. */
  breakEven: number
  /** What would turn the answer, the nearest first: the input, and the value at which both cost the same. */
  turns: { input: keyof Inputs; at: number }[]
}

/** Work takes from 0.8 to 1.5 of what was thought, and years can be 0.6 to 1.4 of what is expected: our own estimates. */
const work = { low: 0.8, high: 1.5 }
const span = { low: 0.6, high: 1.4 }

/** What the repair is expected to cost: the work and its part once; where the suspect is wrong, once more; and the fault behind it. */
function repairCost(i: Inputs, minutes: number): number {
  const once = i.parts + (minutes / 60) * i.rate
  return once * (2 - i.right) + i.another * i.anotherCosts + i.days * i.dayCosts
}
/** Years that a machine of this age would serve on, and a new one. */
interface Life {
  left: number
  fresh: number
}
const leftOf = ({ age, survival = washers }: Inputs): number => yearsLeft(age, survival)
/** Years that the repair buys. */
const repairYears = (i: Inputs, { left }: Life): number => left * conditions[i.condition] * (1 - i.another / 2)

const aYear = (cost: Ranged, years: number): Ranged => ({
  low: cost.low / (years * span.high),
  mid: cost.mid / years,
  high: cost.high / (years * span.low),
})
/** By how much more a year of the repair costs than one of a new machine. */
const gapOf = (i: Inputs, life: Life): number => repairCost(i, i.minutes) / repairYears(i, life) - i.fresh / life.fresh

/** Inputs that can turn the answer, and between what they are sought. */
const sought: Partial<Record<keyof Inputs, readonly [low: number, high: number]>> = {
  fresh: [0, 5000],
  parts: [0, 3000],
  minutes: [0, 1500],
  age: [0, 30],
  right: [0.02, 1],
  another: [0, 1],
}

/** The value of an input at which both cost the same a year, by bisection; undefined where none in its range does. */
function turnsAt(i: Inputs, life: Life, input: keyof typeof sought): number | undefined {
  let [low, high] = sought[input]!
  const gap = (value: number) => {
    const at = { ...i, [input]: value }
    return gapOf(at, input === 'age' ? { ...life, left: leftOf(at) } : life)
  }
  const rises = gap(high) > gap(low)
  if (gap(low) > 0 === gap(high) > 0) return undefined
  for (let n = 0; n < 60; n++) {
    const middle = (low + high) / 2
    if (gap(middle) > 0 === rises) high = middle
    else low = middle
  }
  return (low + high) / 2
}

/**
 * Repair against replacement per expected year of service: cost over years on both sides, each with its range; the cost up to which the repair is
 * worth it; and what would turn the answer. Money in the unit of the inputs.
 */
export function worthOf(i: Inputs): Worth {
  const life: Life = { left: leftOf(i), fresh: leftOf({ ...i, age: 0 }) }
  const years = repairYears(i, life)
  const cost: Ranged = {
    low: repairCost(i, i.minutes * work.low),
    mid: repairCost(i, i.minutes),
    high: repairCost(i, i.minutes * work.high),
  }
  const fresh: Ranged = { low: i.fresh, mid: i.fresh, high: i.fresh }
  const repair: Side = { cost, years, aYear: aYear(cost, years) }
  const replace: Side = { cost: fresh, years: life.fresh, aYear: aYear(fresh, life.fresh) }
  // The years of both are spread alike; what tells them apart is where the middle of one lies outside the work's range of the other.
  const [least, most] = [cost.low / years, cost.high / years]
  const says = most <= replace.aYear.mid ? 'repair' : least >= replace.aYear.mid ? 'replace' : 'neither'
  const turns = (Object.keys(sought) as (keyof typeof sought)[]).flatMap(input => {
    const at = turnsAt(i, life, input)
    return at === undefined ? [] : [{ input, at }]
  })
  const far = ({ input, at }: (typeof turns)[0]) => {
    const [low, high] = sought[input]!
    return Math.abs(at - (i[input] as number)) / (high - low)
  }
  return {
    repair,
    replace,
    says,
    breakEven: replace.aYear.mid * years,
    turns: turns.sort((a, b) => far(a) - far(b)),
  }
}
