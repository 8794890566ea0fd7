import type { Grammar } from '../../grammar/grammar.ts'
import { moveKinds, type MoveKindName } from '../../moves/registry.ts'
import type { Atom } from '../atom.ts'
import { tellCount, tellLoneFigures, tellSizes } from './figures.ts'
import { firstOf, tellLies, tellName, tellPlace } from './names.ts'
import { nounPhrases, wordsOf } from './phrases.ts'
import { leafOf } from '../../moves/fields-of.ts'
import { tellLeads } from './leads.ts'
import { tellRoute } from './route.ts'
import { free, is, isNoun, mark, tell, telling, where, type Telling } from './telling.ts'

/** What is told of one act: its kind and its fields by name, with what each atom told. */
export interface Told {
  kind: string
  values: Record<string, unknown>
  t: Telling
}
interface Context {
  text: string
  /** Where the heading before it says that it is. */
  heading?: string | undefined
}

const setsOf = (t: Telling, ...fields: string[]): void => {
  for (const [i, a] of t.atoms.entries()) {
    if (
      !free(t, i) ||
      (a.tag !== 'quality' &&
        a.tag !== 'thing' &&
        a.tag !== 'torque' &&
        a.tag !== 'clock' &&
        a.tag !== 'turns' &&
        a.tag !== 'litres' &&
        a.tag !== 'ways' &&
        a.tag !== 'measure' &&
        a.tag !== 'cell' &&
        a.tag !== 'label')
    )
      continue
    for (const field of fields) {
      const value = a.sets?.[field]
      if (value === undefined || value === '' || field in t.values) continue
      t.values[field] = value
      if (a.tag !== 'thing') mark(t, i, field)
    }
  }
}
/** A condition in which it was found, unless it is denied. */
function tellCondition(t: Telling): void {
  for (const i of where(t, a => a.sets?.condition !== undefined)) {
    const denied = t.atoms.slice(Math.max(0, i - 2), i).some(a => a.tag === 'neg')
    if (!denied) tell(t, i, 'condition', t.atoms[i]!.sets!.condition)
  }
}
function tellCell(t: Telling): void {
  for (const i of where(t, a => a.tag === 'cell')) tell(t, i, 'cell', t.atoms[i]!.sets!.cell)
  for (const i of where(t, a => a.tag === 'same-cell')) mark(t, i, 'cell')
}
function tellExact(t: Telling): void {
  for (const i of where(t, a => a.tag === 'exact')) {
    const a = t.atoms[i]!
    if (a.field === 'kind') mark(t, i, 'act')
    else {
      ;((t.values.exact ??= []) as { field: string; value: string }[]).push({
        field: a.field!,
        value: String(a.sets!.value),
      })
      t.roles[i] = a.field
    }
  }
}

function fasteners(t: Telling, { text, heading }: Context): void {
  const head = firstOf(t, 'fastener')
  tellSizes(t)
  setsOf(t, 'drive', 'hand', 'head', 'secured', 'washers', 'into', 'captive', 'feel', 'pattern', 'torque', 'turns')
  tellCount(t, head)
  tellLoneFigures(t)
  tellLook(t)
  if (head >= 0) mark(t, head, 'thing')
  for (const i of where(t, a => isNoun(a, 'fastener'))) mark(t, i, 'thing')
  deniedHand(t)
  tellPlace(t, text, heading)
}
/** `left-hand thread I thought but it's normal` is no left-hand thread. */
function deniedHand(t: Telling): void {
  if (t.values.hand !== 'left') return
  const at = t.roles.indexOf('hand')
  const after = t.atoms.slice(at + 1, at + 9)
  const question = after.slice(0, 3).some(a => a.sign === '?') && !after.some(a => /^(yes|yep|aye)$/.test(a.words))
  if (question || after.some(a => /^(normal|ordinary|no|not|standard)$/.test(a.words))) delete t.values.hand
}
function tellLook(t: Telling): void {
  const said: string[] = []
  for (const [i, a] of t.atoms.entries())
    if (free(t, i) && (a.tag === 'look' || a.tag === 'colour') && !(a.words === 'big' && is(t.atoms[i + 1], 'part'))) {
      said.push(a.words)
      t.roles[i] = 'look'
    }
  if (said.length) t.values.look = said.join(' ')
}

