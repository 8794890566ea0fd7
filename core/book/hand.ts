import type { InferType } from 'yup'
import * as yup from 'yup'
import { line, literal, photoHash, shape, uuid } from '../schema/atoms.ts'
import type { Move } from '../moves/registry.ts'
import type { Phrase } from '../words/phrase.ts'
import type { Column, Laid, Told } from './columns.ts'
import { without } from './columns.ts'

/** An act of the book, by one of its tellings: the job, and the move in it. */
const actOf = () =>
  yup
    .string()
    .max(80)
    .matches(/^\S+ \S+$/, '${path} must be the id of an act')
    .required('say which act')

/** What a lead says of a book: each word stays, with who said it, until it is taken back. */
const bodies = {
  /** This is what the act is called from now on. */
  renamed: shape({ kind: literal('renamed'), act: actOf(), name: line().trim().required('name it') }),
  /** Two acts are one. */
  merged: shape({ kind: literal('merged'), act: actOf(), with: actOf() }),
  /** This photo shows it best. */
  pinned: shape({ kind: literal('pinned'), act: actOf(), job: uuid().required(), photo: photoHash().required() }),
  /** So it is done in this shop. */
  standard: shape({ kind: literal('standard'), act: actOf() }),
  /** Something to mind here. */
  trap: shape({ kind: literal('trap'), act: actOf(), says: line().trim().required('say what to mind') }),
  /** A recording is not to be learnt from; it takes its share with it. */
  withdrawn: shape({ kind: literal('withdrawn'), job: uuid().required(), reason: line().trim().required('say why') }),
  /** Another model is much like this one. */
  sister: shape({ kind: literal('sister'), model: uuid().required() }),
  /** A word is taken back. */
  undone: shape({ kind: literal('undone'), word: uuid().required() }),
} as const
type Kind = keyof typeof bodies

/** The documented form of what a lead says of a book. */
export const handBody = yup.lazy((value: unknown) => {
  const kind = (value as { kind?: unknown } | null)?.kind
  return typeof kind === 'string' && Object.hasOwn(bodies, kind)
    ? bodies[kind as Kind]
    : (shape({ kind: yup.string().oneOf(Object.keys(bodies)).required() }) as never)
}) as unknown as yup.Schema<HandBody>
/** What a lead says of a book. */
export type HandBody = { [K in Kind]: InferType<(typeof bodies)[K]> }[Kind]
/** A word of a lead, by its id. */
export interface HandWord {
  id: string
  body: HandBody
}
type Said<K extends Kind> = Extract<HandBody, { kind: K }>

/** What stands of the words of leads, in their order: those that were taken back are left out. */
export function standing(words: readonly HandWord[]): HandBody[] {
  const gone = new Set(words.flatMap(w => (w.body.kind === 'undone' ? [w.body.word] : [])))
  return words.filter(w => w.body.kind !== 'undone' && !gone.has(w.id)).map(w => w.body)
}

/** The model that was named a sister of this one last; null where none is. */
export const sisterOf = (said: readonly HandBody[]): string | null =>
  said.findLast((w): w is Said<'sister'> => w.kind === 'sister')?.model ?? null

/** The move of a telling, as an act is named by it. */
const nameOf = (laid: Laid) => {
  const byJob = new Map(laid.recordings.map(r => [r.job, r]))
  return ({ job, at }: Told) => `${job} ${byJob.get(job)!.doings[at]!.move.id}`
}

/** Recordings as leads left them: without those that were withdrawn, and with two acts as one where they said so. */
export function asLeft(laid: Laid, said: readonly HandBody[]): Laid {
  const name = nameOf(laid)
  let columns: readonly Column[] = laid.columns
  for (const word of said) {
    if (word.kind !== 'merged') continue
    const holds = (act: string) => columns.find(c => c.told.some(t => name(t) === act))
    const [one, other] = [holds(word.act), holds(word.with)]
    if (!one || !other || one === other) continue
    columns = columns.flatMap((c): Column[] =>
      c === other ? [] : c === one ? [{ told: [...c.told, ...other.told] }] : [c],
    )
  }
  const gone = said.flatMap(word => (word.kind === 'withdrawn' ? [word.job] : []))
  return gone.reduce(without, { ...laid, columns })
}

/** What leads said of one act. */
export interface OfAct {
  name: string | undefined
  photo: { job: string; hash: string } | undefined
  standard: boolean
  traps: Phrase[]
}

/** What leads said of each act: asked by the tellings that it has, also of recordings that are gone since. */
export function ofActs(before: Laid, said: readonly HandBody[]): (column: Column) => OfAct {
  const name = nameOf(before)
  const together = new Map<string, string[]>()
  for (const { told } of before.columns) for (const t of told) together.set(name(t), told.map(name))
  return column => {
    const own = new Set(column.told.flatMap(t => together.get(name(t)) ?? []))
    const of = said.filter((w): w is Said<'renamed' | 'pinned' | 'standard' | 'trap'> => 'act' in w && own.has(w.act))
    const last = <K extends Kind>(kind: K) => of.findLast(w => w.kind === (kind as string)) as Said<K> | undefined
    const pinned = last('pinned')
    return {
      name: last('renamed')?.name,
      photo: pinned && { job: pinned.job, hash: pinned.photo },
      standard: last('standard') !== undefined,
      traps: of.flatMap(w => (w.kind === 'trap' ? [w.says] : [])),
    }
  }
}

/** A move by another name: its part, or the place at which it is. */
export function called(move: Move, name: string | undefined): Move {
  if (name === undefined) return move
  if ('part' in move && typeof move.part === 'object') return { ...move, part: { ...move.part, name } } as Move
  return { ...move, place: name } as Move
}
