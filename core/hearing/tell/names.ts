import { is, isNoun, type Telling } from './telling.ts'
import { nounPhrases, wordsOf, type NounPhrase } from './phrases.ts'

/** Little words that lead to a tool, a person or a reason, not to a place. */
const aside = new Set([
  'with',
  'by',
  'for',
  'w/',
  'wi',
  'until',
  'without',
  'like',
  'as',
  'than',
  'per',
  'about',
  'till',
])

/** A place without the little words that lead it: `behind` and the like belong to it. */
const keepsLead = new Set([
  'behind',
  'under',
  'beneath',
  'underneath',
  'inside',
  'over',
  'above',
  'below',
  'between',
  'around',
  'round',
  'through',
  'near',
  'outside',
  'next to',
  'beside',
  'beneath',
])

const placed = (t: Telling, text: string, p: NounPhrase): string => {
  const said = wordsOf(t, text, p)
  const lead = p.prep && keepsLead.has(p.prep) ? `${p.prep} ` : ''
  return lead + said
}
/** A phrase tells a role, where its atoms tell nothing yet. */
export const take = (t: Telling, { from, to }: { from: number; to: number }, role: string): void => {
  for (let i = from; i <= to; i++) t.roles[i] ??= role
}

/** Where it is: every noun phrase that is left and leads to no tool, in the order said. */
export function tellPlace(t: Telling, text: string, heading?: string): void {
  const told: string[] = []
  for (const p of nounPhrases(t)) {
    const atoms = t.atoms.slice(p.from, p.to + 1)
    const known = atoms.some(a => is(a, 'part', 'pos', 'thing', 'quoted'))
    if (p.prep && aside.has(p.prep) && !((p.prep === 'by' || p.prep === 'for') && known)) continue
    if (!known && atoms.every(a => is(a, 'word')) && !p.prep && !p.heading && p.from > 1) continue
    const said = placed(t, text, p)
    if (!told.some(x => x.toLowerCase().includes(said.toLowerCase()))) told.push(said)
    take(t, p, 'place')
    if (p.heading) t.heading = said
  }
  if (heading && !told.some(x => x.toLowerCase().includes(heading.toLowerCase()))) told.unshift(heading)
  if (told.length && !('place' in t.values)) t.values.place = told.slice(0, 4).join(', ')
}

/** Little words behind which no name stands. */
const leads = new Set([
  'on',
  'against',
  'in',
  'into',
  'by',
  'to',
  'over',
  'behind',
  'under',
  'onto',
  'with',
  'at',
  'inside',
  'beside',
  'from',
  'for',
  'like',
  'as',
  'than',
  'until',
  'through',
])
/** Words that say which way it went and name nothing. */
const bareWay = new Set([
  'back',
  'up',
  'down',
  'side',
  'end',
  'square',
  'inside',
  'outside',
  'above',
  'below',
  'here',
  'there',
])
const isPartLike = (t: Telling, p: NounPhrase): boolean =>
  t.atoms.slice(p.from, p.to + 1).some(a => is(a, 'part', 'thing', 'word', 'quoted'))

/** The thing that is handled, by name: the first phrase that is led by nothing; what follows tells where. */
export function tellName(t: Telling, text: string, field: string): boolean {
  const all = nounPhrases(t)
  const bare = all.filter(p => p.prep === undefined || p.prep === 'off' || p.prep === 'of')
  const named = bare.filter(p => !(p.prep && is(t.atoms[p.from], 'pos') && !isPartLike(t, p)))
  const first =
    named.find(p => isPartLike(t, p) && !(p.heading && named.length > 1)) ??
    named.find(p => isPartLike(t, p)) ??
    named.find(p => !bareWay.has(wordsOf(t, text, p).toLowerCase()) || is(t.atoms[p.from - 1], 'det')) ??
    (all.length === 1 && !bareWay.has(wordsOf(t, text, all[0]!).toLowerCase()) && !leads.has(all[0]!.prep ?? '')
      ? all[0]
      : undefined)
  if (!first) return false
  // `console back` is the console, turned back.
  if (
    first.to > first.from &&
    /^(back|up|down)$/.test(t.atoms[first.to]!.words) &&
    is(t.atoms[first.to - 1], 'part', 'thing')
  )
    first.to -= 1
  let said = wordsOf(t, text, first)
  // Two that come off as one have one name.
  const second = all[all.indexOf(first) + 1]
  const between = second && t.atoms.slice(first.to + 1, second.from)
  if (
    second &&
    between?.length === 1 &&
    (between[0]!.sign === '+' || between[0]!.sign === '&' || between[0]!.words === 'and') &&
    isPartLike(t, second)
  ) {
    said = `${said} and ${wordsOf(t, text, second)}`
    take(t, second, field)
  }
  t.values[field] = said
  take(t, first, field)
  return true
}

const lyingLeads = new Set([
  'on',
  'against',
  'in',
  'into',
  'by',
  'from',
  'to',
  'over',
  'behind',
  'under',
  'onto',
  'of',
  'off',
  'with',
  'at',
  'inside',
  'beside',
  'round',
  'around',
  'across',
  'wi',
])
/** Where what came off or hangs lies: what is left, led by `on`, `against`, `by` …, or none. */
export function tellLies(t: Telling, text: string): void {
  const said: string[] = []
  for (const p of nounPhrases(t)) {
    if (p.prep !== undefined && !lyingLeads.has(p.prep)) continue
    const lead = p.prep ? `${p.prep} ` : ''
    said.push(lead + wordsOf(t, text, p))
    take(t, p, 'lies')
  }
  if (said.length && !('lies' in t.values)) t.values.lies = said.join(', ')
}
export const firstOf = (t: Telling, ...nouns: string[]): number =>
  t.atoms.findIndex((a, i) => !a.struck && t.roles[i] === undefined && isNoun(a, ...nouns))