function clips(t: Telling, { text, heading }: Context): void {
  const head = firstOf(t, 'clip')
  const other = head < 0 ? firstOf(t, 'spring', 'pin', 'ring', 'tie', 'retainer', 'clamp') : -1
  setsOf(t, 'type', 'direction', 'fragile')
  if (t.values.type === undefined && t.atoms.some(a => a.verb?.lemma === 'unhook')) t.values.type = 'hook'
  tellCount(t, head >= 0 ? head : other)
  if (head >= 0) mark(t, head, 'thing')
  for (const i of where(t, a => isNoun(a, 'clip'))) mark(t, i, 'thing')
  tellLook(t)
  tellPlace(t, text, heading)
}

const wireNouns = (a: Atom): boolean => isNoun(a, 'line')
/** Colours as they stand together: parted by nothing but signs and `and`. */
function colourGroups(t: Telling, colours: readonly number[]): number[][] {
  const groups: number[][] = []
  for (const i of colours) {
    const last = groups.at(-1)
    const between = last ? t.atoms.slice(last.at(-1)! + 1, i) : []
    if (last && between.every(a => is(a, 'sep', 'conj'))) last.push(i)
    else groups.push([i])
  }
  return groups
}

function unplug(t: Telling, { text, heading }: Context): void {
  const spade = firstOf(t, 'spade')
  const plug = firstOf(t, 'plug')
  const wires = where(t, wireNouns)
  const head = spade >= 0 && (plug < 0 || t.atoms[spade]!.sets?.terminal) ? spade : plug >= 0 ? plug : (wires[0] ?? -1)
  const single = head === spade && spade >= 0
  if (single && t.atoms[spade]!.sets?.terminal) t.values.terminal = t.atoms[spade]!.sets!.terminal
  setsOf(t, 'ways', 'lock', 'sits', 'keyed')
  const labels = where(t, a => a.tag === 'label').filter(i => free(t, i))
  for (const i of labels) {
    t.values.labels = [...((t.values.labels as string[] | undefined) ?? []), String(t.atoms[i]!.sets!.label)]
    t.roles[i] = 'label'
  }
  // A tab of a plug is its lock, not a clip.
  for (const i of where(t, a => isNoun(a, 'clip') && a.sets?.type === 'tab'))
    if (t.values.lock === undefined) tell(t, i, 'lock', 'tab')
  for (const i of where(t, a => isNoun(a, 'clip'))) mark(t, i, 'thing')
  // `four wire plug`: what counts wires of a plug is its ways.
  for (const i of wires) {
    const n = t.atoms[i - 1]
    if (plug >= 0 && n?.n !== undefined && free(t, i - 1) && Number.isInteger(n.n)) tell(t, i - 1, 'ways', n.n)
  }
  const colours = where(t, a => a.tag === 'colour').filter(i => free(t, i))
  const list = colours.map(i => t.atoms[i]!.colour!)
  // Ways, a name or a plug say that it is one housing; else colours are wires of their own.
  const housed = plug >= 0 || 'ways' in t.values || labels.length > 0
  const ofWires = single || (!housed && (wires.length > 0 || colours.length > 1))
  if (colours.length) {
    const pairEach = t.atoms.some(a => a.words === 'both')
    if (ofWires) {
      const many = list.length === 1 && pairEach ? [list[0]!, list[0]!] : list
      t.values.wires = many
      for (const i of colours) t.roles[i] = 'wires'
    } else {
      const groups = colourGroups(t, colours)
      const several = t.atoms[plug]?.plural === true && !wires.length
      // Colours that stand together are those of the wires, one alone is that of the housing; plugs of several colours are so many plugs.
      const together = several
        ? undefined
        : groups.find(g => g.length > 1 || wires.some(w => w > g[0]! && w - g[0]! <= 2))
      const alone = groups
        .filter(g => g !== together)
        .sort((a, b) => Math.abs(a[0]! - plug) - Math.abs(b[0]! - plug))[0]
      if (together) {
        t.values.wires = together.map(i => t.atoms[i]!.colour!)
        for (const i of together) t.roles[i] = 'wires'
      }
      if (alone) {
        t.values.housing = t.atoms[alone[0]!]!.colour
        for (const i of several ? colours : alone) t.roles[i] ??= 'housing'
      }
      if (several && colours.length > 1) t.values.housings = colours.length
    }
  }
  if (labels.length > 1) t.values.count ??= labels.length
  else tellCount(t, head)
  const pulledOne = t.atoms.some(a => a.verb?.lemma === 'unplug' || a.verb?.lemma === 'disconnect')
  if (t.values.count === undefined && head < 0 && (labels.length === 1 || 'ways' in t.values || pulledOne)) {
    t.values.count = 1
    t.values.countImplied = true
  }
  if (typeof t.values.housings === 'number') {
    t.values.count ??= t.values.housings
    delete t.values.housings
  }
  const { wires: said } = t.values
  const counted = t.atoms.some((a, i) => t.roles[i] === 'count' && a.n !== undefined)
  const joined =
    colours.some((c, k) => k > 0 && t.atoms.slice(colours[k - 1]! + 1, c).some(a => a.sign === '/')) && !single
  if (Array.isArray(said) && said.length > 1 && !counted && ofWires && !joined) {
    t.values.count = said.length
    delete t.values.countImplied
  }
  if (head >= 0) mark(t, head, 'thing')
  for (const i of where(t, a => isNoun(a, 'plug', 'spade'))) mark(t, i, 'thing')
  if (head < 0 || single || plug < 0) for (const i of wires) mark(t, i, 'thing')
  tellPlace(t, text, heading)
}

