import { anatomy, type Cover, type Family } from './families.ts'

/**
 * The covers that have to come off to reach a zone, the outermost first, where these zones are open already: the cheapest way by what the
 * family usually has. None for a zone that nothing covers, or that the family does not know.
 */
export function toOpen(family: Family, zone: string, open: readonly string[]): Cover[] {
  if (open.includes(zone)) return []
  const { zones, covers } = anatomy[family]
  const within = zones.find(z => z.id === zone)?.within
  const outer = within ? toOpen(family, within, open) : []
  const [cheapest] = covers.filter(c => c.opens.includes(zone)).sort((a, b) => a.minutes - b.minutes)
  return cheapest ? [...outer, cheapest] : outer
}
