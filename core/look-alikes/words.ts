import type { Connector } from '../items/connector.ts'
import { fastenerName } from '../items/fastener.ts'
import { join } from '../text/words.ts'
import { distance } from '../tray/cells.ts'
import type { LookAlike } from './find.ts'
import type { Lot } from './lot.ts'

/** A look-alike as it is told: what looks like what, what a swap would do, what to do now. */
export interface Warning {
  head: string
  why: string
  act: string
}

/** A plug as short as it is told from others: by its label, else by colour and ways. */
const plugName = ({ label, housing, ways }: Connector): string =>
  label ?? join(' ', housing, ways && `${ways}-way`, 'plug')
const name = ({ fastener, connector, place }: Lot): string => {
  const thing = fastener ? fastenerName(fastener) : plugName(connector ?? {})
  return place && (thing === 'screw' || thing === 'plug') ? `${thing}, ${place}` : thing
}
const where = (lot: Lot): string => (lot.cell ? `in ${lot.cell}` : `of step ${lot.stepNumber}`)
const sides = { length: 'length', wires: 'wires', label: 'label', housing: 'housing' } as Record<string, string>

/** Tells a pair with the later lot in hand: `T20 × 18 looks like T20 × 16 in A4. 2 mm more reach the tub wall.` */
export function warningOf({ a, b, differs, effects }: LookAlike): Warning {
  const head =
    name(a) === name(b) ? `${name(b)} looks like the one ${where(a)}` : `${name(b)} looks like ${name(a)} ${where(a)}`
  const unseen = differs.filter(d => d.what !== 'length' && (!name(a).includes(d.a) || !name(b).includes(d.b)))
  const more = unseen.map(d => `${sides[d.what] ?? d.what} ${d.a} there, ${d.b} here`).slice(0, 2)
  return {
    head: `${head}.`,
    why: `${[effects[0]!.says, ...more].join('; ')}.`,
    act: adviceOf(a, b),
  }
}

function adviceOf(a: Lot, b: Lot): string {
  if (b.connector) {
    const bare = [a, b].filter(l => !l.connector?.label && !l.connector?.terminal)
    if (bare.length)
      return b.marked && a.marked ? 'Label one of them.' : 'Label one, or photograph both, before the second comes off.'
    return 'Photograph both before the second comes off.'
  }
  if (a.cell && b.cell && distance(a.cell, b.cell) <= 1) return 'Put them into cells that do not touch.'
  return a.cell && b.cell ? 'They lie apart: keep it so.' : 'Separate cells.'
}
