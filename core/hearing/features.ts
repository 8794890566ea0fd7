import { moveKinds } from '../moves/registry.ts'
import type { Grammar } from '../grammar/grammar.ts'
import type { Atom } from './atom.ts'
import { pairs } from './pairs.ts'
import { isPossible } from './possible.ts'
import { is } from './tell/telling.ts'

/** What a stretch can be read as: every kind of move, a remark, or a heading that only says where. */
export const readings = [...Object.keys(moveKinds), 'note', 'head'] as const
/** A kind of move, `note` or `head`. */
export type Reading = (typeof readings)[number]
export const readingIndex: ReadonlyMap<string, number> = new Map(readings.map((r, i) => [r, i]))

const grammars = Object.entries(moveKinds) as [string, { grammar: Grammar }][]
/** The kinds that a class of things speaks for, those first that it is known by. */
const kindsOfNoun = ((): ReadonlyMap<string, { first: string[]; all: string[] }> => {
  const found = new Map<string, { first: string[]; all: string[] }>()
  const of = (noun: string) => found.get(noun) ?? found.set(noun, { first: [], all: [] }).get(noun)!
  for (const [kind, { grammar }] of grammars) {
    for (const noun of [...(grammar.things ?? []), ...Object.keys(grammar.words ?? {})]) {
      of(noun).first.push(kind)
      of(noun).all.push(kind)
    }
    for (const noun of grammar.also ?? []) of(noun).all.push(kind)
  }
  return found
})()
/** Kinds that handle a part by its name. */
export const partKinds = ['remove-part', 'park-part', 'pull-off', 'fold-back', 'replace-part', 'fit-new', 'exchange']
/** Kinds that say how many. */
export const counted = ['remove-fasteners', 'slacken', 'release-clips', 'unplug', 'cut', 'place-temporary']

/** What is said in a stretch, as far as kinds are told by it. */
export interface Summary {
  /** Features that speak for or against a kind, learnt kind by kind. */
  names: string[]
  verbKinds: ReadonlySet<string>
  nounKinds: ReadonlySet<string>
  kinds: ReadonlySet<string>
  /** What speaks for a remark, whatever act it would be. */
  remarks: readonly string[]
  /** What its things most usually stand for. */
  firstKinds: ReadonlySet<string>
  /** What it was told to be, by `kind=` in the line. */
  told: string | undefined
  /** It can be a heading: it says what or where and nothing that is done. */
  canHead: boolean
  /** False where something is not there that the kind cannot be without. */
  can: (reading: string) => boolean
  /** Neither a verb nor a thing: it goes on from the act before. */
  bare: boolean
}

/** Parts that sit on a shaft, a spline or a seat and come off by pulling. */
const onShaft =
  /^(pulley|agitator|rotor|knob|impeller|hub|coupler|coupling|bearing|clutch|wheel|gear|plate|pulsator|bush|race|sleeve|spider|cap|cup|magnet|seal|pump|sensor|heater|element|drawer|dispenser)e?s?$/
const shafts = /^(spline|splines|shaft|teeth|axle|stem|seat|cone|taper|puller|magnets|mallet|hammer|drift|press)$/
/** What stands at the wall. */
const atWall = /^(wall|outlet|socket|wall socket|wall outlet|switch|recept|receptacle|lead|isolator|fuse|spur|sink)$/

