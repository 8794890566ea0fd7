import { named, thingsOf, type Named } from '../assembly/named.ts'
import { entriesOf } from '../log/entry.ts'
import type { JobState } from '../log/state.ts'
import type { Step } from '../log/step.ts'
import { anatomy, liesIn, type Family } from '../machine/families.ts'
import { thingOf } from '../moves/move.ts'
import { pointsOf, traitsOf, type Move } from '../moves/registry.ts'
import { isAtTheHouse } from '../plan/pieces.ts'
import { text } from '../words/language.ts'

/** The zone that was told of a step does not go with what is named in it. */
export interface ZoneJar {
  /** The thing, by its usual name, and where it sits as a rule. */
  thing: string
  usual: string
  told: string
}

/** The name under which it is told that the zone is right all the same. */
export const zoneIsSo = (zone: string): string => `zone is so: ${zone}`

/** What a move names: the thing that came off, or what its place names. */
const thingsNamed = (move: Move, family: Family): Named[] => {
  const { part, fastens } = traitsOf(move)
  if (part) return [named(part, family, undefined, 'part' in move ? move.part?.is : undefined)]
  const isNamed = 'joint' in move || move.kind === 'slip-belt'
  return fastens || isNamed ? [...(isNamed ? [named(text(thingOf(move)), family)] : []), ...thingsOf(move, family)] : []
}

/** True where one cover lets a hand into both, or one lies in the other. The tub is reached from every side; what is outside hides nothing. */
function goTogether(family: Family, told: string, usual: string): boolean {
  if (usual === 'outside' || usual === 'tub' || liesIn(family, told, usual) || liesIn(family, usual, told)) return true
  const isUnder = (zone: string, opens: readonly string[]) => opens.some(o => liesIn(family, zone, o))
  return anatomy[family].covers.some(c => isUnder(told, c.opens) && isUnder(usual, c.opens))
}

/**
 * Asked when a step is recorded: whether it is where it was told, since nothing of what it names sits there as a rule. A gate follows from the
 * zone. Null where something named sits there, nothing known is named, or somebody said that it is so.
 */
export function zoneJar(state: JobState, step: Step, family: Family): ZoneJar | null {
  const { zone } = step
  if (!zone || step.of) return null
  // Wires, plugs and lines run through many zones; what is done to the machine as a whole lies in none.
  const moves = step.moves.filter(
    m =>
      !traitsOf(m).turns &&
      !traitsOf(m).temporary &&
      !isAtTheHouse(m) &&
      !('connector' in m) &&
      (!pointsOf(m) || m.kind === 'slip-belt'),
  )
  const known = moves.flatMap(m => thingsNamed(m, family)).flatMap(t => t.known ?? [])
  const placed = known.flatMap(p => (p.zone[family] ? [{ thing: p.name, usual: p.zone[family] }] : []))
  if (placed.length === 0 || placed.some(p => goTogether(family, zone, p.usual))) return null
  const isSaid = entriesOf(state, 'check-done').some(
    ({ body }) => body.step === step.id && body.passed && body.check === zoneIsSo(zone),
  )
  return isSaid ? null : { ...placed[0]!, told: zone }
}
