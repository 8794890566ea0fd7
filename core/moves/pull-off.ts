import type { InferType } from 'yup'
import * as yup from 'yup'
import { part, partCautions, seatNotes } from '../items/part.ts'
import { note } from '../words/note.ts'
import { bare, say, sentence } from '../words/phrase.ts'
import { partChecks } from './checks.ts'
import { ofPart } from './field.ts'
import { ofPart as lacksOfPart } from './lack.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('pull-off', {
  part: part.required(),
  /** True when it cannot be pulled again without damage once it is pressed on. */
  oneWay: yup.boolean(),
})
type PullOff = InferType<typeof schema>

/** Pulls or presses off what sits by interference; the inverse presses it on. */
export const pullOff: MoveKind<PullOff> = {
  kind: 'pull-off',
  name: 'Pull off',
  item: 'part',
  schema,
  fresh: () => ({ part: { name: 'part' } }),
  fields: where => ofPart(where, { path: 'oneWay', label: 'goes on once', how: 'yes' }),
  traits: m => ({ part: m.part.name, opens: m.part.opens ?? [] }),
  lacks: (m, family) => lacksOfPart(m.part, family),
  grammar: {
    verb: 'pull off',
    name: 'name',
    opensCovers: true,
    verbs:
      'pull, draw/drew/drawn, press, yank, tap, drive/drove/driven, knock, drift, lever, wiggle, hammer, extract, withdraw/withdrew/withdrawn, prise, pry, pop, work, rock, jerk, heave, wallop, waller, walk, slide/slid, tug, wrench, beat/beaten, chase, punch, push, slip, bump, persuade, jack, haul, drag, dig/dug, ease, strike/struck, lift',
    things: ['pin'],
    also: ['seal'],
  },
  opens: m => [owes(m, 'part', 'off', 1, say`${m.part.name}${at(m)}`)],
  invert: turned,
  subject: m => say`${m.part.name}${at(m)}`,
  thing: m => m.part.name,
  down: m => sentence(say`${on(m)}pull the ${bare(m.part.name)} off straight`),
  back: m => sentence(say`${on(m)}press the ${bare(m.part.name)} on straight, to the stop`),
  notes: m => [...(m.oneWay ? [note(say`Goes on once: check everything behind it first`)] : []), ...seatNotes(m.part)],
  tools: () => ['puller'],
  cautions: m => partCautions(m.part),
  checks: m => partChecks(m.part),
}
