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
const toolsOf = (words: string): string[] => toolsBy.flatMap(([found, tools]) => (found.test(words) ? tools : []))

/** Each name once, as it came first. */
const once = (all: readonly ToFetch[]): ToFetch[] =>
  [...new Map(all.toReversed().map(one => [one.name.toLowerCase(), one])).values()].reverse()

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
  const list: ToFetch[] = []
  if (suspect && suspect.price > 0)
    list.push({
      kind: 'part',
      name: suspect.part,
      why: say`for ${plate}, by the number on the old part; ${suspect.id}`,
    })
  for (const name of suspect ? (alongside[suspect.part] ?? []) : [])
    list.push({ kind: 'consumable', name, why: say`goes with the ${suspect!.part}` })
  for (const debt of state.debts.values())
    if (owedCount(debt) > 0 && (debt.item === 'consumable' || debt.renew))
      list.push({
        kind: debt.item === 'consumable' ? 'consumable' : 'part',
        name: text(debt.label),
        why: say`is owed new`,
      })
  const zone = suspect ? placeOf(family, suspect.part) : undefined
  for (const cover of zone ? toOpen(family, zone, []) : [])
    for (const name of ['drivers for panel screws', 'tray for screws'])
      list.push({ kind: 'tool', name, why: say`${cover.name} comes off` })
  for (const name of suspect ? toolsOf(suspect.part) : [])
    list.push({ kind: 'tool', name, why: say`there is water at the ${suspect!.part}` })
  for (const look of looks)
    for (const name of toolsOf(look.id)) list.push({ kind: 'tool', name, why: say`to ${look.id}` })
  for (const step of state.steps.values())
    if (!step.struck)
      for (const move of step.moves)
        for (const name of toolsFor(move)) list.push({ kind: 'tool', name, why: say`was used on the way down` })
  return once(list).sort((a, b) => fetchKinds.indexOf(a.kind) - fetchKinds.indexOf(b.kind))
}

/** The list as plain text, to be sent: a line each, with a box. */
export const fetchText = (plate: string, list: readonly ToFetch[], ticked: ReadonlySet<string>): string =>
  [plate, ...list.map(l => `[${ticked.has(l.name) ? 'x' : ' '}] ${l.name} (${l.kind}): ${text(l.why)}`)].join('\n')
