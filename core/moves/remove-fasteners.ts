import type { InferType } from 'yup'
import { fastener, fasteners, fastenerName, fittingNotes } from '../items/fastener.ts'
import { limits } from '../schema/limits.ts'
import { count, line, listOf } from '../schema/atoms.ts'
import { bare, inWords, list, say, sentence, type Phrase } from '../words/phrase.ts'
import { cell, count as counted, note, ofFasteners, place } from './field.ts'
import type { Lack } from './lack.ts'
import { at, into, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'
import { driver } from './tools.ts'

const schema = moveShape('remove-fasteners', {
  fastener: fastener.required(),
  count: count().required(),
  /** What lies under their heads beside what they hold: `ground eyelet, second screw`. It is placed before they are started. */
  shares: listOf(line().required(), limits.moves),
})
type RemoveFasteners = InferType<typeof schema>

const shared = (m: RemoveFasteners): readonly string[] => m.shares ?? []
/** `the ground eyelet (second screw)` of `ground eyelet, second screw`. */
function placed(share: string): Phrase {
  const [thing, ...where] = share.split(',').map(piece => piece.trim())
  return where.length ? say`the ${bare(thing!)} (${where.join(', ')})` : say`the ${bare(thing!)}`
}
const back = (m: RemoveFasteners): Phrase =>
  shared(m).length ? say`place ${list(shared(m).map(placed))} first, then ${started(m)}` : started(m)
const started = (m: RemoveFasteners) => {
  if (m.count === 1) return say`start ${fastenerName(m.fastener)} by hand, then tighten`
  const all =
    m.count === 2
      ? say`start both ${fastenerName(m.fastener)} by hand`
      : say`start all ${inWords(m.count)} ${fastenerName(m.fastener)} by hand`
  return m.fastener.pattern === 'circle' ? say`${all}, then crosswise` : say`${all}, then tighten`
}

/** Takes out a group of like fasteners; the inverse starts all by hand and tightens. */
export const removeFasteners: MoveKind<RemoveFasteners> = {
  kind: 'remove-fasteners',
  name: 'Take out',
  item: 'fastener',
  schema,
  loose: true,
  fresh: ({ cell }) => ({ ...(cell && { cell }), fastener: {}, count: 1 }),
  fields: () => [
    counted,
    ...ofFasteners,
    cell,
    place,
    { path: 'shares', label: 'under them', how: 'list', options: ['ground eyelet', 'bracket', 'cable clamp', 'cover'] },
    note,
  ],
  traits: () => ({ fastens: true }),
  lacks(m) {
    const what = say`${fasteners(m.count, m.fastener)}${at(m)}`
    const lacks: Lack[] = []
    if (!m.cell)
      lacks.push({
        field: 'cell',
        ask: say`Cell of ${what}`,
        why: say`Screws without a cell are looked for`,
        minutes: 4,
      })
    if (!(m.fastener.size ?? m.fastener.drive))
      lacks.push({
        field: 'fastener.size',
        ask: say`Drive of ${what}`,
        why: say`The driver is fetched once`,
        minutes: 1,
      })
    return lacks
  },
  grammar: {
    verb: 'take out',
    thing: 'screw',
    verbs:
      'undo/undid/undone, unscrew, unbolt, unfasten, screw, bolt, wind/wound, spin/spun, crack, break/broke/broken, drill, drive/drove/driven, zip, back, start, turn, extract, loosen, whip, run/ran, unwind/unwound',
    things: ['fastener'],
  },
  opens: m => [
    // What they share is placed before they are started, so it is owed first.
    ...shared(m).map((thing, i) => ({
      ...owes(m, 'part', 'off', 1, say`${thing}, under ${fasteners(m.count, m.fastener)}${at(m)}`),
      debt: `${m.id}/${i + 1}`,
    })),
    owes(m, 'fastener', 'out', m.count, say`${fasteners(m.count, m.fastener)}${at(m)}`),
  ],
  invert: turned,
  subject: m => say`${fasteners(m.count, m.fastener)}${at(m)}`,
  thing: m => fastenerName(m.fastener),
  down: m => sentence(say`${on(m)}take out ${fasteners(m.count, m.fastener)}${into(m)}`),
  back: m => sentence(say`${on(m)}${back(m)}`),
  notes: m => fittingNotes(m.count, m.fastener).slice(m.count > 1 ? 1 : 0),
  tools: m => driver(m.fastener),
  cautions: () => [],
}
