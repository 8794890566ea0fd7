import type { InferType } from 'yup'
import { part, partCautions, seatNotes } from '../items/part.ts'
import { bare, join, say, sentence } from '../words/phrase.ts'
import { partChecks } from './checks.ts'
import { ofPart } from './field.ts'
import { ofPart as lacksOfPart } from './lack.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('remove-part', { part: part.required() })
type RemovePart = InferType<typeof schema>

/** Takes a part off the machine; the inverse refits it, marks aligned, seated. */
export const removePart: MoveKind<RemovePart> = {
  kind: 'remove-part',
  name: 'Take off',
  item: 'part',
  schema,
  fresh: () => ({ part: { name: 'part' } }),
  fields: where => ofPart(where),
  traits: m => ({ part: m.part.name, opens: m.part.opens ?? [] }),
  lacks: (m, family) => lacksOfPart(m.part, family),
  grammar: { verb: 'take off', acts: ['lift away, slide out, slid out'], name: 'name', opensCovers: true },
  opens: m => [owes(m, 'part', 'off', 1, say`${m.part.name}${at(m)}`)],
  invert: turned,
  subject: m => say`${m.part.name}${at(m)}`,
  thing: m => m.part.name,
  down: m =>
    sentence(
      join(
        '. Lies ',
        say`${on(m)}take off the ${bare(m.part.name)}`,
        m.part.lies ?? (m.cell && say`in cell ${m.cell}`),
      ),
    ),
  back: m => sentence(say`${on(m)}refit the ${bare(m.part.name)}`),
  notes: m => seatNotes(m.part),
  tools: () => [],
  cautions: m => partCautions(m.part),
  checks: m => partChecks(m.part),
}
