import type { Passing, Waypoint } from '../items/route.ts'
import type { Fact } from './fact.ts'
import { cover, each, ends, free, isLoose, isSign, tellSet, worth, type Telling } from './telling.ts'

const named = new Set<Fact['as']>(['word', 'quoted', 'noun', 'label', 'colour', 'look', 'number'])

/** The points that a line passes, one for each stretch between `>`, commas and passing words. */
function tellWaypoints(t: Telling): void {
  const colon = t.said.findIndex((s, i) => s.fact.as === 'colon' && free(t, i))
  const first = t.said.findIndex(
    ({ fact }, i) =>
      free(t, i) && (fact.as === 'passing' || fact.as === 'next' || (fact.as === 'noun' && fact.passing)),
  )
  const line = t.said.findIndex(s => s.fact.as === 'noun' && s.fact.noun === 'line')
  const arrow = t.said[first]?.fact.as === 'next'
  const begin = colon >= 0 && (first < 0 || colon < first) ? colon + 1 : arrow && line >= 0 ? line + 1 : first
  if (begin < 0) return
  const points: Waypoint[] = []
  let parts: number[] = []
  let point: Waypoint | null = null as Waypoint | null
  const close = () => {
    const words = parts.filter(i => !isLoose(t.said[i]!.fact))
    if (words.length && (point || words.length)) {
      const of = worth(t, words[0]!, words.at(-1)!)
      point = { by: point?.by ?? 'retainer', of }
      cover(t, words[0]!, words.at(-1)!, 'waypoints', 'likely')
    }
    if (point) points.push(point)
    point = null
    parts = []
  }
  for (let i = begin; i < t.said.length; i++) {
    const { fact } = t.said[i]!
    if (!free(t, i) || isSign(fact) || ends(fact)) {
      close()
      if (!free(t, i) || (isSign(fact) && fact.as !== 'next')) continue
      if (fact.as !== 'next') break
      cover(t, i, i, 'sign', 'sure')
      continue
    }
    const by: Passing | undefined =
      fact.as === 'passing' ? fact.by : fact.as === 'noun' && !point && !parts.length ? fact.passing : undefined
    const many = t.said[i - 1]?.fact
    if (by) {
      close()
      point = { by }
      cover(t, i, i, 'waypoints', 'sure')
      for (const [at, times] of [
        [i - 1, many],
        [i + 1, t.said[i + 1]?.fact],
      ] as const)
        if (times && free(t, at) && (times.as === 'count' || times.as === 'number' || times.as === 'times')) {
          for (let n = 1; n < Math.min(times.n, 20); n++) points.push({ by })
          cover(t, at, at, 'waypoints', 'sure')
        }
    } else if (named.has(fact.as) || fact.as === 'filler') parts.push(i)
    else if (fact.as !== 'count') {
      close()
      parts = []
    }
  }
  close()
  if (points.length) t.values.waypoints = points
}

/** A line with its type, the verbs that free it, and the points that it passes. */
export function tellRoute(t: Telling): void {
  const line = t.said.findIndex(s => s.fact.as === 'noun' && (s.fact.noun === 'line' || s.fact.noun === 'hose'))
  const fact = t.said[line]?.fact
  if (fact?.as === 'noun' && free(t, line)) {
    tellSet(t, line, fact.noun === 'hose' ? { type: 'hose' } : (fact.sets ?? {}))
    if (free(t, line)) cover(t, line, line, 'act', 'sure')
  }
  each(
    t,
    (fact, i) => fact.as === 'act' && (fact.act === 'away' || fact.act === 'unroute') && cover(t, i, i, 'act', 'sure'),
  )
  tellWaypoints(t)
}
