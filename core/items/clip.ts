import type { InferType } from 'yup'
import * as yup from 'yup'
import { line, oneOf, shape } from '../schema/atoms.ts'
import { counted, join, say, type Phrase } from '../words/phrase.ts'

export const clipKinds = ['tab', 'hook', 'push-pin', 'spring clip', 'bayonet'] as const

/** A group of like clips, tabs or hooks, or a bayonet with its direction. */
export const clip = shape({
  type: oneOf(clipKinds),
  releases: line(),
  direction: oneOf(['clockwise', 'anticlockwise']),
  fragile: yup.boolean(),
})
export type Clip = InferType<typeof clip>

/** `three push-pins`, `two fragile tabs`. */
export const clips = (n: number, c: Clip): Phrase =>
  counted(n, join(' ', c.fragile && say`fragile`, { say: c.type ?? 'clip' }))