function joint(t: Telling, { text, heading }: Context): void {
  setsOf(t, 'clamp', 'joins', 'clock')
  const clampAt = where(t, a => isNoun(a, 'clamp') || (isNoun(a, 'clip') && a.sets?.type === 'spring clip'))
  for (const i of clampAt) {
    if (t.atoms[i]!.sets?.type === 'spring clip') t.values.clamp ??= 'spring'
    // `spring, clamp`: a spring beside a hose is its clamp.
    mark(t, i, 'clamp')
  }
  for (const i of where(t, a => isNoun(a, 'spring'))) if (t.values.clamp === undefined) tell(t, i, 'clamp', 'spring')
  for (const i of where(t, a => isNoun(a, 'clip'))) mark(t, i, 'clamp')
  const hoses = where(t, a => isNoun(a, 'hose', 'tube'))
  const all = nounPhrases(t)
  const of =
    all.find(p => hoses.some(h => h >= p.from && h <= p.to) && p.prep === undefined) ??
    all.find(p => hoses.some(h => h >= p.from && h <= p.to))
  if (of) {
    const h = hoses.find(x => x >= of.from && x <= of.to)!
    t.values.hose = wordsOf(t, text, { from: of.from, to: Math.max(h, of.from) })
    for (let i = of.from; i <= of.to; i++) t.roles[i] ??= 'hose'
    if (h < of.to) for (let i = h + 1; i <= of.to; i++) t.roles[i] = undefined
  } else if (!tellName(t, text, 'hose')) t.values.hose = 'hose'
  for (const i of hoses) mark(t, i, 'hose')
  for (const i of where(t, a => a.n !== undefined && is(a, 'num', 'count')))
    if (free(t, i)) tell(t, i, 'several', t.atoms[i]!.n)
  tellPlace(t, text, heading)
}

function cutting(t: Telling, { text, heading }: Context): void {
  const head = firstOf(t, 'tie', 'tape', 'seal', 'clamp')
  const noun = head >= 0 ? t.atoms[head]!.noun! : 'tie'
  tellMeasure(t)
  t.values.consumable = noun === 'seal' && /gasket/.test(t.atoms[head]!.words) ? 'gasket' : noun
  tellCount(t, head)
  if (head >= 0) mark(t, head, 'thing')
  tellPlace(t, text, heading)
}

function temporary(t: Telling, { text, heading }: Context): void {
  let head = firstOf(t, 'temporary', 'tape')
  const { atoms } = t
  if (head < 0) head = firstOf(t, 'clamp')
  if (head >= 0) t.values.thing = atoms[head]!.noun === 'temporary' ? atoms[head]!.sets!.thing : atoms[head]!.noun
  else {
    const verbs: Record<string, string> = {
      prop: 'prop',
      chock: 'block',
      tape: 'tape',
      strap: 'strap',
      wedge: 'block',
      block: 'block',
      lash: 'strap',
      bungee: 'strap',
      support: 'prop',
      clamp: 'clamp',
      tie: 'strap',
    }
    const verb = atoms.findIndex(a => a.verb && verbs[a.verb.lemma])
    if (verb >= 0) {
      t.values.thing = verbs[atoms[verb]!.verb!.lemma]
      mark(t, verb, 'act')
    }
  }
  // A strip of tape, two strips: what is counted stands before it.
  tellCount(t, head)
  if (head < 0 && t.values.count === undefined) {
    t.values.count = 1
    t.values.countImplied = true
  }
  if (head >= 0) mark(t, head, 'thing')
  for (const i of where(t, a => isNoun(a, 'temporary'))) mark(t, i, 'thing')
  tellPlace(t, text, heading)
}

