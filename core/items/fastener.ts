import type { InferType } from 'yup'
import * as yup from 'yup'
import { above0, line, oneOf, shape, wholeWithin } from '../schema.ts'
import { inWords, join } from '../text/words.ts'

export const drives = ['torx', 'phillips', 'pozidriv', 'slotted', 'hex head', 'hex socket', 'square', 'nut'] as const
export const heads = ['pan', 'countersunk', 'flange', 'hex', 'cap', 'nut', 'stud'] as const

/** A group of like fasteners. Lengths in mm, torque in N·m. What is not recorded is unknown, never a default. */
export const fastener = shape({
  head: oneOf(heads),
  drive: oneOf(drives),
  /** Size of the drive as said on the bench: `T20`, `PH2`, `8 mm`, `1/4 in`. */
  size: line(),
  /** Thread as said: `M6`, `#8`, `4.2`. */
  thread: line(),
  pitch: above0(20, 'mm'),
  hand: oneOf(['right', 'left']),
  length: above0(1000, 'mm'),
  /** The length as it was said where it is not in millimetres: `1/2 in`. */
  lengthAs: line(),
  /** Material, finish, colour: `stainless`, `black`, `with washer`. */
  look: line(),
  washers: wholeWithin(0, 20),
  captive: yup.boolean(),
  torque: above0(2000, 'N·m'),
  feel: oneOf(['finger', 'snug', 'firm']),
  pattern: oneOf(['any', 'circle', 'row']),
  secured: oneOf(['thread-lock', 'grease']),
  into: oneOf(['metal', 'plastic']),
})
export type Fastener = InferType<typeof fastener>

/** `T20 × 18`, `M6 × 20 stainless`, `long PH2`; `screw` when nothing is known. */
export function fastenerName(f: Fastener): string {
  const size = join(' ', f.size ?? f.drive, f.thread)
  const body = join(' × ', size, f.lengthAs ?? (f.length === undefined ? '' : String(f.length)))
  const noun = f.head === 'nut' || f.drive === 'nut' ? 'nut' : f.head === 'stud' ? 'stud' : body ? '' : 'screw'
  return join(' ', body, noun, f.look, f.hand === 'left' && 'left-hand')
}

/** `four T20 × 18`. */
export function fasteners(n: number, f: Fastener): string {
  const name = fastenerName(f)
  return `${inWords(n)} ${n === 1 ? name : name.replace(/\b(screw|nut|stud)\b/, '$1s')}`
}

/** What the hand has to know to fit them again, as short imperatives. */
export function fittingNotes(n: number, f: Fastener): string[] {
  return [
    n > 1 && 'Start all by hand before any is tightened',
    f.hand === 'left' && 'Left-hand thread: tightens anticlockwise',
    f.pattern === 'circle' && n > 2 && 'Tighten crosswise, in two rounds',
    f.pattern === 'row' && n > 2 && 'Tighten from the middle outwards',
    f.torque !== undefined && `Tighten to ${f.torque} N·m`,
    f.into === 'plastic' && 'Goes into plastic: only until it seats',
    f.feel && f.torque === undefined && `Tighten ${f.feel === 'finger' ? 'finger tight' : f.feel}`,
    f.washers ? `With ${f.washers === 1 ? 'its washer' : `${inWords(f.washers)} washers each`}` : false,
    f.secured === 'thread-lock' && 'New thread-lock',
    f.secured === 'grease' && 'A little grease on the thread',
  ].filter(note => note !== false && note !== undefined && note !== '') as string[]
}
