import { entriesOf } from '../log/entry.ts'
import type { JobState } from '../log/state.ts'
import type { Glyph } from '../items/kinds.ts'
import { subject, thingOf } from '../moves/move.ts'
import { glyphFor } from '../moves/registry.ts'
import { say, type Phrase } from '../words/phrase.ts'
import { stepsOf, wayBackOf } from './doings.ts'

/** What one job can learn for the next. */
export const lessonKinds = [
  'order said',
  'joined first',
  'seen on the way back',
  'opened again',
  'closed with something owed',
  'found so',
  'noted',
  'trap',
] as const
/** Something that one learnt the hard way: at which acts the next one hears it, on the way down or back, and in which words. */
export interface Lesson {
  kind: (typeof lessonKinds)[number]
  /** On which way it matters: `both` where it is said down already. */
  when: 'down' | 'back' | 'both'
  /** The moves at which it is said. */
  at: readonly string[]
  says: Phrase
}

/** Of several that say the same, the first. */
export function saidOnce<L extends Pick<Lesson, 'says'>>(all: readonly L[]): L[] {
  const said = new Set<string>()
  return all.filter(({ says }) => {
    const key = JSON.stringify(says)
    return !said.has(key) && said.add(key)
  })
}

/** A step that was opened again on the way back, and why. */
export interface Reopened {
  step: string
  reason: string
}

/** Kinds of things that were off already when they are told on the way back; a towel or a turn was not overlooked. */
const cameOff = new Set<Glyph>(['fastener', 'clip', 'connector', 'line', 'joint', 'part', 'consumable'])

/** What a job learnt that the next one of its model would want to hear. O(steps + entries). */
export function lessons(state: JobState, reopened: readonly Reopened[] = []): Lesson[] {
  const steps = stepsOf(state)
  const moves = new Map(steps.flatMap(s => s.moves.map(m => [m.id, m] as const)))
  const of = (step: string) => state.steps.get(step)?.moves ?? []
  const ids = (step: string) => of(step).map(m => m.id)
  const named = (step: string): Phrase => (of(step)[0] ? subject(of(step)[0]!) : say`this step`)
  const back = wayBackOf(state)

  const orders = [...state.constraints.values()].map(({ body }): Lesson => ({
    kind: 'order said',
    when: 'both',
    at: [...ids(body.first), ...ids(body.then)],
    says: say`On the way back ${named(body.first)} before ${named(body.then)}: ${body.reason}`,
  }))
  const joined = entriesOf(state, 'liaison-told').flatMap(({ body }): Lesson[] => {
    const [thing, part] = [body.move && moves.get(body.move), moves.get(body.part)]
    return body.how === 'rides on' && !body.not && thing && part
      ? [
          {
            kind: 'joined first',
            when: 'both',
            at: [thing.id, part.id],
            says: say`Joined first, on the bench: ${subject(thing)} to ${thingOf(part)}`,
          },
        ]
      : []
  })
  // Said at what comes off the same place before: there it can still be seen.
  const seenLate = steps.flatMap((s, i): Lesson[] => {
    if (s.recordedAt < back || !s.moves.some(m => cameOff.has(glyphFor(m.kind)))) return []
    const before = steps.slice(0, i).findLast(b => b.recordedAt < back && b.zone === s.zone)
    return [
      {
        kind: 'seen on the way back',
        when: 'both',
        at: [...ids(s.id), ...(before ? ids(before.id) : [])],
        says: say`Nobody saw it going down: ${named(s.id)}`,
      },
    ]
  })
  const again = reopened.map((r): Lesson => ({
    kind: 'opened again',
    when: 'back',
    at: ids(r.step),
    says: say`It was opened again: ${r.reason}`,
  }))
  const gates = entriesOf(state, 'gate-passed').flatMap(({ body }): Lesson[] =>
    body.owed.length && body.reason
      ? [
          {
            kind: 'closed with something owed',
            when: 'back',
            at: ids(body.step),
            says: say`It was closed with something still owed: ${body.reason}`,
          },
        ]
      : [],
  )
  const found = [...moves.values()].flatMap((m): Lesson[] =>
    m.condition
      ? [{ kind: 'found so', when: 'down', at: [m.id], says: say`Found ${{ say: m.condition }} before: ${thingOf(m)}` }]
      : [],
  )
  const notes = entriesOf(state, 'note-added').flatMap(({ body }): Lesson[] =>
    body.step ? [{ kind: 'noted', when: 'both', at: ids(body.step), says: body.text }] : [],
  )
  return [...orders, ...joined, ...seenLate, ...again, ...gates, ...found, ...notes].filter(l => l.at.length)
}
