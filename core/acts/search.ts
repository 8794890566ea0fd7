import type { Finding, Ranked } from '../finder/find.ts'
import { knownName } from '../finder/known.ts'
import type { BodyOf } from '../log/event.ts'
import type { JobState } from '../log/state.ts'
import type { Move } from '../moves/registry.ts'
import type { ReturnPlan } from '../plan/plan.ts'
import { text } from '../words/language.ts'
import { say } from '../words/phrase.ts'
import { does, happens, says, type Act } from './act.ts'
import { takenOff } from './take-off.ts'

/** What explains a thing that was found at a place of each kind. */
const explains: Record<Ranked['kind'], (place: string) => string> = {
  hole: place => `found in ${place}`,
  owed: place => `belongs to what is ${place}`,
  'old part': place => `from ${place}`,
  tray: () => 'was in the tray before',
  cell: place => `found in ${place}`,
  fallen: place => `found ${place}`,
}

/** Something is left over, or short, or both: named by what is known of it. */
export function report(state: JobState, asked: Omit<BodyOf<'leftover-reported'>, 'what'>): Act {
  const moves = new Map([...state.steps.values()].flatMap(s => s.moves.map((m): [string, Move] => [m.id, m])))
  const short = asked.short && state.debts.get(asked.short)
  const what = [
    ...(asked.known ? [text(knownName(asked.known, id => moves.get(id)))] : []),
    ...(short ? [text(say`one short of ${short.label}`)] : []),
  ]
  return says('leftover-reported', { ...asked, what: what.join('; ') })
}

/** A place was looked at in vain. */
export const lookedAt = (leftover: string, place: string): Act =>
  says('place-looked', { leftover, place, found: false })

/** It is there: the search ends with its explanation. */
export const foundAt = (leftover: string, place: Finding['places'][number]): Act =>
  does(
    happens('place-looked', { leftover, place: place.id, found: true }),
    happens('leftover-explained', { leftover, place: place.id, by: explains[place.kind](text(place.words)) }),
  )

/** Takes a cover off again, and what fastens it, to look behind it; what is under it stays as it is. */
export const openToLook = (plan: ReturnPlan, cover: string, reason: string): Act =>
  does(...takenOff(plan, [cover], reason))
