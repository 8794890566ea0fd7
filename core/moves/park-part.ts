import type { InferType } from 'yup'
import { part, partCautions, seatNotes } from '../items/part.ts'
import { note } from '../words/note.ts'
import { bare, say, sentence } from '../words/phrase.ts'
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
  traits: m => ({ part: m.part.name, opens: m.part.opens ?? [], whenTurned: 'swings' }),
  grammar: {
    verb: 'park',
    name: 'name',
    opensCovers: true,
    verbs:
      'hang/hung, park, rest, lean/leant, leave/left, dangle, perch, swing/swung, lay/laid, flip, fold, tip, set/set, stand/stood, balance, tuck, hook, roll, lie/lay/lain, sit/sat, hinge, prop, tie, drape, put/put, stuff, shove, push, turn, lift, tilt, place, stow, hold/held, suspend, rotate, move, keep/kept, support, pin, pull, cram, bung, hoof, stick/stuck, swivel, drop, lower',
    also: ['hose', 'line', 'soft'],
  },
  opens: m => [owes(m, 'part', 'parked', 1, say`${m.part.name}${at(m)}`)],
  invert: turned,
  subject: m => say`${m.part.name}${at(m)}`,
  thing: m => m.part.name,
  down: m =>
    sentence(say`${on(m)}park the ${bare(m.part.name)}, still attached, ${m.part.lies ?? say`where it cannot fall`}`),
  back: m => sentence(say`${on(m)}bring the ${bare(m.part.name)} back to its seat`),
  notes: m => [note(say`No wire under it`), ...seatNotes(m.part)],
  tools: () => [],
  cautions: m => partCautions(m.part),
  checks: m => partChecks(m.part),
}
