import type { Atom } from './atom.ts'
import { corrected } from './corrected.ts'
import { scan } from './scan.ts'
import { withSense } from './sense/sense.ts'
import type { Taught } from './taught.ts'
import { withUnits } from './units.ts'

/** A line as atoms that mean one thing each, what was taken back in it struck out. */
export const atomsOf = (text: string, taught: Taught | null = null): Atom[] =>
  corrected(withSense(withUnits(scan(text, taught))))
