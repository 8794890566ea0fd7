import { partNamed, thingsOf } from '../assembly/named.ts'
import { stepsOf } from '../book/doings.ts'
import type { ItemKind } from '../items/kinds.ts'
import { saidOf } from '../ledger/entry-words.ts'
import type { EntryName } from '../log/entry.ts'
import { toldAtIntake, type JobState, type StepState } from '../log/state.ts'
import { anatomy, zoneTitle, type Family } from '../machine/families.ts'
import { describe, glyphOf } from '../moves/move.ts'
import type { Move } from '../moves/registry.ts'
import { text } from '../words/language.ts'
import { wordsOf } from './words.ts'

/** What can be found. */
export const findableKinds = ['model', 'machine', 'complaint', 'step', 'note'] as const
/** A kind of thing that can be found. */
export type FindableKind = (typeof findableKinds)[number]

/** One thing that can be found: what is read of it, other words by which it is found, its place, its picture. */
export interface Findable {
  kind: FindableKind
  title: string
  also: string
  zone?: string | undefined
  /** The step that it is, or is of. */
  step?: string | undefined
  /** The hash of its photo. */
  photo?: string | undefined
}

/** What people call a kind beside its name. */
const alsoCalled: Partial<Record<ItemKind, string>> = {
  fastener: 'screw fastener',
  connector: 'plug connector',
  line: 'wire loom hose line',
  joint: 'hose joint clamp',
}

/** Other names of the parts that a move is at, as the catalogue has them. */
function otherNames(move: Move, family: Family, zone: string | undefined): string[] {
  const parts = [
    ...thingsOf(move, family, zone),
    ...('part' in move && typeof move.part === 'object' ? [partNamed(move.part, family, zone)] : []),
  ]
  return parts.flatMap(({ known }) => (known ? [known.name, ...known.also] : []))
}

/** The photo of a step that has most marks on it, the widest of these. */
function bestPhoto({ photos, marks }: StepState): string | undefined {
  const on = (hash: string) => marks.filter(m => m.photo === hash).length
  return photos.toSorted((a, b) => on(b.hash) - on(a.hash) || b.width - a.width)[0]?.hash
}

/** How much of a thing is read in a list, in characters. */
const longest = 300
const shortened = (words: string) => (words.length > longest ? `${words.slice(0, longest - 2)} …` : words)

function ofStep(step: StepState, family: Family): Findable {
  const { zone } = step
  const words = step.moves.map(describe).join(' ')
  const also = step.moves.flatMap(move => [
    alsoCalled[glyphOf(move) as ItemKind] ?? '',
    ...otherNames(move, family, zone),
    move.note ?? '',
    move.condition ?? '',
  ])
  return {
    kind: 'step',
    title: shortened([step.title, words].filter(Boolean).join(': ')),
    also: [...new Set([zone ? zoneTitle(family, zone) : '', ...also])].join(' '),
    zone,
    step: step.id,
    photo: bestPhoto(step),
  }
}

/** A model as it is found: by maker, code, kind of machine, and what is noted of it. */
export const ofModel = (maker: string, code: string, family: Family, notes: string): Findable => ({
  kind: 'model',
  title: `${maker} ${code}`,
  also: `${anatomy[family].name} ${notes}`,
})

/** A machine as it is found: by its plate and by where it stands. */
export const ofMachine = (maker: string, code: string, serial: string, stands: string): Findable => ({
  kind: 'machine',
  title: [serial, stands].filter(Boolean).join(', '),
  also: `${maker} ${code}`,
})

/** Entries that somebody may look for by their words. */
const noted = new Set<EntryName>([
  'note-added',
  'reading-taken',
  'found-before',
  'leftover-reported',
  'leftover-explained',
  'part-compared',
  'part-adapted',
  'tool-made',
])

/** All that can be found of a job: what the machine was brought for, its steps, what was noted. */
export function findablesOf(state: JobState, family: Family): Findable[] {
  const told = toldAtIntake(state)
  const say = (...fields: (keyof typeof told)[]) => fields.map(f => told[f] ?? '').join(' ')
  const complaint = told.complaint ?? state.opened?.complaint ?? ''
  const { cause, advice, note } = state.closing ?? {}
  const causes = [...state.entries.values()].flatMap(e => (e.kind === 'cause-told' && e.body.is ? [e.body.cause] : []))
  const steps = stepsOf(state)
  const photoOf = new Map(steps.map(s => [s.id, bestPhoto(s)]))
  const notes = [...state.entries.values()].filter(e => noted.has(e.kind))
  return [
    ...(complaint
      ? [
          {
            kind: 'complaint' as const,
            title: shortened(String(complaint)),
            also: [say('seen', 'shows', 'plate', 'fascia', 'stands'), cause, advice, note, ...causes]
              .filter(Boolean)
              .join(' '),
            photo: steps.map(bestPhoto).find(Boolean),
          },
        ]
      : []),
    ...steps.filter(s => s.moves.length > 0 || s.title).map(s => ofStep(s, family)),
    ...notes.map((entry): Findable => {
      const step = 'step' in entry.body && typeof entry.body.step === 'string' ? entry.body.step : undefined
      const own = 'photos' in entry.body ? entry.body.photos?.[0]?.hash : undefined
      return {
        kind: 'note',
        title: shortened(
          saidOf([entry])
            .map(({ words }) => text(words))
            .join(''),
        ),
        also: '',
        zone: step ? state.steps.get(step)?.zone : undefined,
        step,
        photo: own ?? (step ? photoOf.get(step) : undefined),
      }
    }),
  ].filter(f => f.title !== '')
}

/** How a word belongs to a thing: it is read in its title, it is one of its other words, or it only says of which model it is. */
export const wordPlaces = { title: 2, also: 1, around: 0 } as const

/** The words by which a thing is found, each with where it stands. */
export function foundBy(
  { title, also }: Findable,
  { maker, code, family }: { maker: string; code: string; family: Family },
): Map<string, number> {
  const places = new Map<string, number>()
  const add = (words: string, place: number) => {
    for (const word of wordsOf(words)) if (!places.has(word)) places.set(word, place)
  }
  add(title, wordPlaces.title)
  add(also, wordPlaces.also)
  add(`${maker} ${code} ${anatomy[family].name}`, wordPlaces.around)
  return places
}
