import type { Connector } from '../items/connector.ts'
import { isSame } from '../schema/equal.ts'
import { fastenerName } from '../items/fastener.ts'
import { join, say, type Phrase } from '../words/phrase.ts'
import { distance } from '../tray/cells.ts'
import type { LookAlike } from './find.ts'
import type { Lot } from './lot.ts'
import type { Difference } from './verdict.ts'

/** A look-alike as it is told: what looks like what, what a swap would do, what to do now. */
export interface Warning {
  head: Phrase
  why: Phrase
  act: Phrase
}

/** A plug as short as it is told from others: by its label, else by colour and ways. */
const plugName = ({ label, housing, ways }: Connector): Phrase =>
  label ?? join(' ', housing, ways && say`${ways}-way`, say`plug`)
/** True when nothing is known by which it could be named. */
const isBare = ({ fastener, connector }: Lot): boolean => {
  if (connector) return !connector.label && !connector.housing && !connector.ways
  const { size, drive, thread, length, lengthAs, head, look, hand } = fastener ?? {}
  const named = size ?? drive ?? thread ?? length ?? lengthAs ?? look
  return named === undefined && head !== 'nut' && head !== 'stud' && hand !== 'left'
}
function name(lot: Lot): Phrase {
  const thing = lot.fastener ? fastenerName(lot.fastener) : plugName(lot.connector ?? {})
  return lot.place && isBare(lot) ? say`${thing}, ${lot.place}` : thing
}
const where = (lot: Lot): Phrase => (lot.cell ? say`in ${lot.cell}` : say`of step ${lot.stepNumber}`)

/** True when the name of a lot shows already what it has of an attribute. */
function shows({ fastener, connector }: Lot, what: Difference['what'], has: Phrase): boolean {
  const is = (value: string | undefined) => value !== undefined && value === has
  if (connector) return what === 'label' ? is(connector.label) : what === 'housing' && !connector.label
  if (what === 'drive') return is(fastener?.size ?? fastener?.drive)
  if (what === 'thread') return is(fastener?.thread)
  if (what === 'finish') return typeof has === 'string' && Boolean(fastener?.look?.includes(has))
  if (what === 'hand') return fastener?.hand === 'left' && has === 'left'
  return what === 'head' && (fastener?.head === 'nut' || fastener?.head === 'stud')
}

/** Tells a pair with the later lot in hand: `T20 × 18 looks like T20 × 16 in A4. 2 mm more reach the tub wall.` */
export function warningOf({ a, b, differs, effects }: LookAlike): Warning {
  const alike = isSame(name(a), name(b))
  const unseen = differs.filter(d => d.what !== 'length' && (!shows(a, d.what, d.a) || !shows(b, d.what, d.b)))
  const more = unseen.map(d => say`${{ say: d.what }} ${d.a} there, ${d.b} here`).slice(0, 2)
  return {
    head: alike ? say`${name(b)} looks like the one ${where(a)}.` : say`${name(b)} looks like ${name(a)} ${where(a)}.`,
    why: say`${join('; ', effects[0]!.says, ...more)}.`,
    act: adviceOf(a, b),
  }
}

function adviceOf(a: Lot, b: Lot): Phrase {
  if (b.connector) {
    const bare = [a, b].filter(l => !l.connector?.label && !l.connector?.terminal)
    if (bare.length)
      return b.marked && a.marked
        ? say`Label one of them.`
        : say`Label one, or photograph both, before the second comes off.`
    return say`Photograph both before the second comes off.`
  }
  if (a.cell && b.cell && distance(a.cell, b.cell) <= 1) return say`Put them into cells that do not touch.`
  return a.cell && b.cell ? say`They lie apart: keep it so.` : say`Separate cells.`
}
