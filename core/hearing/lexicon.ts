import { catalogue } from '../assembly/catalogue.ts'
import { once } from '../assembly/kept.ts'
import type { Posture } from '../machine/postures.ts'
import type { Passing } from '../items/route.ts'
import type { Grammar } from '../grammar/grammar.ts'
import { moveKinds } from '../moves/registry.ts'
import type { Atom, Tag, Value, Verb } from './atom.ts'
import { littleLines } from './words/little.ts'
import { leadLines } from './words/leads.ts'
import { colourLines, looks, passingLines, positions, postureLines, qualityLines } from './words/qualities.ts'
import { misheardLines, shortenedLines } from './words/shortened.ts'
import { thingLines } from './words/things.ts'
import { awayVerbs, remarkVerbs } from './words/verbs.ts'

/** What a phrase can mean, before its neighbours are looked at. */
export type Entry = Pick<Atom, 'tag'> & Partial<Omit<Atom, 'start' | 'end' | 'words' | 'tag'>>

/** A phrase as its words, without signs: `left-hand` and `left hand` are one. */
export const plainWords = (text: string): string[] =>
  text
    .toLowerCase()
    .replace(/['’]/g, '')
    .split(/[\s-]+/)
    .filter(w => w !== '')

/** The regular forms of a verb. */
export function forms(base: string): { s: string; ed: string; ing: string } {
  if (/[^aeiou]y$/.test(base)) return { s: `${base.slice(0, -1)}ies`, ed: `${base.slice(0, -1)}ied`, ing: `${base}ing` }
  if (/ie$/.test(base)) return { s: `${base}s`, ed: `${base}d`, ing: `${base.slice(0, -2)}ying` }
  if (/ee$/.test(base)) return { s: `${base}s`, ed: `${base}d`, ing: `${base}ing` }
  if (/e$/.test(base)) return { s: `${base}s`, ed: `${base}d`, ing: `${base.slice(0, -1)}ing` }
  const doubles =
    /[^aeiou][aeiou][bdgklmnprt]$/.test(base) && (base.replace(/^un|^dis/, '').match(/[aeiou]+/g) ?? []).length === 1
  const stem = doubles ? base + base.at(-1)! : base
  return { s: /(s|sh|ch|x|z|o)$/.test(base) ? `${base}es` : `${base}s`, ed: `${stem}ed`, ing: `${stem}ing` }
}
/** The plural of a noun. */
export const plural = (noun: string): string =>
  /(s|sh|ch|x|z)$/.test(noun) ? `${noun}es` : /[^aeiou]y$/.test(noun) ? `${noun.slice(0, -1)}ies` : `${noun}s`

interface Lexicon {
  /** Phrases by their words joined with one space. */
  entries: ReadonlyMap<string, readonly Entry[]>
  /** Words with which a phrase of more than one begins, and the most words that such a phrase has. */
  longer: ReadonlyMap<string, number>
  shortened: ReadonlyMap<string, string>
  misheard: ReadonlyMap<string, string>
  /** Every word of every phrase. */
  words: ReadonlySet<string>
}

const value = (text: string): Value =>
  text === 'yes' ? true : text === 'no' ? false : /^\d+$/.test(text) ? Number(text) : text

/** Verbs with the kinds that they can mean, by lemma. */
function* verbs(): Generator<[string, Verb]> {
  const kinds = new Map<string, { kinds: string[]; irregular: string[] }>()
  const add = (kind: string, list: string) => {
    for (const said of list.split(',').map(v => v.trim())) {
      const [base, ...irregular] = said.split('/') as [string, ...string[]]
      const known = kinds.get(base) ?? { kinds: [], irregular: [] }
      if (!known.kinds.includes(kind)) known.kinds.push(kind)
      if (irregular.length) known.irregular = irregular
      kinds.set(base, known)
    }
  }
  for (const [kind, { grammar }] of Object.entries(moveKinds)) add(kind, grammar.verbs)
  add('away', awayVerbs)
  add('remark', remarkVerbs)
  for (const [lemma, { kinds: all, irregular }] of kinds) {
    const { s, ed, ing } = forms(lemma)
    const verb = (form: Verb['form']): Verb => ({ lemma, kinds: all, form })
    yield [s, verb('s')]
    yield [ing, verb('ing')]
    for (const past of [...irregular, ed]) yield [past, verb('ed')]
    yield [lemma, verb('base')]
  }
}

/** The words of the trade; made once. */
export const lexicon = once((): Lexicon => {
  const entries = new Map<string, Entry[]>()
  const longer = new Map<string, number>()
  const words = new Set<string>()
  const add = (phrase: string, entry: Entry) => {
    const all = plainWords(phrase)
    if (!all.length) return
    const key = all.join(' ')
    const known = entries.get(key)
    if (known) {
      if (known.some(e => e.tag === entry.tag && e.noun === entry.noun && e.posture === entry.posture && !entry.verb))
        return
      known.push(entry)
    } else entries.set(key, [entry])
    for (const w of all) words.add(w)
    if (all.length > 1) longer.set(all[0]!, Math.max(all.length, longer.get(all[0]!) ?? 0))
  }
  const lists = (source: string): [string[], string[]][] =>
    source
      .trim()
      .split('\n')
      .map(row => {
        const [head, said] = row.split(/: (.*)/s) as [string, string]
        return [head.split(' '), said.split(',').map(s => s.trim())]
      })

  for (const [[field], said] of lists(leadLines)) for (const s of said) add(s, { tag: 'lead', field: field! })
  for (const s of ['same again', 'same', 'ditto', 'the same', 'and again']) add(s, { tag: 'same' })
  for (const [[...head], said] of lists(postureLines))
    for (const s of said) add(s, { tag: 'posture', posture: head.join(' ') as Posture })
  for (const [[by], said] of lists(passingLines)) for (const s of said) add(s, { tag: 'pass', by: by as Passing })
  for (const [[field, ...rest], said] of lists(qualityLines))
    for (const s of said) add(s, { tag: 'quality', sets: { [field!]: value(rest.join(' ')) } })
  for (const s of looks.split(',')) add(s.trim(), { tag: 'look' })
  for (const [[colour], said] of lists(colourLines)) for (const s of said) add(s, { tag: 'colour', colour: colour! })
  const ownWords = Object.values(moveKinds).map(({ grammar }: { grammar: Grammar }) => grammar.words ?? {})
  for (const [noun, list] of [...ownWords, thingLines].flatMap(of => Object.entries(of)))
    for (const said of list.split(/,(?![^[]*\])/)) {
      const [, phrase, field, set] = /^\s*([^[]+?)\s*(?:\[(\w+)=([^\]]*)\])?\s*$/.exec(said)!
      const entry: Entry = { tag: 'thing', noun, ...(field && set && { sets: { [field]: set } }) }
      add(phrase!, entry)
      add(plural(phrase!), { ...entry, plural: true })
    }
  for (const [tag, list] of Object.entries(littleLines))
    for (const said of list.split(',')) add(said.trim(), tag === 'both' ? { tag: 'count', n: 2 } : { tag: tag as Tag })
  for (const said of positions.split(',')) add(said.trim(), { tag: 'pos' })
  for (const [form, verb] of verbs()) add(form, { tag: 'verb', verb })
  for (const { name, also } of catalogue())
    for (const said of [name, ...also]) {
      for (const word of plainWords(said.replace(/[(),]/g, ''))) {
        if (entries.has(word) && !['verb', 'look', 'pos'].includes(entries.get(word)![0]!.tag)) continue
        if (word.length < 3 || ['the', 'and', 'for'].includes(word)) continue
        add(word, { tag: 'part' })
        add(plural(word), { tag: 'part', plural: true })
      }
    }
  // A name of several words that ends in a part is that part, whatever its first words mean alone: a drain pump drains nothing here.
  for (const { name, also } of catalogue())
    for (const said of [name, ...also]) {
      const all = plainWords(said)
      if (all.length < 2 || entries.has(all.join(' ')) || all.some(w => ['of', 'the', 'and', 'to'].includes(w)))
        continue
      if (
        entries.get(all.at(-1)!)?.[0]?.tag === 'part' &&
        !['part', 'pos', undefined].includes(entries.get(all[0]!)?.[0]?.tag)
      ) {
        add(said, { tag: 'part' })
        add(plural(said), { tag: 'part', plural: true })
      }
    }
  for (const [kind, { grammar }] of Object.entries(moveKinds))
    if (!entries.has(grammar.verb))
      add(grammar.verb, { tag: 'verb', verb: { lemma: grammar.verb, kinds: [kind], form: 'base' } })
  const pairs = (source: string) => new Map(lists(source).map(([head, said]) => [head.join(' '), said[0]!]))
  return { entries, longer, shortened: pairs(shortenedLines), misheard: pairs(misheardLines), words }
})
