import { bookOf, type Book } from '../book/book.ts'
import { nothingLaid, withRecording } from '../book/columns.ts'
import type { Doing } from '../book/doings.ts'
import type { Recording } from '../book/recording.ts'
import type { Family } from '../machine/families.ts'
import type { Posture } from '../machine/postures.ts'
import type { Move } from '../moves/registry.ts'

/** One act as somebody would tell it: where, how many minutes, in which posture, and the move. */
interface Told {
  zone: string
  minutes: number
  posture?: Posture
  move: object
}
/** Screws of a part: how many, and for which driver. */
export const screws = (
  zone: string,
  place: string,
  count: number,
  size: string,
  minutes: number,
  posture?: Posture,
): Told => ({
  zone,
  minutes,
  ...(posture && { posture }),
  move: {
    kind: 'remove-fasteners',
    place,
    count,
    fastener: { drive: size.startsWith('T') ? 'torx' : 'phillips', size },
  },
})
/** A part that comes off, and the zones that open with it. */
export const off = (zone: string, name: string, minutes: number, opens: string[] = [], posture?: Posture): Told => ({
  zone,
  minutes,
  ...(posture && { posture }),
  move: { kind: 'remove-part', part: { name, ...(opens.length && { opens }) } },
})

/** A descent as one told it, each act a step of its own. */
export function told(job: string, family: Family, acts: readonly Told[]): Recording {
  const doings = acts.map(({ zone, minutes, posture = 'upright', move }, i): Doing => ({
    move: { id: `${job}-${i}`, way: 'down', ...move } as Move,
    step: `${job}-${i}`,
    zone,
    minutes,
    posture,
  }))
  return {
    job,
    family,
    serial: job,
    made: undefined,
    at: '2031-01-01T00:00:00.000Z',
    by: 'somebody',
    doings,
    lessons: [],
  }
}
/** The book of descents. */
export const bookFrom = (all: readonly Recording[]): Book => bookOf(all.reduce(withRecording, nothingLaid))
