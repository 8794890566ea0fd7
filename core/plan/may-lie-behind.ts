import { named, thingsOf } from '../assembly/named.ts'
import { liesIn, type Family } from '../machine/families.ts'
import { thingOf } from '../moves/move.ts'
import { traitsOf, type Move } from '../moves/registry.ts'
import { text } from '../words/language.ts'
import type { ReturnStep } from './mirror.ts'

const opened = (move: Move): readonly string[] => traitsOf(move).opens ?? []
/** The zones in which what a step was done to usually sits, by its names. */
const usualZones = (moves: readonly Move[], family: Family): string[] =>
  moves.flatMap(move => {
    const { part, renews = part } = traitsOf(move)
    const own = renews ? [named(renews, family, undefined, 'part' in move ? move.part?.is : undefined)] : []
    // A hose, a plug and a belt name themselves.
    const isNamed = 'joint' in move || 'connector' in move || move.kind === 'slip-belt'
    const itself = isNamed ? [named(text(thingOf(move)), family)] : []
    return [...own, ...itself, ...thingsOf(move, family)].flatMap(t => t.known?.zone[family] ?? [])
  })

/**
 * What may lie behind a cover although the zone that was told is another: it came off after a cover of that place, and what is named sits behind this one
 * as a rule; or no cover that was off lies over the zone that was told nor where it sits as a rule, and nobody told one, or what was done just
 * before and just after it lies here. What is done to the machine as a whole lies nowhere. `behind` is what surely lies there. O(steps).
 */
export function mayLieBehind(
  family: Family,
  plan: readonly ReturnStep[],
  { at, zones }: { at: number; zones: readonly string[] },
  behind: readonly ReturnStep[],
): ReturnStep[] {
  const cover = plan[at]!
  const covers = plan.flatMap(({ moves, number }) => moves.flatMap(m => opened(m.move).map(zone => ({ zone, number }))))
  const isCovered = (zone: string | undefined) => zone !== undefined && covers.some(c => liesIn(family, zone, c.zone))
  /** The first cover that came off over the same place. */
  const first = Math.min(...covers.flatMap(c => (zones.includes(c.zone) ? c.number : [])))
  const known = new Set(behind)
  const descent = [...plan].filter(r => !isOfWhole(r)).sort((a, b) => a.number - b.number)
  return plan.filter(r => {
    if (r === cover || r.owes === 0 || known.has(r) || r.number < first) return false
    // A cover lies behind no other here; what else was told with it may.
    const moves = r.moves.flatMap(({ move }) => (opened(move).length ? [] : move))
    if (moves.length === 0 || isOfWhole(r) || r.step.of !== undefined) return false
    const usual = usualZones(moves, family)
    if (usual.some(zone => zones.some(z => liesIn(family, zone, z)))) return true
    if (isCovered(r.step.zone) || (usual.length > 0 && usual.some(isCovered))) return false
    if (r.step.zone === undefined) return true
    const i = descent.indexOf(r)
    return [descent[i - 1], descent[i + 1]].every(n => n !== undefined && (n === cover || known.has(n)))
  })
}
const isOfWhole = (r: ReturnStep) =>
  r.turn !== undefined ||
  r.moves.every(({ move }) => {
    const { turns, wall, isolates } = traitsOf(move)
    return turns !== undefined || wall === true || isolates !== undefined
  })
