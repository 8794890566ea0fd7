import { entriesOf, type EntryOf } from '../log/entry.ts'
import type { JobState } from '../log/state.ts'
import type { Told } from './compare.ts'
import { kindNamed, kindOf, type PartKind } from './kinds.ts'
import { nameOf, stillOn } from './still-on.ts'

/** A part of which an old one and a new one can be held side by side. */
export interface PartAtHand {
  /** The move with which the old one came off; its name where it has not come off yet. */
  key: string
  name: string
  move?: string
  step?: string
  kind: PartKind
  /** True where a new one goes in: it was recorded so, found spoilt, or said so. */
  isNew: boolean
}

type OfPart = { part: string; move?: string | undefined }
const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase()
/** True where an entry is about a part: by its move, or by its name as long as the old one has not come off. */
const isAbout = (body: OfPart, part: Pick<PartAtHand, 'key' | 'name'>): boolean =>
  body.move ? body.move === part.key : sameName(body.part, part.name)

/**
 * The parts that can be held against a new one, those that are renewed first: what came off as a part, and what somebody named before it
 * came off.
 */
export function partsAtHand(state: JobState, suspects: readonly string[] = []): PartAtHand[] {
  const off = state.order.toArray().flatMap(id => {
    const step = state.steps.get(id)!
    return step.moves.flatMap(move => {
      if (!('part' in move) || move.kind === 'adapt' || move.kind === 'fit-new') return []
      const debt = state.debts.get(move.id)
      const renewed = move.kind === 'replace-part' || move.kind === 'exchange' || debt?.renew || debt?.settled.replaced
      const { name, is } = move.part
      return [{ key: move.id, name, is, move: move.id, step: id, isNew: Boolean(renewed) }]
    })
  })
  const said = [...entriesOf(state, 'point-compared'), ...entriesOf(state, 'part-offered')].map(e => e.body)
  const named = [...said.flatMap(b => (b.move ? [] : [b.part])), ...suspects].filter(
    name => !off.some(o => sameName(o.name, name)),
  )
  const first = new Map(named.map(name => [name.trim().toLowerCase(), name]))
  const all = [...off, ...[...first.values()].map(name => ({ key: name, name, is: undefined, isNew: true }))]
  return all
    .map(({ is, ...part }) => {
      const told = said.filter(b => isAbout(b, part))
      const kind = told.findLast(b => 'kind' in b && b.kind)
      return {
        ...part,
        isNew: part.isNew || told.length > 0,
        kind: kind && 'kind' in kind && kind.kind ? kindNamed(kind.kind) : kindOf(part.name, is),
      }
    })
    .sort((a, b) => Number(b.isNew) - Number(a.isNew))
}

/** What was told of the points of a part, the last word of each; and what is still on the old one as its own point. */
export function toldOf(state: JobState, part: PartAtHand): Map<string, Told> {
  const told = new Map<string, Told>()
  const carried = part.move ? stillOn(state, part.move).map(d => nameOf(state, d)) : []
  if (carried.length) told.set('on the old one', { old: carried.join(', '), fresh: 'none' })
  for (const { body } of entriesOf(state, 'point-compared')) if (isAbout(body, part)) told.set(body.point, { ...body })
  return told
}

/** Who has a part, as it was told last, and when. */
export type Offer = EntryOf<'part-offered'>['body'] & { at: string }
/** All who have a part, the last word of each supplier, the cheapest first where a price is known. */
export function offersOf(state: JobState, part: PartAtHand): Offer[] {
  const last = new Map<string, Offer>()
  for (const { body, at } of entriesOf(state, 'part-offered'))
    if (isAbout(body, part)) last.set(body.supplier.trim().toLowerCase(), { ...body, at })
  return [...last.values()]
    .filter(o => o.how !== 'dropped')
    .sort((a, b) => (a.price ?? Infinity) - (b.price ?? Infinity) || (a.days ?? Infinity) - (b.days ?? Infinity))
}

/** How a part was made to fit, in the order of time. */
export const adaptationsOf = (
  state: JobState,
  part: PartAtHand,
): (EntryOf<'part-adapted'>['body'] & { id: string })[] =>
  entriesOf(state, 'part-adapted').flatMap(({ id, body }) => (isAbout(body, part) ? [{ ...body, id }] : []))

/** Where the old part went; null while it is on the bench. */
export function leftTo(state: JobState, part: PartAtHand): (EntryOf<'old-part-left'>['body'] & { id: string }) | null {
  const last = entriesOf(state, 'old-part-left').findLast(({ body }) => body.move === part.key)
  return last ? { ...last.body, id: last.id } : null
}

/** The last photo of the old part and of the new one, with what is known on each. */
export function photosOf(
  state: JobState,
  part: PartAtHand,
): Record<'old' | 'new', EntryOf<'part-photographed'>['body'] | undefined> {
  const all = entriesOf(state, 'part-photographed').flatMap(({ body }) => (isAbout(body, part) ? [body] : []))
  return { old: all.findLast(b => b.which === 'old'), new: all.findLast(b => b.which === 'new') }
}
