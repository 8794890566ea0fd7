import { say } from '../../words/phrase.ts'
import { cannotTell } from '../cannot-tell.ts'
import { measured } from '../meter.ts'
import type { Quantity } from '../quantity.ts'
import { figures } from '../verdict.ts'

/** What wears on a part that was taken apart, against the limit of its sheet: a thickness that gets less, a bore or a gap that gets more. */
export const wear: Quantity = {
  title: say`Wear against a limit`,
  dimension: 'length',
  states: ['at the worst place', 'at another place'],
  given: [
    { name: 'limit', label: say`limit`, unit: 'mm', least: 0, most: 500 },
    { name: 'fresh', label: say`size when new`, unit: 'mm', least: 0, most: 500 },
  ],
  cautions: [],
  first: say`Clean it; measure where it is worn most`,
  judge({ limit, fresh }, read) {
    const all = Object.values(read).flatMap(r => r ?? [])
    if (all.length === 0) return cannotTell(say`Measure it`)
    if (limit === undefined || fresh === undefined)
      return cannotTell(say`The limit and the size when new stand in its sheet`, measured(all[0]!))
    if (limit === fresh) return cannotTell(say`A limit that is the size when new says nothing`, measured(all[0]!))
    // A limit above the size when new is for what grows.
    const grows = limit > fresh
    const worst = all.reduce((a, b) => (grows === b.value > a.value ? b : a))
    const seen = measured(worst)
    const expected = grows ? { low: 0, high: limit } : { low: limit, high: Infinity }
    const formula = `${figures(worst.value)} mm, ${figures(limit)} mm ${grows ? 'at most' : 'at least'}, ${figures(fresh)} mm when new`
    const [past, near] = grows ? [seen.low > limit, seen.high > limit] : [seen.high < limit, seen.low < limit]
    if (past) return { says: 'bad', because: say`Worn past its limit: renew it`, formula, expected, measured: seen }
    if (near)
      return {
        says: 'cannot tell',
        because: say`At its limit, as fine as this was measured`,
        formula,
        expected,
        measured: seen,
      }
    const used = Math.round((Math.abs(fresh - worst.value) / Math.abs(fresh - limit)) * 100)
    return { says: 'good', because: say`${Math.max(0, used)} % of its wear is used`, formula, expected, measured: seen }
  },
}
