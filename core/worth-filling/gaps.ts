import type { JobState } from '../log/state.ts'
import type { Step } from '../log/step.ts'
import { lookAlikes } from '../look-alikes/find.ts'
import { lotsOf } from '../look-alikes/lot.ts'
import type { Family } from '../machine/families.ts'
import { subject } from '../moves/move.ts'
import type { Move } from '../moves/registry.ts'
import { anatomy } from '../machine/families.ts'

/** Something that is still worth recording while it can be seen. */
export interface Gap {
  step: string
  /** The move, where it is one that lacks it; a step that lacks its zone has none. */
  move?: string | undefined
  /** Path of the field in the move, like `connector.wires`; `zone` or `photo` of the step. */
  field: string
  /** What to record, in few words. */
  ask: string
  /** What it would save in the return. */
  why: string
  /** Minutes that the return is likely to lose without it: our own estimate, for the order of the list only. */
  minutes: number
}

/** What a move by itself lacks, whatever lies beside it. */
function ofMove(move: Move, family: Family): Omit<Gap, 'step' | 'move'>[] {
  const what = subject(move)
  switch (move.kind) {
    case 'unroute':
      return move.route.waypoints.length === 0
        ? [
            {
              field: 'route.waypoints',
              ask: `Where ${what} runs`,
              why: 'A line without its points is laid by guess',
              minutes: 10,
            },
          ]
        : []
    case 'remove-fasteners':
      return [
        ...(move.cell
          ? []
          : [{ field: 'cell', ask: `Cell of ${what}`, why: 'Screws without a cell are looked for', minutes: 4 }]),
        ...((move.fastener.size ?? move.fastener.drive)
          ? []
          : [{ field: 'fastener.size', ask: `Drive of ${what}`, why: 'The driver is fetched once', minutes: 1 }]),
      ]
    case 'remove-part':
    case 'pull-off': {
      const isCover = anatomy[family].covers.some(c => c.name === move.part.name)
      return [
        ...(move.part.name === 'part'
          ? [
              {
                field: 'part.name',
                ask: 'Name of the part',
                why: 'A part without a name is no help on the way back',
                minutes: 3,
              },
            ]
          : []),
        ...(!move.part.orientation && !isCover
          ? [
              {
                field: 'part.orientation',
                ask: `Which way the ${move.part.name} faces`,
                why: 'It goes in more than one way',
                minutes: 3,
              },
            ]
          : []),
      ]
    }
    case 'open-joint':
      return move.joint.clock || move.joint.notch || move.joint.clamp === 'none'
        ? []
        : [
            {
              field: 'joint.clock',
              ask: `Where the clamp of ${what} points`,
              why: 'A clamp that points wrong rubs or cannot be reached',
              minutes: 2,
            },
          ]
    default:
      return []
  }
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
      found.push(...ofMove(move, family).map(gap => ({ ...gap, step: step.id, move: move.id })))
    }
    if (!standing.length || step === inHand) continue
    if (!step.zone)
      found.push({
        step: step.id,
        field: 'zone',
        ask: 'Zone of the step',
        why: 'A gate cannot guard what lies nowhere',
        minutes: 5,
      })
    if (
      !step.photos.length &&
      standing.some(m => m.kind !== 'isolate' && m.kind !== 'turn-machine' && m.kind !== 'drain')
    )
      found.push({
        step: step.id,
        field: 'photo',
        ask: 'A photo of the place',
        why: 'What is seen need not be remembered',
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
          ask: `Wire colours of ${name}`,
          why: 'Another plug fits its socket',
          minutes: 8,
        })
      if (lot.fastener && lot.fastener.length === undefined && differs.some(d => d.what === 'length'))
        found.push({
          ...of,
          field: 'fastener.length',
          ask: `Length of ${name}`,
          why: 'One that looks like it is longer or shorter',
          minutes: 6,
        })
    }
  const seen = new Set<string>()
  return found
    .filter(g => {
      const key = `${g.step} ${g.move ?? ''} ${g.field}`
      return !seen.has(key) && seen.add(key)
    })
    .sort((x, y) => y.minutes - x.minutes)
}
