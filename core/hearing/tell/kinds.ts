import type { Grammar } from '../../grammar/grammar.ts'
import { moveKinds, type MoveKindName } from '../../moves/registry.ts'
import type { Atom } from '../atom.ts'
import { unplug } from './connectors.ts'
import { clips, fasteners } from './fasteners.ts'
import { tellCount } from './figures.ts'
import { joint } from './joints.ts'
import { tellLeads } from './leads.ts'
import { draining, isolations, turning } from './machine.ts'
import { firstOf, tellName, tellPlace } from './names.ts'
import { marking, tellPart } from './parts.ts'
import { tellRoute } from './route.ts'
import { setsOf, tellBesides, tellCell, tellCondition, tellExact, tellMeasure } from './sets.ts'
import { isNoun, mark, telling, where, type Telling } from './telling.ts'
import type { Context, Told } from './told.ts'
import { cutting, temporary } from './used.ts'

const asPart =
  (lies: boolean) =>
  (t: Telling, c: Context): void =>
    tellPart(t, c, lies)

const tellers: Readonly<Record<string, (t: Telling, c: Context) => void>> = {
  'remove-fasteners': fasteners,
  slacken: fasteners,
  'release-clips': clips,
  unplug,
  'open-joint': joint,
  unroute: (t, { text }) => tellRoute(t, text),
  'slip-belt': t => {
    for (const i of where(t, a => isNoun(a, 'belt'))) mark(t, i, 'act')
    setsOf(t, 'ribs')
  },
  'remove-part': asPart(false),
  'park-part': asPart(true),
  'pull-off': asPart(false),
  'fold-back': asPart(false),
  'replace-part': asPart(false),
  exchange: asPart(false),
  'fit-new': asPart(false),
  cut: cutting,
  'place-temporary': temporary,
  'turn-machine': turning,
  'pull-out': t => {
    for (const i of where(t, a => isNoun(a, 'machine'))) mark(t, i, 'act')
  },
  drain: draining,
  'draw-mark': (t, { text }) => marking(t, text),
  attend: (t, { text }) => {
    tellName(t, text, 'thing')
  },
}

/** A kind that says nothing of its own here: its thing, how many, what its words tell, and where. */
function anyKind(t: Telling, { text, heading }: Context): void {
  const { grammar } = moveKinds[t.kind as MoveKindName] as { grammar: Grammar }
  const nouns = [...Object.keys(grammar.words ?? {}), ...(grammar.things ?? [])]
  for (const a of t.atoms)
    if (isNoun(a, ...nouns)) for (const [field, value] of Object.entries(a.sets ?? {})) t.values[field] ??= value
  tellMeasure(t)
  const head = firstOf(t, ...nouns)
  tellCount(t, head)
  if (head >= 0) mark(t, head, 'thing')
  if (grammar.name) tellName(t, text, grammar.name)
  tellPlace(t, text, heading)
}
/** What a stretch of atoms tells as one kind of move; more than one act where it names several things to isolate. */
export function tellAs(kind: string, atoms: readonly Atom[], context: Context): Told[] {
  const t = telling(kind, atoms)
  tellExact(t)
  for (const i of where(t, a => a.tag === 'verb' || a.tag === 'away')) if (t.atoms[i]!.tag === 'verb') mark(t, i, 'act')
  tellLeads(t, context.text)
  tellCell(t)
  tellCondition(t)
  if (kind === 'isolate') return isolations(t).map(what => ({ kind, values: { what }, t }))
  ;(tellers[kind] ?? anyKind)(t, context)
  for (const i of where(t, a => a.tag === 'away')) mark(t, i, 'act')
  tellBesides(t)
  return [{ kind, values: t.values, t }]
}
