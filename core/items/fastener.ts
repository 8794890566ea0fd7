import type { InferType } from 'yup'
import * as yup from 'yup'
import { above0, line, oneOf, shape, wholeWithin } from '../schema/atoms.ts'
import { note, type Note } from '../words/note.ts'
import { counted, inWords, join, say, type Phrase } from '../words/phrase.ts'

export const drives = ['torx', 'phillips', 'pozidriv', 'slotted', 'hex head', 'hex socket', 'square', 'nut'] as const
export const heads = ['pan', 'countersunk', 'flat', 'flange', 'hex', 'cap', 'nut', 'stud'] as const

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
/** A screw, bolt or nut as far as it is known; lengths in millimetres. */
export type Fastener = InferType<typeof fastener>

const nouns = { nut: ['nut', 'nuts'], stud: ['stud', 'studs'], screw: ['screw', 'screws'] } as const

/** `T20 × 18`, `M6 × 20 stainless`, `long PH2`; `screw` when nothing is known. */
export const fastenerName = (f: Fastener): Phrase => name(f, 0)

function name(f: Fastener, form: 0 | 1): Phrase {
  const size = join(' ', f.size ?? (f.drive && { say: f.drive }), f.thread)
  const body = join(' × ', size, f.lengthAs ?? (f.length === undefined ? '' : String(f.length)))
  const noun = f.head === 'nut' || f.drive === 'nut' ? 'nut' : f.head === 'stud' ? 'stud' : body ? undefined : 'screw'
  return join(' ', body, noun && { say: nouns[noun][form] }, f.look, f.hand === 'left' && say`left-hand`)
}

/** `four T20 × 18`. */
export const fasteners = (n: number, f: Fastener): Phrase => counted(n, name(f, 0), name(f, 1))

/** What the hand has to know to fit them again, as short imperatives. */
export const fittingNotes = (n: number, f: Fastener): Note[] =>
  [
    n > 1 && note(say`Start all by hand before any is tightened`),
    f.hand === 'left' && note(say`Left-hand thread: tightens anticlockwise`, 'strong'),
    f.pattern === 'circle' && n > 2 && note(say`Tighten crosswise, in two rounds`),
    f.pattern === 'row' && n > 2 && note(say`Tighten from the middle outwards`),
    f.torque !== undefined && note(say`Tighten to ${f.torque} N·m`),
    f.into === 'plastic' && note(say`Goes into plastic: only until it seats`),
    f.feel &&
      f.torque === undefined &&
      note(f.feel === 'finger' ? say`Tighten finger tight` : say`Tighten ${{ say: f.feel }}`),
    f.washers && note(f.washers === 1 ? say`With its washer` : say`With ${inWords(f.washers)} washers each`),
    f.secured === 'thread-lock' && note(say`New thread-lock`),
    f.secured === 'grease' && note(say`A little grease on the thread`),
  ].filter(said => typeof said === 'object')
