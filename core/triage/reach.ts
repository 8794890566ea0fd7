import type { Family } from '../machine/families.ts'
import { toOpen } from '../machine/to-open.ts'
import type { Field } from './field.ts'
import type { Cause } from './model.ts'
import { placeOf } from './table/places.ts'

/** How the machine stands: the zones that are open, and whether it has power. */
export interface Stands {
  open: readonly string[]
  power: boolean
}

/** Minutes to pull the plug or put it in again. */
const plug = 1
const closed: Stands = { open: [], power: false }

/** Minutes until a zone is open; of nothing to open none. */
export const openMinutes = (
  { family }: Pick<Field, 'family'>,
  zone: string | undefined,
  { open }: Pick<Stands, 'open'>,
): number => (zone === undefined ? 0 : toOpen(family, zone, open).reduce((sum, c) => sum + c.minutes, 0))

/** The machine after a zone was opened: without power. */
export const opened = ({ family }: Field, zone: string | undefined, { open }: Stands): Stands =>
  zone === undefined
    ? { open, power: false }
    : { power: false, open: [...new Set([...open, ...toOpen(family, zone, open).flatMap(c => c.opens), zone])] }

/** Minutes to bring the machine into the setting of a check: for one with power what is open is closed, and opened again after it. */
export function toSet(field: Field, k: number, stands: Stands): number {
  const { setting } = field.checks[k]!
  if (setting === 'with power') {
    const closing = stands.open.reduce((sum, zone) => sum + openMinutes(field, zone, closed), 0)
    return closing + (stands.power ? 0 : plug)
  }
  const pulled = setting !== 'as it stands' && stands.power ? plug : 0
  return pulled + openMinutes(field, field.checkAt[k], stands)
}

/** The machine after a check. */
export function afterCheck(field: Field, k: number, stands: Stands): Stands {
  const { setting } = field.checks[k]!
  if (setting === 'as it stands') return stands
  return setting === 'with power' ? { ...stands, power: true } : opened(field, field.checkAt[k], stands)
}

/** Minutes to put a cause right as the machine stands: those of the work, and of what comes off for it. */
export const repairMinutes = (family: Family, { part, minutes }: Cause, stands: Pick<Stands, 'open'>): number =>
  minutes + openMinutes({ family }, placeOf(family, part), stands)
