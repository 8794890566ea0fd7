import type { JobState } from '../log/state.ts'
import type { Step } from '../log/step.ts'
import { lookAlikes } from '../look-alikes/find.ts'
import { lotsOf } from '../look-alikes/lot.ts'
import type { Family } from '../machine/families.ts'
import { subject } from '../moves/move.ts'
import type { Lack } from '../moves/lack.ts'
import { kindOf, traitsOf } from '../moves/registry.ts'
import { inWords, say } from '../words/phrase.ts'

/** Something that is still worth recording while it can be seen; its field may be `zone` or `photo` of the step. */
export interface Gap extends Lack {
  step: string
  /** The move, where it is one that lacks it; a step that lacks its zone has none. */
  move?: string | undefined
}

/**
 * What is still worth recording of what is off the machine and of the step in hand, what saves most first. Nothing in it is
 * ever required.
 */
export function gaps(state: JobState, family: Family, inHand?: Step): Gap[] {
  const found: Gap[] = []
  const steps = [...state.order.toArray().map(id => state.steps.get(id)!), ...(inHand ? [inHand] : [])]
  const stepOf = new Map<string, Step>()
  for (const step of steps) {
    const standing = step.moves.filter(m => step === inHand || state.owing.has(m.id))
    for (const move of standing) {
      stepOf.set(move.id, step)
      found.push(...(kindOf(move).lacks?.(move, family) ?? []).map(lack => ({ ...lack, step: step.id, move: move.id })))
    }
    if (!standing.length || step === inHand) continue
    if (!step.zone)
      found.push({
        step: step.id,
        field: 'zone',
        ask: say`Zone of the step`,
        why: say`A gate cannot guard what lies nowhere`,
        minutes: 5,
      })
    if (!step.photos.length && standing.some(m => !traitsOf(m).unseen))
      found.push({
        step: step.id,
        field: 'photo',
        ask: say`A photo of the place`,
        why: say`What is seen need not be remembered`,
        minutes: 2,
      })
  }
  for (const { a, b, differs } of lookAlikes(family, lotsOf(state, inHand)))
    for (const lot of [a, b]) {
      const step = stepOf.get(lot.id)
      if (!step) continue
      const of = { step: step.id, move: lot.id }
      const name = subject(step.moves.find(m => m.id === lot.id)!)
      if (lot.connector && !lot.connector.wires?.length)
        found.push({
          ...of,
          field: 'connector.wires',
          ask: say`Wire colours of ${name}`,
          why: say`Another plug fits its socket`,
          minutes: 8,
        })
      if (lot.fastener && lot.fastener.length === undefined && differs.some(d => d.what === 'length'))
        found.push({
          ...of,
          field: 'fastener.length',
          ask: say`Length of ${name}`,
          why: say`One that looks like it is longer or shorter`,
          minutes: 6,
        })
    }
  found.push(...unmeasured(steps, state, inHand))
  const seen = new Set<string>()
  return found
    .filter(g => {
      const key = `${g.step} ${g.move ?? ''} ${g.field}`
      return !seen.has(key) && seen.add(key)
    })
    .sort((x, y) => y.minutes - x.minutes)
}

/** Groups of one size in one zone, none of which was measured: three or more of them cannot be told apart afterwards. */
function unmeasured(steps: readonly Step[], state: JobState, inHand: Step | undefined): Gap[] {
  const groups = steps.flatMap(step =>
    step.moves.flatMap(move =>
      'fastener' in move && kindOf(move).loose && (step === inHand || state.owing.has(move.id)) && step.zone
        ? [{ step, move, key: `${step.zone} ${move.fastener.size ?? move.fastener.thread ?? ''}` }]
        : [],
    ),
  )
  const byKey = new Map<string, typeof groups>()
  for (const g of groups) byKey.set(g.key, [...(byKey.get(g.key) ?? []), g])
  return [...byKey.values()].flatMap((alike): Gap[] => {
    const lacking = alike.filter(g => g.move.fastener.length === undefined)
    const { size, thread } = alike[0]!.move.fastener
    if (lacking.length < 3 || lacking.length < alike.length || !(size ?? thread)) return []
    const first = lacking.at(-1)!
    return [
      {
        step: first.step.id,
        move: first.move.id,
        field: 'fastener.length',
        ask: say`${inWords(lacking.length)} groups of ${size ?? thread!}, none with a length: measure one of each now`,
        why: say`Mixed on the bench they are told apart by nothing else`,
        minutes: 7,
      },
    ]
  })
}
