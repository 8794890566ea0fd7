import type { JobState } from '../log/state.ts'
import { zoneTitle, type Family } from '../machine/families.ts'
import { act, notes, toolsFor } from '../moves/move.ts'
import { nearestPhoto } from '../plan/nearest-photo.ts'
import type { ReturnStep } from '../plan/mirror.ts'
import { text } from '../words/language.ts'

/** A step of the return in words, as a sheet or a page tells it. */
export interface ReturnInWords {
  /** Its place on the way back, from 1; and the number of the step on the way down. */
  number: number
  down: number
  says: string[]
  /** Zone, cells, tools. */
  under: string
  minds: string[]
  /** The hash of the photo that shows how it was. */
  photo: string | undefined
  done: boolean
}

const photoFor = (state: JobState, step: string): string | undefined =>
  (state.steps.get(step)?.photos.at(-1) ?? nearestPhoto(state, step)?.photo)?.hash

/** The photos, by their hashes, that the return shows. */
export const photosOfReturn = (state: JobState, steps: readonly ReturnStep[]): string[] => [
  ...new Set(steps.flatMap(s => photoFor(state, s.step.id) ?? [])),
]

/** The steps of a plan in words: what is done, with what, from which cell, what to mind, what shows how it was. */
export const returnInWords = (state: JobState, family: Family, steps: readonly ReturnStep[]): ReturnInWords[] =>
  steps.map(({ step, number, moves, owes }, i) => {
    const cells = [...new Set(moves.flatMap(m => m.move.cell ?? []))]
    const tools = [...new Set(moves.flatMap(m => toolsFor(m.move)))]
    const under = [step.zone && zoneTitle(family, step.zone), cells.length && `from ${cells.join(', ')}`, ...tools]
    return {
      number: i + 1,
      down: number,
      says: moves.map(m => text(act(m.move))),
      under: under.filter(Boolean).join(' · '),
      minds: moves.flatMap(m => notes(m.move).map(n => text(n.says))),
      photo: photoFor(state, step.id),
      done: owes === 0,
    }
  })
