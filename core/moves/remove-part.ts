import type { InferType } from 'yup'
import { part, partCautions, seatNotes } from '../items/part.ts'
import { count } from '../schema/atoms.ts'
import { bare, inWords, join, say, sentence, type Phrase } from '../words/phrase.ts'
import { partChecks } from './checks.ts'
import { ofPart } from './field.ts'
import { ofPart as lacksOfPart } from './lack.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('remove-part', {
  part: part.required(),
  /** How many came off, where they are alike: paddles, balls, washers. One where nothing is said. */
  count: count(),
})
type RemovePart = InferType<typeof schema>

/** `twelve balls`; of one its name. */
const what = (m: RemovePart): Phrase =>
  m.count && m.count > 1 ? say`${inWords(m.count)} ${bare(m.part.name)}` : m.part.name
/** The same within a sentence: `the bracket`, `all twelve balls`. */
const whole = (m: RemovePart): Phrase =>
  m.count === 2
    ? say`both ${bare(m.part.name)}`
    : m.count && m.count > 1
      ? say`all ${what(m)}`
      : say`the ${bare(m.part.name)}`

/** Takes a part off the machine; the inverse refits it, marks aligned, seated. */
export const removePart: MoveKind<RemovePart> = {
  kind: 'remove-part',
  name: 'Take off',
  item: 'part',
  schema,
  fresh: () => ({ part: { name: 'part' } }),
  fields: where => ofPart(where, { path: 'count', label: 'counted', how: 'count' }),
  traits: m => ({ part: m.part.name, opens: m.part.opens ?? [] }),
  lacks: (m, family) => ((m.count ?? 1) > 1 ? [] : lacksOfPart(m.part, family)),
  grammar: {
    verb: 'take off',
    name: 'name',
    opensCovers: true,
    verbs:
      'lift, slide/slid, drop, lower, tilt, hinge, swing/swung, prise, pry, pop, draw/drew/drawn, twist, unhook, dig/dug, knock, lever, hoist, tip, unclip, withdraw/withdrew/withdrawn, extract, haul, rock, unhang/unhung, rotate, turn, wriggle, carry, peel, fish, shimmy, jiggle, manhandle, wrestle, guide, split/split, snap, unseat, pick, hook, flick',
    things: ['seal', 'spring', 'ring'],
    also: ['hose', 'clamp', 'belt', 'capacitor', 'filter', 'pin'],
  },
  opens: m => [owes(m, 'part', 'off', m.count ?? 1, say`${what(m)}${at(m)}`)],
  invert: turned,
  subject: m => say`${what(m)}${at(m)}`,
  thing: m => m.part.name,
  down: m =>
    sentence(join('. Lies ', say`${on(m)}take off ${whole(m)}`, m.part.lies ?? (m.cell && say`in cell ${m.cell}`))),
  back: m => sentence(say`${on(m)}refit ${whole(m)}`),
  notes: m => seatNotes(m.part),
  tools: () => [],
  cautions: m => partCautions(m.part),
  checks: m => partChecks(m.part),
}
