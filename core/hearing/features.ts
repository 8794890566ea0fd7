import { moveKinds } from '../moves/registry.ts'
import type { Atom } from './atom.ts'
import { kindsOfNoun, ofAtom } from './atom-features.ts'
import { counted, partKinds } from './kind-sets.ts'
import { pairs } from './pairs.ts'
import { isPossible } from './possible.ts'
import { is } from './tell/telling.ts'

/** What a stretch can be read as: every kind of move, a remark, or a heading that only says where. */
export const readings = [...Object.keys(moveKinds), 'note', 'head'] as const
/** A kind of move, `note` or `head`. */
export type Reading = (typeof readings)[number]
export const readingIndex: ReadonlyMap<string, number> = new Map(readings.map((r, i) => [r, i]))

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