function turning(t: Telling): void {
  const at = where(t, a => a.tag === 'posture')
  const last = at.at(-1)
  const sideways = last !== undefined && /side$/.test(t.atoms[last]!.words) && !/left|right/.test(t.atoms[last]!.words)
  if (last !== undefined)
    tell(
      t,
      last,
      'to',
      sideways && t.atoms.some(a => a.words === 'right') ? 'on its right side' : t.atoms[last]!.posture,
    )
  for (const i of at) mark(t, i, 'to')
  if (last === undefined) {
    const said = new Set(t.atoms.map(a => a.words))
    const lemmas = new Set(t.atoms.flatMap(a => (a.verb ? [a.verb.lemma] : [])))
    const to =
      said.has('back') && (lemmas.has('tip') || lemmas.has('tilt') || lemmas.has('lean'))
        ? 'tipped back'
        : said.has('back') && (lemmas.has('lay') || lemmas.has('lie'))
          ? 'on its back'
          : lemmas.has('right') || said.has('up')
            ? 'upright'
            : said.has('side') || said.has('left') || said.has('right')
              ? said.has('right')
                ? 'on its right side'
                : 'on its left side'
              : said.has('front')
                ? 'on its front'
                : said.has('back')
                  ? 'on its back'
                  : lemmas.has('tilt') || lemmas.has('tip') || lemmas.has('lean')
                    ? 'tipped back'
                    : lemmas.has('stand')
                      ? 'upright'
                      : undefined
    if (to) t.values.to = to
    for (const i of where(t, a => is(a, 'pos'))) mark(t, i, 'to')
  }
  for (const i of where(t, a => isNoun(a, 'machine'))) mark(t, i, 'thing')
}

/** What is isolated, one move each, in the order said. */
function isolations(t: Telling): string[] {
  const found: string[] = []
  const add = (what: string) => {
    if (!found.includes(what)) found.push(what)
  }
  const { atoms } = t
  const cold = (a: Atom) => /^(cold|c)$/.test(a.words)
  const hot = (a: Atom) => /^(hot|h)$/.test(a.words)
  const saysWhich = atoms.some(a => !a.struck && (cold(a) || hot(a)))
  const bothSaid = atoms.some(a => a.words === 'both' || a.n === 2)
  for (const [i, a] of atoms.entries()) {
    if (a.struck) continue
    const no = atoms[i - 1]?.tag === 'neg' || (atoms[i - 2]?.tag === 'neg' && !atoms[i - 1]?.sign)
    if (no && !isNoun(a, 'power')) continue
    if (isNoun(a, 'power') || (a.verb?.lemma === 'unplug' && !atoms.some(x => isNoun(x, 'capacitor', 'spade'))))
      add('power')
    else if (cold(a)) add('cold water')
    else if (hot(a)) add('hot water')
    else if (
      isNoun(a, 'water') ||
      (/^valves?$/.test(a.words) && atoms.some(x => /^(shut|close|turn|switch)$/.test(x.verb?.lemma ?? '')))
    ) {
      if (saysWhich && !bothSaid) {
        mark(t, i, 'what')
        continue
      }
      const many = a.plural || bothSaid || atoms.some(x => x.words === 'all')
      add('cold water')
      if (many || (a.words === 'water' && bothSaid)) add('hot water')
    } else if (
      isNoun(a, 'pressure') ||
      a.verb?.lemma === 'bleed' ||
      a.verb?.lemma === 'depressurise' ||
      a.verb?.lemma === 'depressurize'
    ) {
      if (atoms.some(x => isNoun(x, 'capacitor'))) continue
      add('pressure')
    } else if (isNoun(a, 'standpipe')) add('drain hose')
    else if (isNoun(a, 'capacitor')) add('capacitor')
    else if (isNoun(a, 'plug') && !atoms.some(x => isNoun(x, 'capacitor'))) add('power')
    else continue
    mark(t, i, 'what')
  }
  if (saysWhich && bothSaid && !found.includes('hot water')) add('hot water')
  if (saysWhich && bothSaid && !found.includes('cold water')) add('cold water')
  if (
    !found.length &&
    atoms.some(a => a.verb?.lemma === 'unplug' || a.verb?.lemma === 'plug' || /^(wall|outlet|socket)$/.test(a.words))
  )
    add('power')
  if (!found.length && atoms.some(a => a.verb?.lemma === 'discharge')) add('capacitor')
  return found
}

