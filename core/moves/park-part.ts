import type { InferType } from 'yup'
import { part, partCautions, seatNotes } from '../items/part.ts'
import { join, sentence } from '../text/words.ts'
import { partChecks } from './checks.ts'
import { ofPart } from './field.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('park-part', { part: part.required() })
type ParkPart = InferType<typeof schema>

/** Parks a part that stays attached; the inverse brings it back to its seat. */
export const parkPart: MoveKind<ParkPart> = {
  kind: 'park-part',
  name: 'Park',
  item: 'part',
  schema,
  fresh: () => ({ part: { name: 'part' } }),
  fields: where => ofPart(where),
  traits: m => ({ part: m.part.name, opens: m.part.opens ?? [] }),
  grammar: {
    verb: 'park',
    acts: ['park, parked, hang, hung, hang aside, lay aside, set aside, fold down, swing out'],
    name: 'name',
    opensCovers: true,
  },
  opens: m => [owes(m, 'part', 'parked', 1, m.part.name + at(m))],
  invert: turned,
  subject: m => m.part.name + at(m),
  down: m =>
    sentence(join(' ', `${on(m)}park the ${m.part.name}, still attached,`, m.part.lies ?? 'where it cannot fall')),
  back: m => sentence(`${on(m)}bring the ${m.part.name} back to its seat`),
  notes: m => ['No wire under it', ...seatNotes(m.part)],
  tools: () => [],
  cautions: m => partCautions(m.part),
  checks: m => partChecks(m.part),
}
