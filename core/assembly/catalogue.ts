import { families, type Family } from '../machine/families.ts'
import { once } from './kept.ts'
import { knownPartLines } from './known-parts.ts'

/** How a part lies on the hand, and falls: what is not light is held by its fastenings before the machine is turned. */
export type Mass = 'light' | 'middling' | 'heavy'

/** The mass of a thing of a machine; of one that the catalogue does not know nobody knows it. */
export type MassTold = Mass | 'unknown'
/** True for what is known to be more than light: it is held by its fastenings before the machine is turned. */
export const isWeighty = (mass: MassTold): boolean => mass === 'middling' || mass === 'heavy'

/** A part that washers usually have. */
export interface KnownPart {
  /** Its usual name, by which it is known to everything else. */
  name: string
  /** Other names for it. */
  also: readonly string[]
  mass: Mass
  /** The zone in which it usually sits, by family; a family that has no such part is left out. */
  zone: Partial<Record<Family, string>>
}

function read(line: string): KnownPart {
  const [name, also, mass, ...zones] = line.split('·').map(cell => cell.trim())
  return {
    name: name!,
    also: also!.split(',').map(n => n.trim()),
    mass: mass as Mass,
    zone: Object.fromEntries(families.flatMap((f, i) => (zones[i] === '-' ? [] : [[f, zones[i]!]]))),
  }
}

/** The catalogue: one table for both families. */
export const catalogue = once((): readonly KnownPart[] => knownPartLines.trim().split('\n').map(read))
