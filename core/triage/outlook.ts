import type { Family } from '../machine/families.ts'
import { beliefs, type Belief, type Evidence } from './belief.ts'
import { courseOf, type Leg } from './course.ts'
import { endOf, type End } from './end.ts'
import { fieldOf } from './field.ts'
import { learnt, type Solved } from './learn.ts'
import type { Check } from './model.ts'
import { nextActs, type Act, type School } from './next.ts'
import type { Stands } from './reach.ts'
import { table } from './table/table.ts'
import { expectedOf, type Expected } from './ways.ts'

/** What is asked about a machine: its build and model, what is known of it, how it stands, and how somebody goes about it. */
export interface Asked {
  family: Family
  model: string | undefined
  solved: readonly Solved[]
  evidence: Evidence
  stands: Stands
  school: School
}

/** What an outcome would make of the likeliest cause, and which cause would lead then. */
export interface Foreseen {
  /** The cause that this outcome moves most, as it is and as it would be. */
  cause: string | null
  from: number
  to: number
  leads: string | null
}
/** A check with what each outcome would tell. */
export interface Foresight {
  check: Check
  minutes: number
  bad: Foreseen
  good: Foreseen
}

/** All that is to be seen of a search for the cause. */
export interface Outlook {
  held: Belief[]
  acts: Act[]
  foresight: Foresight[]
  end: End
  course: Leg[]
  expected: Expected[]
}

/** So many checks are looked ahead of. */
const most = 40

/** All that is to be seen of a search for the cause, from the table and what the shop learnt. Some tens of milliseconds: for a worker. */
export function outlookOf({ family, model, solved, evidence, stands, school }: Asked): Outlook {
  const field = fieldOf(learnt(table, solved, model), family)
  const held = beliefs(field, evidence)
  const acts = nextActs(field, evidence, stands, school)
  const now = new Map(held.map(b => [b.cause?.id ?? null, b.share]))
  const foreseen = (check: Check, good: boolean): Foreseen => {
    const then = beliefs(field, { ...evidence, checked: [...evidence.checked, { check: check.id, good }] })
    const moved = then.reduce((best, b) => {
      const by = (x: Belief) => Math.abs(x.share - now.get(x.cause?.id ?? null)!)
      return by(b) > by(best) ? b : best
    })
    const cause = moved.cause?.id ?? null
    return { cause, from: now.get(cause)!, to: moved.share, leads: then[0]!.cause?.id ?? null }
  }
  const foresight = acts.flatMap(a =>
    a.does === 'check'
      ? [{ check: a.check, minutes: a.minutes, bad: foreseen(a.check, false), good: foreseen(a.check, true) }]
      : [],
  )
  return {
    held,
    acts,
    foresight: foresight.slice(0, most),
    end: endOf(field, evidence, acts),
    course: courseOf(field, evidence, stands, school),
    expected: expectedOf(field, evidence, stands),
  }
}
