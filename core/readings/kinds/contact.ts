import { say } from '../../words/phrase.ts'
import { cannotTell } from '../cannot-tell.ts'
import { beyond, measured } from '../meter.ts'
import type { Quantity } from '../quantity.ts'
import { figures } from '../verdict.ts'

/** A contact that is closed has at most so many ohms, with its wire and the leads. */
const closes = 2

/** A switch or the contact of a lock, in both states: read at the board's end of its wires, then at the part where that was bad. */
export const contact: Quantity = {
  title: say`Switch or lock contact`,
  dimension: 'resistance',
  states: ['closed', 'open'],
  given: [],
  cautions: ['mains'],
  first: say`Plug out, the connector off the board; then at the part, its connector off`,
  judge(_, read) {
    const [closed, open] = [read['closed'], read['open']]
    if (closed && measured(closed).low > closes)
      return {
        says: 'bad',
        because:
          closed.value === Infinity
            ? say`It does not close, or its wire is broken: read it again at the part`
            : say`It closes badly: burnt contact or a corroded plug`,
        formula: `${figures(closed.value)} Ω closed, ${closes} Ω at most`,
      }
    if (open && measured(open).high < beyond)
      return {
        says: 'bad',
        because:
          measured(open).high <= closes * 2
            ? say`It does not open: it is welded, or its wires touch`
            : say`Something else lies across it, or it is wet: read it at the part, its connector off`,
        formula: `${figures(open.value)} Ω open, where nothing may be`,
      }
    if (!closed || !open)
      return cannotTell(
        closed
          ? say`It closes. Read it open too: one that is welded closes as well`
          : say`It opens. Read it closed too`,
      )
    if (measured(closed).high > closes)
      return cannotTell(say`The meter and its leads are not fine enough: leave the leads out`, measured(closed))
    return {
      says: 'good',
      because: say`It closes and it opens`,
      formula: `${figures(closed.value)} Ω closed, ${closes} Ω at most; open beyond the meter`,
    }
  },
}
