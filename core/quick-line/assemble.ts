import type { MoveKindName } from '../moves/registry.ts'
import type { Fact, Said } from './fact.ts'
import { leafOf } from './fields.ts'
import { clauseOf, cover, take, tellLeads, tellTheRest, tellWaypoints, type Telling } from './tell.ts'
import type { Clause } from './token.ts'

const counts = new Set<MoveKindName>(['remove-fasteners', 'slacken', 'release-clips', 'cut', 'place-temporary'])
/** Sizes of hexagon in mm that spanners come in; a lone figure among them is taken for one. */
const isSpanner = (mm: number) => mm >= 4 && mm <= 24

/** A field told exactly, as `format` writes it; text of another type stays text. */
function tellExact(t: Telling, i: number, fact: Extract<Fact, { as: 'exact' }>): boolean {
  const leaf = leafOf(t.kind, fact.field)
  if (!leaf) return false
  const { field, value } = fact
  if (leaf.type === 'strings' && value === 'none' && !t.text.slice(t.said[i]!.start, t.said[i]!.end).includes('"')) {
    t.values[field] ??= []
    cover(t, i, i, field, 'sure')
    return true
  }
  if (leaf.type === 'waypoints') return false
  const typed =
    leaf.type === 'number' ? Number(value) : leaf.type === 'boolean' ? { yes: true, no: false }[value] : value
  if (typed === undefined || Number.isNaN(typed)) return false
  return take(t, i, i, field, field === 'cell' && value === 'none' ? null : typed, 'sure')
}

function tellSet(t: Telling, i: number, sets: Record<string, unknown>): void {
  const told = Object.entries(sets).filter(([field]) => leafOf(t.kind, field))
  for (const [field, value] of told) {
    const was = t.roles[i]
    t.roles[i] = null
    const text = value === '' ? t.text.slice(t.said[i]!.start, t.said[i]!.end) : value
    if (!take(t, i, i, field, text, 'sure')) t.roles[i] = was ?? null
  }
}

/** A verb or a thing by which the kind was known. */
function tellKind(t: Telling, i: number, fact: Extract<Fact, { as: 'act' | 'noun' }>): void {
  const { kind } = t
  if (fact.as === 'act') {
    const does = { ...fact.sets }
    if (fact.act !== 'away' && fact.act !== kind && !(fact.act in alsoSaid)) return
    tellSet(t, i, does)
    if (!t.roles[i]) cover(t, i, i, 'act', 'sure')
    return
  }
  const sets = { ...fact.sets }
  const own: Partial<Record<MoveKindName, readonly string[]>> = {
    'remove-fasteners': ['fastener'],
    slacken: ['fastener'],
    'release-clips': ['clip'],
    unplug: ['connector'],
    unroute: ['line'],
    'slip-belt': ['belt'],
    cut: ['consumable', 'tape', 'clamp'],
    'place-temporary': ['temporary', 'tape', 'clamp'],
    isolate: ['isolation'],
  }
  if (fact.noun === 'tape') Object.assign(sets, kind === 'cut' ? { consumable: 'tape' } : { thing: 'tape' })
  if (fact.noun === 'clamp') Object.assign(sets, kind === 'cut' ? { consumable: 'clamp' } : { thing: 'clamp' })
  if (kind === 'unplug' && fact.noun === 'line' && sets.type === 'single wire') return cover(t, i, i, 'act', 'sure')
  if (kind === 'unplug' && fact.noun === 'clip')
    return void (sets.type === 'tab' && take(t, i, i, 'lock', 'tab', 'likely'))
  if (kind === 'open-joint' && sets.type === 'spring clip') return void take(t, i, i, 'clamp', 'spring', 'likely')
  if (!own[kind]?.includes(fact.noun)) return
  if ('type' in sets && 'type' in t.values) delete sets.type
  if (kind === 'isolate' && 'what' in t.values) return cover(t, i, i, 'act', 'sure')
  tellSet(t, i, sets)
  if (!t.roles[i]) cover(t, i, i, 'act', 'sure')
}
/** Verbs that go with several kinds of move. */
const alsoSaid = { 'pull-off': 1, unroute: 1, 'release-clips': 1, 'place-temporary': 1, 'turn-machine': 1, slacken: 1 }

/** Figures mean what stands beside them: a count, a length, a spanner, ways. */
function tellFigure(t: Telling, i: number, fact: Extract<Fact, { as: 'count' | 'number' | 'mm' | 'times' }>): void {
  const { kind, values } = t
  const n = fact.n
  const counted = counts.has(kind)
  const isWhole = Number.isInteger(n) && n > 0
  const sized = 'size' in values || 'thread' in values || 'drive' in values
  const screws = kind === 'remove-fasteners' || kind === 'slacken'
  if (kind === 'unplug' && fact.as === 'times' && fact.apart) return void take(t, i, i, 'label', `X${n}`, 'likely')
  if (fact.as === 'count') return void (counted && take(t, i, i, 'count', n, 'sure'))
  if (fact.as === 'times' && fact.apart && n <= 8 && counted && isWhole && take(t, i, i, 'count', n, 'likely')) return
  if (fact.as === 'number' && counted && isWhole && n < 60 && !followsSize(t, i) && take(t, i, i, 'count', n, 'likely'))
    return
  if (screws && (fact.as === 'times' || sized)) return void take(t, i, i, 'length', n, 'likely')
  if (screws && fact.as === 'mm') {
    if (isSpanner(n) && take(t, i, i, 'size', `${n} mm`, 'likely')) values.drive ??= 'hex head'
    else take(t, i, i, 'length', n, 'likely')
    return
  }
  if (kind === 'unplug' && fact.as === 'mm') return void take(t, i, i, 'reach', n, 'likely')
  if (kind === 'cut' && fact.as === 'mm') return void take(t, i, i, 'size', `${n} mm`, 'sure')
  if (kind === 'drain' && fact.as === 'number') return void take(t, i, i, 'litres', n, 'guess')
}
const words = (t: Telling, i: number) => t.text.slice(t.said[i]!.start, t.said[i]!.end)
const followsSize = (t: Telling, i: number): boolean => {
  const role = t.roles[i - 1]?.role
  return i > 0 && (role === 'size' || role === 'thread' || role === 'drive')
}

