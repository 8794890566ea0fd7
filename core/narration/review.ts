import { cellFor } from '../capture/cells.ts'
import type { JobState } from '../log/state.ts'
import type { Photo, Step } from '../log/step.ts'
import type { Family } from '../machine/families.ts'
import { kindOf } from '../moves/registry.ts'
import { formatMove } from '../quick-line/format.ts'
import type { Parsed } from '../quick-line/parse.ts'
import { draftOf, type StepDraft, type ToldMove } from './drafts.ts'

/** A photo belongs to the draft that was told within so many seconds of it. */
const near = 45

/** A step as a line: what is corrected is corrected there. */
export const lineOf = ({ moves }: Pick<Step, 'moves'>): string => moves.map(formatMove).join('; ')

/**
 * The draft as a line that was corrected tells it; `step` is the step that it was before. What stands in the line as it was stays as sure as it was;
 * what is new is certain.
 */
export function corrected(draft: StepDraft, line: Parsed, step: Pick<Step, 'moves'>): StepDraft {
  const known = new Map(draft.moves.map((m, i) => [formatMove(step.moves[i]!), m]))
  const moves = line.moves.map((move): ToldMove => {
    const before = known.get(formatMove(move))
    return before
      ? { ...before, move: { ...move, id: before.move.id } }
      : { move, from: draft.from, to: draft.to, said: formatMove(move), likelihood: 1, kindLikelihood: 1 }
  })
  return { ...draft, moves }
}

/** The list with a draft and the open one after it made one; as it is where there is none. */
export function merged(drafts: readonly StepDraft[], at: number): StepDraft[] {
  const [one, next] = [drafts[at], drafts[at + 1]]
  if (one?.state !== 'open' || next?.state !== 'open') return [...drafts]
  const both = draftOf(one.id, [...one.moves, ...next.moves], [...one.photos, ...next.photos])
  return [...drafts.slice(0, at), both, ...drafts.slice(at + 2)]
}

/** The list with a draft parted before one of its moves, its photos by their side in time. `startedAt` is when second 0 was. */
export function split(
  drafts: readonly StepDraft[],
  at: number,
  move: number,
  id: string,
  startedAt: Date | null,
): StepDraft[] {
  const one = drafts[at]
  if (one?.state !== 'open' || move < 1 || move >= one.moves.length) return [...drafts]
  const begins = one.moves[move]!.from
  const isLater = (photo: Photo) => startedAt !== null && secondsInto(photo, startedAt) >= begins
  const first = draftOf(
    one.id,
    one.moves.slice(0, move),
    one.photos.filter(p => !isLater(p)),
  )
  const second = draftOf(id, one.moves.slice(move), one.photos.filter(isLater))
  return [...drafts.slice(0, at), first, second, ...drafts.slice(at + 1)]
}

/** So many seconds into the recording a photo was taken. */
export const secondsInto = ({ takenAt }: Pick<Photo, 'takenAt'>, startedAt: Date): number =>
  (new Date(takenAt).getTime() - startedAt.getTime()) / 1000

/** The list with photos put to the open drafts that were told when they were taken; `left` are those that were taken at no such time. */
export function withPhotos(
  drafts: readonly StepDraft[],
  photos: readonly Photo[],
  startedAt: Date,
): { drafts: StepDraft[]; left: Photo[] } {
  const out = drafts.map(d => ({ ...d }))
  const left: Photo[] = []
  for (const photo of photos) {
    const at = secondsInto(photo, startedAt)
    const away = (d: StepDraft) => Math.max(d.from - at, at - d.to, 0)
    const best = out
      .filter(d => d.state === 'open')
      .reduce<StepDraft | null>((a, b) => (a && away(a) <= away(b) ? a : b), null)
    if (!best || away(best) > near) left.push(photo)
    else if (!best.photos.some(p => p.hash === photo.hash)) best.photos = [...best.photos, photo]
  }
  return { drafts: out, left }
}

/** The step that a draft is: with its photos, and a free cell for each group of loose things that names none. */
export function stepOf(state: JobState, family: Family, draft: StepDraft, zone: string | undefined): Step {
  const bare: Step = { id: draft.id, ...(zone && { zone }), photos: draft.photos, marks: [], moves: [] }
  return draft.moves.reduce<Step>((step, { move }) => {
    const cell = kindOf(move).loose && move.cell === undefined ? cellFor(state, family, step, move) : undefined
    return { ...step, moves: [...step.moves, cell ? { ...move, cell } : move] }
  }, bare)
}