/** What speaks for a remark whatever act it would be: kept for all acts as one. */
const remarkable =
  /^(joins-whole|heads.|sentence:\?|neg|modal|question|sign:\?|sign:!|state|later|reason|warn|only-remark|V=remark|t0:(?:reason|warn|modal|neg|question|pron|aux|state)|measure|words|still|aux|done|neg\|.*|nx=.*|in:.*|L:.*|#n.|#v.|#f.|bare)$/

/** Things that an act of their own is done to: two classes of them in one stretch are rarely one act. */
const headClass: Readonly<Record<string, string>> = {
  fastener: 'fastener',
  clip: 'clip',
  plug: 'plug',
  spade: 'plug',
  tie: 'tie',
  hose: 'hose',
  tube: 'hose',
  belt: 'belt',
  temporary: 'temporary',
  filter: 'drain',
  water: 'water',
  power: 'power',
}
const bucket = (n: number): string => (n > 3 ? '3+' : String(n))

/** What an atom speaks for by itself, wherever it stands: worked out once. */
interface OwnFeatures {
  names: readonly string[]
  kinds: readonly string[]
  verbKinds: readonly string[]
  isRemark: boolean
  onShaft: boolean
  counts?: 'verb' | 'figure' | 'part' | 'pass' | 'posture'
}
const known = new WeakMap<Atom, OwnFeatures>()
const ofAtom = (a: Atom): OwnFeatures => known.get(a) ?? known.set(a, ownFeatures(a)).get(a)!

const fasteners = ['remove-fasteners', 'slacken']
/** Little words that speak by themselves. */
const spoken: ReadonlySet<string> = new Set([
  'later',
  'state',
  'modal',
  'aux',
  'still',
  'reason',
  'warn',
  'neg',
  'conj',
])

function ownFeatures(a: Atom): OwnFeatures {
  const names: string[] = []
  const kinds: string[] = []
  let counts: OwnFeatures['counts']
  let [verbKinds, isRemark]: [readonly string[], boolean] = [[], false]
  if (onShaft.test(a.words)) names.push(`on-shaft:${a.words.replace(/s$/, '')}`)
  if (atWall.test(a.words)) names.push('wall')
  if (/^(hot|cold|h|c)$/.test(a.words)) names.push('hot-cold')
  switch (a.tag) {
    case 'sep':
      names.push(`sign:${a.sign}`)
      break
    case 'verb': {
      const { lemma, kinds: all, form } = a.verb!
      counts = 'verb'
      names.push(`V:${lemma}`, `F:${form}`)
      isRemark = all.includes('remark')
      if (all.includes('away')) names.push('V=away')
      if (isRemark) names.push('V=remark')
      verbKinds = all.filter(k => k !== 'away' && k !== 'remark')
      kinds.push(...verbKinds)
      if (all.length === 1) names.push(`V=${all[0]}`)
      break
    }
    case 'thing':
      names.push(`N:${a.noun}`)
      if (a.plural) names.push(`N+:${a.noun}`)
      kinds.push(...(kindsOfNoun.get(a.noun!)?.all ?? []))
      if (a.sets?.type) names.push(`T:${String(a.sets.type)}`)
      break
    case 'part':
    case 'word':
      counts = 'part'
      names.push(a.tag, `W:${a.words}`)
      break
    case 'away':
      names.push('away', `A:${a.words}`)
      break
    case 'pass':
      counts = 'pass'
      names.push('pass')
      break
    case 'num':
    case 'count':
    case 'times':
      counts = 'figure'
      names.push('figure')
      break
    case 'size':
    case 'mm':
    case 'inch':
    case 'thread':
      names.push('sized', `S:${a.tag}`)
      kinds.push(...fasteners)
      break
    case 'quality':
      for (const f of Object.keys(a.sets!)) {
        names.push(`Q:${f}`)
        if (f === 'drive' || f === 'hand') kinds.push(...fasteners)
        if (f === 'lock') kinds.push('unplug')
        if (f === 'clamp') kinds.push('open-joint')
        if (f === 'condition') kinds.push(...counted)
      }
      break
    case 'posture':
      counts = 'posture'
      names.push(`P:${a.posture}`, 'posture')
      kinds.push('turn-machine')
      break
    case 'colour':
    case 'ways':
    case 'label':
      names.push(a.tag)
      kinds.push('unplug')
      break
    case 'litres':
      names.push('litres')
      kinds.push('drain')
      break
    case 'turns':
      names.push('turns')
      kinds.push('slacken')
      break
    case 'pron':
      names.push(`I:${a.words}`)
      break
    default:
      names.push(a.tag)
      if (spoken.has(a.tag)) names.push(`${a.tag}:${a.words}`)
  }
  return { names, kinds, verbKinds, isRemark, onShaft: shafts.test(a.words), ...(counts && { counts }) }
}

const following = pairs((a, b) => `b:${a}|${b}`)
const remarks = new Map<string, boolean>()
/** True where a feature speaks for a remark; told once for each that is met. */
function isRemarkable(name: string): boolean {
  const told = remarks.get(name)
  if (told !== undefined) return told
  // Words that people make up are without number.
  if (remarks.size > 20_000) remarks.clear()
  const is = remarkable.test(name)
  remarks.set(name, is)
  return is
}

/** The features of atoms `from` to `to` (not included), with the cuts that lie within. */
export function summary(
  atoms: readonly Atom[],
  from: number,
  to: number,
  inside: readonly string[],
  left: string,
  right: string,
): Summary {
  const names: string[] = [`L:${left}`, `R:${right}`]
  const seen = new Set<string>()
  const put = (name: string) => {
    if (!seen.has(name)) {
      seen.add(name)
      names.push(name)
    }
  }
  const verbKinds = new Set<string>()
  const nounKinds = new Set<string>()
  const firstKinds = new Set<string>()
  const kinds = new Set<string>()
  const lemmas: string[] = []
  const nouns: string[] = []
  const tags: string[] = []
  const counts = { verb: 0, figure: 0, part: 0, pass: 0, word: 0, posture: 0 }
  let remark = 0
  let onShafts = false
  let led = false
  for (let i = from; i < to; i++) {
    const a = atoms[i]!
    if (a.struck) continue
    // What a word leads tells its field and names nothing else.
    if (a.tag === 'lead') {
      led = true
      put(`lead:${a.field}`)
    }
    if (led && a.tag === 'sep' && a.sign !== ',') led = false
    if (led && a.tag !== 'lead') continue
    if (a.tag !== 'filler' && a.tag !== 'det') tags.push(tagOf(a))
    const own = ofAtom(a)
    for (const name of own.names) put(name)
    for (const k of own.kinds) kinds.add(k)
    if (own.onShaft) onShafts = true
    if (own.counts) counts[own.counts] += 1
    if (a.tag === 'verb') {
      lemmas.push(a.verb!.lemma)
      if (own.isRemark) remark += 1
      for (const k of own.verbKinds) verbKinds.add(k)
    } else if (a.tag === 'thing') {
      nouns.push(a.noun!)
      for (const k of kindsOfNoun.get(a.noun!)?.first ?? []) firstKinds.add(k)
      for (const k of kindsOfNoun.get(a.noun!)?.all ?? []) nounKinds.add(k)
    } else if (a.tag === 'word') counts.word += 1
  }
  const has = (tag: string) => seen.has(tag)
  if (onShafts && (counts.verb || has('away'))) put('shaft')
  if (
    counts.part ||
    nouns.some(n =>
      [
        'spring',
        'ring',
        'pin',
        'seal',
        'filter',
        'capacitor',
        'clamp',
        'soft',
        'temporary',
        'line',
        'hose',
        'mark',
        'tube',
        'clip',
        'grommet',
      ].includes(n),
    ) ||
    has('pos')
  )
    for (const k of partKinds) kinds.add(k)
  if (has('away') || counts.verb) for (const k of ['remove-part', 'pull-off']) kinds.add(k)
  if (has('old') || has('new')) for (const k of ['replace-part', 'fit-new']) kinds.add(k)
  if (has('still')) kinds.add('park-part')
  if (has('figure') && nouns.length === 0) for (const k of counted) kinds.add(k)
  if (nouns.includes('machine') || has('posture')) for (const k of ['turn-machine', 'pull-out']) kinds.add(k)
  if (counts.pass) kinds.add('unroute')
  // Pairs: what the verb does with the thing.
  const [v, v2] = [lemmas[0], lemmas[1]]
  const n = nouns[0]
  const object = n ?? (counts.part ? 'part' : has('pos') ? 'pos' : 'none')
  const went = tagsAway(atoms, from, to)
  if (v) {
    put(`V1:${v}`)
    put(`VO:${v}|${object}`)
    for (const a of went) put(`VA:${v}|${a}`)
  } else put(`O:${object}`)
  if (v2) put(`V2:${v2}`)
  for (const a of went) put(`OA:${object}|${a}`)
  for (let i = 0; i < nouns.length - 1; i++) put(`NN:${nouns[i]}|${nouns[i + 1]}`)
  const [ahead, behind] = [near(atoms, to, 1), near(atoms, from - 1, -1)]
  put(`nx:${ahead ? tagOf(ahead) : 'end'}`)
  put(`pv:${behind ? tagOf(behind) : 'start'}`)
  if (ahead && is(ahead, 'neg', 'later', 'question', 'modal', 'state')) put(`nx=${ahead.words}`)
  put(`#v${bucket(counts.verb)}`)
  put(`#n${bucket(nouns.length)}`)
  put(`#f${bucket(counts.figure)}`)
  put(`#pass${bucket(counts.pass)}`)
  put(`len${bucket(Math.floor((to - from) / 3))}`)
  if (counts.word > 1) put('words')
  put(`t0:${tags[0]}`)
  put(`t-:${tags.at(-1)}`)
  if (tags.length > 1) put(`t01:${tags[0]}|${tags[1]}`)
  if (tags.length < 4) put(`all:${tags.join('|')}`)
  for (let i = 0; i < tags.length - 1; i++) put(following(tags[i]!, tags[i + 1]!))
  if (has('S:mm') && !nouns.includes('fastener') && !has('figure')) put('mm-only')
  const heads = new Set(nouns.flatMap(x => headClass[x] ?? []))
  if (has('sized') || has('Q:drive')) heads.add('fastener')
  if (has('posture')) heads.add('posture')
  put(`heads${bucket(heads.size)}`)
  if (heads.size > 1) put(`heads:${[...heads].sort().slice(0, 3).join('+')}`)
  if (joinsWhole(atoms, from, to)) put('joins-whole')
  for (let i = to; i < atoms.length && i < to + 30; i++) {
    const { sign } = atoms[i]!
    if (sign === '?') put('sentence:?')
    if (sign === '?' || sign === '.' || sign === ';') break
  }
  for (const type of inside) put(`in:${type}`)
  if (inside.length > 1) put(`in#${bucket(inside.length)}`)
  if (has('neg') && v) put(`neg|${v}`)
  if (remark && counts.verb === remark) put('only-remark')
  const bare = counts.verb === 0 && nouns.length === 0
  if (bare) put('bare')
  if (
    nouns.includes('plug') &&
    nouns.length === 1 &&
    !counts.part &&
    !['ways', 'colour', 'label', 'figure', 'pos'].some(has)
  )
    put('lone-plug')
  const canHead =
    counts.verb === 0 &&
    counts.figure === 0 &&
    counts.posture === 0 &&
    !['sized', 'away', 'neg', 'aux', 'Q:condition', 'modal', 'litres', 'ways', 'turns', 'new'].some(has)
  const told = atoms.slice(from, to).find(a => a.tag === 'exact' && a.field === 'kind')?.sets?.value
  return {
    names,
    told: typeof told === 'string' && readingIndex.has(told) ? told : undefined,
    can: reading => isPossible(reading, { nouns, lemmas, has, bare, passes: counts.pass > 0 }),
    remarks: names.filter(isRemarkable),
    verbKinds,
    nounKinds,
    firstKinds,
    kinds,
    bare,
    canHead,
  }
}
/** True when a part of the stretch is a whole act and what follows a sign in it names another thing. */
function joinsWhole(atoms: readonly Atom[], from: number, to: number): boolean {
  let [named, whole] = [false, false]
  for (let i = from; i < to; i++) {
    const a = atoms[i]!
    if (a.struck) continue
    if (is(a, 'sep') && a.sign !== '(' && a.sign !== ')' && a.sign !== ':' && a.sign !== '>') {
      if (
        named &&
        (is(atoms[i - 1], 'away', 'done') ||
          atoms.slice(Math.max(from, i - 3), i).some(x => x.verb !== undefined && x.verb.form !== 'base'))
      )
        whole = true
      named = false
    } else if (is(a, 'part', 'thing')) {
      if (whole) return true
      named = true
    }
  }
  return false
}
const tagOf = (a: Atom): string => (a.tag === 'thing' ? a.noun! : a.tag)
/** The next atom that is no sign, `by` one step. */
function near(atoms: readonly Atom[], at: number, by: 1 | -1): Atom | undefined {
  for (let i = at; i >= 0 && i < atoms.length; i += by)
    if (!atoms[i]!.struck && !is(atoms[i], 'sep', 'filler', 'det')) return atoms[i]
  return undefined
}
const tagsAway = (atoms: readonly Atom[], from: number, to: number): string[] => {
  const found: string[] = []
  for (let i = from; i < to; i++)
    if (is(atoms[i], 'away') && !found.includes(atoms[i]!.words)) found.push(atoms[i]!.words)
  return found
}