function tellColour(t: Telling, i: number, colours: readonly string[]): void {
  if (t.kind === 'remove-fasteners' || t.kind === 'slacken') take(t, i, i, 'look', colours.join('/'), 'likely')
  if (t.kind !== 'unplug') return
  const ofWires = t.said.some(s => s.fact.as === 'noun' && s.fact.noun === 'line')
  const wires = ofWires || colours.length > 1 || 'housing' in t.values || 'wires' in t.values
  if (!wires) return void take(t, i, i, 'housing', colours[0]!, 'likely')
  t.values.wires = [...((t.values.wires as string[] | undefined) ?? []), ...colours]
  cover(t, i, i, 'wires', colours.length > 1 ? 'sure' : 'likely')
}

/** The name of a hose: the words right before it, and itself. */
function tellHose(t: Telling): void {
  const hoses = t.said.flatMap((s, i) => (s.fact.as === 'noun' && s.fact.noun === 'hose' ? [i] : []))
  const at = hoses.find(i => t.said[i - 1]?.fact.as === 'word') ?? hoses[0] ?? -1
  if (at < 0) return
  const { fact } = t.said[at]!
  if (fact.as === 'noun' && fact.sets) return tellSet(t, at, fact.sets)
  let from = at
  while (
    from > 0 &&
    t.roles[from - 1] === null &&
    ['word', 'colour', 'passing', 'look'].includes(t.said[from - 1]!.fact.as)
  )
    from -= 1
  const words = t.text.slice(t.said[from]!.start, t.said[at]!.end)
  if (from < at) take(t, from, at, 'hose', words, 'likely')
  else cover(t, at, at, 'act', 'sure')
}

/** One stretch of the line told as one kind of move; `repeats` where `same again` names the kind. */
export function assemble(text: string, said: readonly Said[], kind: MoveKindName, repeats = false): Clause {
  const t: Telling = { text, said, kind, roles: said.map(() => null), values: {} }
  const each = (tell: (fact: Fact, i: number) => void) =>
    said.forEach(({ fact }, i) => t.roles[i] === null && tell(fact, i))
  if (repeats) each((fact, i) => fact.as === 'same' && cover(t, i, i, 'act', 'sure'))
  each((fact, i) => fact.as === 'exact' && tellExact(t, i, fact))
  each((fact, i) => {
    if (fact.as === 'lead' && said[i + 1]?.fact.as === 'exact') cover(t, i, i, 'act', 'sure')
  })
  if (kind === 'open-joint') tellHose(t)
  if (kind === 'turn-machine') each((fact, i) => fact.as === 'posture' && take(t, i, i, 'to', fact.posture, 'sure'))
  if (kind === 'turn-machine') each((_, i) => /^machine$/i.test(words(t, i)) && cover(t, i, i, 'act', 'sure'))
  tellLeads(t)
  if (kind === 'unroute') {
    const line = said.findIndex(s => s.fact.as === 'noun' && (s.fact.noun === 'line' || s.fact.noun === 'hose'))
    const fact = said[line]?.fact
    if (fact?.as === 'noun' && t.roles[line] === null) {
      tellSet(t, line, fact.noun === 'hose' ? { type: 'hose' } : (fact.sets ?? {}))
      if (!t.roles[line]) cover(t, line, line, 'act', 'sure')
    }
    each(
      (fact, i) =>
        fact.as === 'act' && (fact.act === 'away' || fact.act === 'unroute') && cover(t, i, i, 'act', 'sure'),
    )
    tellWaypoints(t)
  }
  each((fact, i) => (fact.as === 'act' || fact.as === 'noun') && tellKind(t, i, fact))
  each((fact, i) => fact.as === 'set' && tellSet(t, i, fact.sets))
  each((fact, i) => fact.as === 'label' && take(t, i, i, 'label', fact.label, 'sure'))
  each((fact, i) => fact.as === 'look' && take(t, i, i, 'look', fact.look, 'sure'))
  each((fact, i) => fact.as === 'colour' && tellColour(t, i, fact.colours))
  each((fact, i) => {
    if (fact.as === 'count' || fact.as === 'number' || fact.as === 'mm' || fact.as === 'times') tellFigure(t, i, fact)
  })
  each((fact, i) => fact.as === 'posture' && kind === 'turn-machine' && take(t, i, i, 'from', fact.posture, 'guess'))
  each((fact, i) => fact.as === 'same-cell' && cover(t, i, i, 'cell', 'sure'))
  tellTheRest(t)
  return clauseOf(t)
}
