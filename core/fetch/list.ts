import type { Family } from '../machine/families.ts'
import { toOpen } from '../machine/to-open.ts'
import { owedCount, type JobState } from '../log/state.ts'
import { toolsFor } from '../moves/move.ts'
import { placeOf } from '../triage/table/places.ts'
import type { Cause, Check } from '../triage/model.ts'
import { text } from '../words/language.ts'
import { say, type Phrase } from '../words/phrase.ts'
import { alongside } from './alongside.ts'

/** What there is to fetch, in the order of the list. */
export const fetchKinds = ['part', 'consumable', 'tool'] as const
/** Something to have with oneself before anyone drives: by its name, under which it is ticked, and why. */
export interface ToFetch {
  kind: (typeof fetchKinds)[number]
  name: string
  why: Phrase
}

/** Tools that each check and each cover asks for, by words of what is done. */
const toolsBy: readonly (readonly [RegExp, readonly string[]])[] = [
  [/\bread\b/, ['meter']],
  [/\blamp\b|\blook (at|along|for|into|whether)\b/, ['lamp']],
  [/capacitor/, ['discharge resistor', 'meter']],
  [/thermometer/, ['thermometer']],
  [/bucket|siphon|hose|filter|sump|pump|strainer/, ['flat tray', 'towel']],
]
/** Tools to take a cover off. */
const forCovers = ['drivers for panel screws', 'tray for screws']
const toolsOf = (words: string): string[] => toolsBy.flatMap(([found, tools]) => (found.test(words) ? tools : []))

/** Each name once, as it came first. */
const once = (all: readonly ToFetch[]): ToFetch[] =>
  [...new Map(all.toReversed().map(one => [one.name.toLowerCase(), one])).values()].reverse()

/** The part itself where it is bought, what goes with it, and the tools to get at it. */
function ofSuspect(family: Family, plate: string, { id, part, price }: Cause): ToFetch[] {
  const bought: ToFetch = { kind: 'part', name: part, why: say`for ${plate}, by the number on the old part; ${id}` }
  return [
    ...(price > 0 ? [bought] : []),
    ...(alongside[part] ?? []).map((name): ToFetch => ({ kind: 'consumable', name, why: say`goes with the ${part}` })),
    ...toOpen(family, placeOf(family, part), []).flatMap(cover =>
      forCovers.map((name): ToFetch => ({ kind: 'tool', name, why: say`${cover.name} comes off` })),
    ),
    ...toolsOf(part).map((name): ToFetch => ({ kind: 'tool', name, why: say`there is water at the ${part}` })),
  ]
}

/**
 * What to have before anyone drives: the part of the suspect with the number of the plate, what is renewed along with it, what is owed new from what
 * was cut or found so; and the tools of the way in, of the looks ahead, and of what was recorded on the way.
 */
export function toFetch(
  state: JobState,
  family: Family,
  plate: string,
  suspect: Cause | null,
  looks: readonly Check[],
): ToFetch[] {
  const tools = (names: readonly string[], why: Phrase) => names.map((name): ToFetch => ({ kind: 'tool', name, why }))
  const owed = [...state.debts.values()].filter(d => owedCount(d) > 0 && (d.item === 'consumable' || d.renew))
  const steps = [...state.steps.values()].filter(s => !s.struck)
  const all: ToFetch[] = [
    ...(suspect ? ofSuspect(family, plate, suspect) : []),
    ...owed.map((d): ToFetch => ({
      kind: d.item === 'consumable' ? 'consumable' : 'part',
      name: text(d.label),
      why: say`is owed new`,
    })),
    ...looks.flatMap(look => tools(toolsOf(look.id), say`to ${look.id}`)),
    ...tools(
      steps.flatMap(s => s.moves.flatMap(toolsFor)),
      say`was used on the way down`,
    ),
  ]
  return once(all).sort((a, b) => fetchKinds.indexOf(a.kind) - fetchKinds.indexOf(b.kind))
}

/** The list as plain text, to be sent: a line each, with a box. */
export const fetchText = (plate: string, list: readonly ToFetch[], ticked: ReadonlySet<string>): string =>
  [plate, ...list.map(l => `[${ticked.has(l.name) ? 'x' : ' '}] ${l.name} (${l.kind}): ${text(l.why)}`)].join('\n')