function draining(t: Telling): void {
  setsOf(t, 'litres')
  const said = new Set(t.atoms.map(a => a.words))
  const filter = firstOf(t, 'filter')
  const hose = where(t, a => isNoun(a, 'hose', 'tube') || a.words === 'drain tube' || a.words === 'emergency hose')
  const small = t.atoms.some(a => /^(drain tube|emergency hose|small|little|thin|drain hose tube)$/.test(a.words))
  t.values.by =
    hose.length && filter >= 0 && small
      ? 'drain tube'
      : filter >= 0
        ? 'filter'
        : t.atoms.some(a => a.words === 'drain tube' || a.words === 'emergency hose')
          ? 'drain tube'
          : hose.length
            ? small
              ? 'drain tube'
              : 'hose'
            : said.has('plug')
              ? 'plug'
              : 'filter'
  if (filter >= 0) mark(t, filter, 'by')
  for (const i of hose) mark(t, i, 'by')
  const half = t.atoms.findIndex((a, i) => a.words === 'half' && free(t, i))
  if (!('litres' in t.values) && half >= 0) tell(t, half, 'litres', 0.5)
  if (!('litres' in t.values)) for (const i of where(t, a => a.tag === 'num')) tell(t, i, 'litres', t.atoms[i]!.n)
}

function marking(t: Telling, text: string): void {
  const content = where(
    t,
    (a, i) =>
      free(t, i) &&
      is(
        a,
        'thing',
        'part',
        'pos',
        'word',
        'label',
        'num',
        'count',
        'colour',
        'look',
        'away',
        'quoted',
        'clock',
        'quality',
      ) &&
      !(is(a, 'away') && !/^(up|down)$/.test(a.words)),
  )
  if (!content.length) return
  // `draw mark line across …`: the mark is the line.
  if (content.length > 1 && t.atoms[content[0]!]!.words === 'mark') mark(t, content.shift()!, 'act')
  const [from, to] = [content[0]!, content.at(-1)!]
  t.values.mark = text.slice(t.atoms[from]!.start, t.atoms[to]!.end)
  for (let i = from; i <= to; i++) t.roles[i] ??= 'mark'
}

const dropOldNew = (t: Telling): void => {
  for (const i of where(t, a => is(a, 'old', 'new'))) mark(t, i, 'act')
}

function tellPart(t: Telling, { text, heading }: Context, lies: boolean): void {
  dropOldNew(t)
  const named = tellName(t, text, 'name')
  if (!named && heading) t.values.name = heading
  for (const i of where(t, a => is(a, 'num', 'count') && a.n !== undefined && Number.isInteger(a.n)))
    if (free(t, i)) tell(t, i, 'several', t.atoms[i]!.n)
  setsOf(t, 'fragile', 'fit', 'seat', 'oneWay')
  if (lies) tellLies(t, text)
  tellPlace(t, text, named ? heading : undefined)
}

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

/** What a word tells of a field that nothing else has told, where the kind has it. */
function tellBesides(t: Telling): void {
  for (const [i, a] of t.atoms.entries()) {
    if (
      !free(t, i) ||
      !(is(a, 'quality', 'measure', 'torque', 'clock', 'turns', 'litres', 'ways') || a.tag === 'thing')
    )
      continue
    for (const [field, value] of Object.entries(a.sets ?? {}))
      if (value !== '' && !(field in t.values) && field !== 'condition' && leafOf(t.kind as MoveKindName, field))
        tell(t, i, field, value)
  }
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
/** A size in millimetres goes into the field that the kind has for it. */
function tellMeasure(t: Telling): void {
  const { measure } = (moveKinds[t.kind as MoveKindName] as { grammar: Grammar }).grammar
  if (!measure) return
  for (const i of where(t, a => a.tag === 'mm')) tell(t, i, measure, `${t.atoms[i]!.n} mm`)
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
