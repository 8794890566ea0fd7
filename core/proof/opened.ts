import { earthing } from '../assembly/part-traits.ts'
import { knownAt, named } from '../assembly/named.ts'
import type { JobState, StepState } from '../log/state.ts'
import { liesIn, type Family } from '../machine/families.ts'
import { apply, subject, thingOf } from '../moves/move.ts'
import { pointsOf, traitsOf, type Move } from '../moves/registry.ts'
import { isAtTheHouse } from '../plan/pieces.ts'
import { text } from '../words/language.ts'
import { say, type Phrase } from '../words/phrase.ts'
import {
  circuitOf,
  hangs,
  provedWithoutPlug,
  sealedByFastening,
  sideOf,
  turns,
  type Circuit,
  type Side,
} from '../assembly/part-work.ts'

/** One move of the descent that has to be proved, with the number of its step. */
export interface Opened {
  move: Move
  step: StepState
  number: number
  /** What was opened, as a noun phrase with all that was said of it. */
  thing: Phrase
  /** The same by its usual name alone. */
  name: Phrase
}
/** What a job opened, by what has to be proved of it. */
export interface Work {
  joints: (Opened & { side: Side })[]
  circuits: ReadonlyMap<Circuit, Opened[]>
  /** Connectors of which nobody knows what hangs on them. */
  unknown: Opened[]
  turns: Opened[]
  hangs: Opened[]
  /** Covers: what closes zones when it is back. */
  covers: Opened[]
  /** What the earth of the machine hangs on. */
  earth: Opened[]
  /** Any connector or live part: what is measured dead before power comes on. */
  electric: Opened[]
}

/** The usual names of what a move is done to: its part, its hose, and what its place names. */
function knownOf(move: Move, family: Family, zone: string | undefined): string[] {
  const { renews, part = renews } = traitsOf(move)
  const own = part ? named(part, family, zone, 'part' in move ? move.part?.is : undefined).known?.name : undefined
  const hose = 'joint' in move && move.joint.hose ? named(move.joint.hose, family, zone).known?.name : undefined
  const found = [...new Set([...(own ? [own] : []), ...(hose ? [hose] : []), ...knownAt(move, family, zone)])]
  if (found.length) return found
  // A belt names itself.
  const thing = named(text(thingOf(move)), family, zone).known?.name
  return thing ? [thing] : []
}

/** What a thing is called for short. */
const nameOf = (move: Move, known: readonly string[]): Phrase => {
  const { isolates, restores } = traitsOf(move)
  if (restores === 'water') return isolates === 'hot water' ? say`hot tap and hose` : say`cold tap and hose`
  if (isolates === 'pressure') return say`inlet joint`
  if ('by' in move) return { say: move.by }
  if ('joint' in move && move.joint.hose) return move.joint.hose
  return known[0] ?? thingOf(move)
}

/** The side of a hose that the catalogue does not know, by what it is called. */
const sideOfWords = (words: string): Side =>
  /inlet|supply|tap\b/i.test(words)
    ? 'pressure'
    : /drain|outlet|waste|spray|steam|vent/i.test(words)
      ? 'running'
      : 'standing'

/** The side of the water that a move opens a way for; none where it opens none. */
function sideOpened(move: Move, known: readonly string[], step: StepState): Side | undefined {
  const { wet, renews, part = renews, fastens, isolates, drains } = traitsOf(move)
  if (drains) return 'standing'
  if (isolates === 'pressure' || isolates === 'cold water' || isolates === 'hot water') return 'pressure'
  if (isolates === 'drain hose') return 'running'
  const own = known.flatMap(name => sideOf.get(name) ?? [])[0]
  if (wet) {
    // Behind the valve there is water only while it fills.
    if (known[0]?.includes('inlet hose') && step.zone && !['outside', 'rear'].includes(step.zone)) return 'running'
    const words = 'joint' in move ? `${move.joint.hose ?? ''} ${move.place ?? ''}` : (move.place ?? '')
    // Air stands in the pressure tube, not water.
    if (known[0] === 'pressure hose' || /pressure (tube|hose)/i.test(words)) return undefined
    return own ?? sideOfWords(words)
  }
  if (part) return sideOf.get(known[0] ?? '')
  if (fastens) return known.some(name => sealedByFastening.has(name)) ? own : undefined
  return undefined
}

/** What the steps of a job opened that has to be proved before it is closed. What owes nothing opened nothing. O(moves). */
export function workOf(state: JobState, family: Family): Work {
  const work: Work = {
    joints: [],
    circuits: new Map(),
    unknown: [],
    turns: [],
    hangs: [],
    covers: [],
    earth: [],
    electric: [],
  }
  const circuitsFound = work.circuits as Map<Circuit, Opened[]>
  const add = (circuit: Circuit, opened: Opened) =>
    circuitsFound.set(circuit, [...(circuitsFound.get(circuit) ?? []), opened])
  state.order.forEach((id, i) => {
    const recorded = state.steps.get(id)!
    for (const move of recorded.moves) {
      // What was shut off where the machine meets the house lies in no zone, whatever was told.
      const step = isAtTheHouse(move) ? { ...recorded, zone: 'outside' } : recorded
      const traits = traitsOf(move)
      if (apply(move).length === 0 && !traits.renews) continue
      const known = knownOf(move, family, step.zone)
      const opened: Opened = {
        move,
        step,
        number: i + 1,
        thing: traits.isolates ? nameOf(move, known) : traits.part ? thingOf(move) : subject(move),
        name: nameOf(move, known),
      }
      if (traits.opens?.length) work.covers.push(opened)
      const side = sideOpened(move, known, step)
      if (side) work.joints.push({ ...opened, side })
      if (traits.isolates || traits.temporary || traits.turns || traits.drains) continue
      const isPlug = 'connector' in move
      const isEarth = known.some(name => earthing.has(name)) || (isPlug && move.connector.type === 'ring')
      if (isEarth) work.earth.push(opened)
      const its = [...new Set(known.flatMap(name => circuitOf.get(name) ?? []))].filter(
        circuit =>
          isPlug || ((traits.part ?? traits.renews) && !traits.opens?.length) || provedWithoutPlug.has(circuit),
      )
      for (const circuit of its) add(circuit, opened)
      if (isPlug && its.length === 0 && !isEarth) work.unknown.push(opened)
      if (isPlug || ((traits.part ?? traits.renews) && its.length > 0)) work.electric.push(opened)
      const near = pointsOf(move) && step.zone !== undefined && liesIn(family, step.zone, 'drive')
      if (near || known.some(name => turns.has(name))) work.turns.push(opened)
      if (known.some(name => hangs.has(name))) work.hangs.push(opened)
    }
  })
  return work
}
