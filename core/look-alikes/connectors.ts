import type { Connector } from '../items/connector.ts'
import { liesIn, type Family } from '../machine/families.ts'
import type { Lot } from './lot.ts'
import { say } from '../words/phrase.ts'
import type { Difference, Verdict } from './verdict.ts'

/** True when one zone lies in the other, or one of them is not known: the cables can meet. */
const near = (family: Family, a: string | undefined, b: string | undefined) =>
  !a || !b || liesIn(family, a, b) || liesIn(family, b, a)

/** A cable of this many millimetres reaches out of its zone into the next. */
const farReach = 400
const reaches = (family: Family, a: Lot, b: Lot) =>
  near(family, a.zone, b.zone) || Math.max(a.connector?.reach ?? 0, b.connector?.reach ?? 0) >= farReach

const isSingle = (c: Connector) => c.ways === 1 || c.terminal !== undefined
const wiresOf = (c: Connector) => c.wires?.join('/')
const isLabelled = (c: Connector) => Boolean(c.label ?? c.terminal)

/**
 * What two plugs that fit each other's socket differ in; `null` when they cannot be swapped: other ways, keyed and of
 * another colour, out of each other's reach, or both labelled apart.
 */
export function compareConnectors(family: Family, a: Lot, b: Lot): Verdict | null {
  const [x, y] = [a.connector, b.connector]
  if (!x || !y || !reaches(family, a, b)) return null
  if (isSingle(x) !== isSingle(y)) return null
  if (x.ways !== undefined && y.ways !== undefined && x.ways !== y.ways) return null
  const colours = x.housing !== undefined && y.housing !== undefined && x.housing !== y.housing
  if (colours && (x.keyed || y.keyed)) return null
  if (x.lock && y.lock && x.lock !== y.lock) return null
  if (isLabelled(x) && isLabelled(y) && (x.label !== y.label || x.terminal !== y.terminal)) return null

  const differs: Difference[] = []
  if (colours) differs.push({ what: 'housing', a: x.housing!, b: y.housing! })
  const [p, q] = [wiresOf(x), wiresOf(y)]
  if (p !== q) differs.push({ what: 'wires', a: p ?? say`not recorded`, b: q ?? say`not recorded` })
  if (x.label !== y.label) differs.push({ what: 'label', a: x.label ?? say`none`, b: y.label ?? say`none` })
  if (colours && p && q && p !== q)
    return { differs, effects: [{ danger: 'trouble', says: say`They fit each other in spite of their colours` }] }
  if (isSingle(x))
    return {
      differs,
      effects: [{ danger: 'harm', says: say`Single wires on the wrong terminals put mains where it does not belong` }],
    }
  if (p && q && p !== q)
    return {
      differs,
      effects: [{ danger: 'harm', says: say`Each fits the socket of the other and crosses the circuits` }],
    }
  if (p && p === q) return { differs, effects: [{ danger: 'harm', says: say`Nothing but a label tells them apart` }] }
  return {
    differs,
    effects: [{ danger: 'harm', says: say`They may fit each other, and no wire colours were recorded` }],
  }
}
