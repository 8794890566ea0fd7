import type { InferType } from 'yup'
import * as yup from 'yup'
import { sitsOn } from '../assembly/sits-on.ts'
import { part, partCautions, seatNotes } from '../items/part.ts'
import { limits } from '../schema/limits.ts'
import { line, listOf } from '../schema/atoms.ts'
import { note } from '../words/note.ts'
import { bare, list, say, sentence } from '../words/phrase.ts'
import { partChecks } from './checks.ts'
import { ofPart } from './field.ts'
import { at, moveShape, on, owes, turned, type MoveKind } from './move-kind.ts'

const schema = moveShape('replace-part', {
  part: part.required(),
  /** What was fixed to the old part and must go over to the new one. */
  carryOver: listOf(line().required(), limits.moves).required(),
  /** True when it was looked at: nothing of the old part goes over. */
  nothingOver: yup.boolean(),
  /** Number or words by which the new part is known. */
  replacement: line(),
})
type ReplacePart = InferType<typeof schema>

/** Replaces a part: the new one is owed, and each thing that was fixed to the old one is owed beside it. */
export const replacePart: MoveKind<ReplacePart> = {
  kind: 'replace-part',
  name: 'Replace',
  item: 'part',
  schema,
  fresh: () => ({ part: { name: 'part' }, carryOver: [] }),
  fields: where =>
    ofPart(
      where,
      { path: 'carryOver', label: 'carry over', how: 'list', options: sitsOn(where.thing ?? '') },
      { path: 'nothingOver', label: 'nothing on the old one', how: 'yes' },
    ),
  traits: m => ({ part: m.part.name, renews: m.part.name, opens: m.part.opens ?? [] }),
  lacks: m =>
    m.carryOver.length > 0 || m.nothingOver
      ? []
      : [
          {
            field: 'carryOver',
            ask: say`What is on the old ${bare(m.part.name)}: ${list(sitsOn(m.part.name).slice(0, 3))}?`,
            why: say`It goes into the bin with it`,
            minutes: 6,
          },
        ],
  grammar: {
    verb: 'replace',
    name: 'name',
    verbs: 'replace, renew, change, swap, exchange, substitute, fit, install, put/put, press, tap, bag',
    also: ['seal', 'belt'],
  },
  opens: m => [
    // What goes over is put on the new part on the bench, so it is owed first.
    ...m.carryOver.map((thing, i) => ({
      ...owes(m, 'part', 'off', 1, say`${thing}, from the old ${m.part.name}`),
      debt: `${m.id}/${i + 1}`,
    })),
    owes(m, 'part', 'off', 1, say`new ${m.part.name}${at(m)}`),
  ],
  invert: turned,
  subject: m => say`new ${m.part.name}${at(m)}`,
  thing: m => say`new ${m.part.name}`,
  down: m => sentence(say`${on(m)}take off the ${bare(m.part.name)}; a new one goes in`),
  back: m => sentence(say`${on(m)}fit the new ${m.part.name}`),
  notes: m => [...m.carryOver.map(thing => note(say`Carry over the ${bare(thing)}`)), ...seatNotes(m.part)],
  tools: () => [],
  cautions: m => partCautions(m.part),
  checks: m => partChecks(m.part),
}
