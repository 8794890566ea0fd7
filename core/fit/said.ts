import { say, type Phrase } from '../words/phrase.ts'
import { adapt, ask, harmless, no, same, type Judged } from './judged.ts'
import { rule, type Form, type Problem, type Rule } from './rule.ts'

const plain = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()

/** Words, held against each other as they sound. */
const words = (differs: (old: string, fresh: string) => Judged, of: readonly string[] = []): Rule =>
  rule(of.length ? { as: 'choice', of } : { as: 'words' }, plain, (old, fresh) =>
    old === fresh ? same : differs(old, fresh),
  )
/** Another word, and it does not fit. */
export const mustBe = (why: Phrase, of?: readonly string[]) => words(() => no(why), of)
/** Another word, and it does no harm. */
export const mayDiffer = (why: Phrase) => words(() => harmless(why))

const sides = ['left', 'right', 'top', 'bottom', 'front', 'rear'] as const
/** A plug on another side: its line goes another way. */
export const plugSide: Rule = {
  ...words(
    (old, fresh) =>
      adapt(say`${fresh}, not ${old}`, 'route', say`lay its lead to the ${fresh}, past a holder, clear of what turns`),
    sides,
  ),
  inBag: true,
}
/** A neck that looks to another side: its hose goes another way. */
export const neckFaces = words(
  (old, fresh) => adapt(say`${fresh}, not ${old}`, 'route', say`lay the hose to the ${fresh} without a kink`),
  sides,
)

const turnsSaid: readonly (readonly [RegExp, string])[] = [
  [/^(anti|counter).?clock|^ccw$|^acw$|^left/, 'anticlockwise'],
  [/^clock|^cw$|^right/, 'clockwise'],
]
/** Which way it turns, seen from the shaft. */
export const turns = rule(
  { as: 'choice', of: ['clockwise', 'anticlockwise', 'both ways'] },
  text => turnsSaid.find(([found]) => found.test(plain(text)))?.[1] ?? plain(text),
  (old, fresh) => (old === fresh ? same : no(say`it turns ${fresh}, the old one ${old}`)),
  { guards: true },
)

const slope = say`change it for the one of the other side: the slope faces as the old one did`
/** The slope of a brush: left and right are a pair. */
export const slopes = words((old, fresh) => adapt(say`${fresh}, not ${old}`, 'work', slope), ['left', 'right', 'none'])

const number: Form = { as: 'count' }
/** How many there are. */
const count = (text: string): number | Problem => {
  const n = /\d+/.exec(text)?.[0]
  return n ? Number(n) : /^(no|none)\b/i.test(text.trim()) ? 0 : { problem: 'Type how many there are.' }
}
/** As many, else it does not fit. */
export const asMany = (why: Phrase) =>
  rule(number, count, (old, fresh) => (old === fresh ? same : no(say`${fresh}, not ${old}: ${why}`)))
/** As many or more. */
export const atLeast = (why: Phrase) =>
  rule(number, count, (old, fresh) => {
    if (old === fresh) return same
    return fresh > old ? harmless(say`${fresh}, not ${old}`) : no(say`${fresh}, not ${old}: ${why}`)
  })
/** How many there are does not matter. */
export const anyNumber = (why: Phrase) => rule(number, count, (old, fresh) => (old === fresh ? same : harmless(why)))

/** What is named one after the other, with some signs between. */
const named = (text: string, between: RegExp) => text.split(between).map(plain).filter(Boolean)

/** Colours of wires in their order: the place in the plug counts, not the colour. */
export const colours = rule(
  { as: 'words' },
  text => named(text, /[/,;+-]|\band\b/),
  (old, fresh) => {
    if (old.length !== fresh.length) return no(say`${fresh.length} wires, not ${old.length}`)
    if (old.every((c, i) => c === fresh[i])) return same
    const alike = old.toSorted().join() === fresh.toSorted().join()
    return alike && old.length > 2
      ? no(say`the same wires in another order: two would be exchanged in the plug`)
      : harmless(say`other colours: the place in the plug counts`)
  },
  { inBag: true },
)

const yes = (text: string): boolean | Problem =>
  /^(y|yes|there|with|1)\b/i.test(text.trim())
    ? true
    : /^(n|no|none|without|0)\b/i.test(text.trim())
      ? false
      : { problem: 'Say yes or no.' }
/** Something that the old one has, or has not. */
export const has = (lost: Judged, gained: Judged) =>
  rule({ as: 'yes' }, yes, (old, fresh) => (old === fresh ? same : old ? lost : gained))

const seals = [/open|none/, /metal|steel|zz|shield/, /rubber|2rs|rs\b|lip/]
/** What closes a bearing: water gets by a shield of metal. */
export const sealed = rule(
  { as: 'choice', of: ['rubber', 'metal', 'open'] },
  (text): number | Problem => {
    const tight = seals.findIndex(found => found.test(text.toLowerCase()))
    return tight < 0 ? { problem: 'Say rubber, metal or open.' } : tight
  },
  (old, fresh) => {
    if (old === fresh) return same
    return fresh > old ? harmless(say`it is closed better`) : no(say`water and dirt get past it`)
  },
)

/** The number on it: another one may be its successor, which only a list of the supplier can say. */
export const partNumber = rule(
  { as: 'words' },
  text => text.toUpperCase().replace(/[^A-Z0-9]/g, ''),
  (old, fresh) => (old === fresh ? same : ask(say`another number: ask whether it takes the place of the old one`)),
  { inBag: true },
)

/** What sits on it. */
export const sittingOn = rule(
  { as: 'words' },
  text => (/^(no|none|nothing)\b/i.test(text.trim()) ? [] : named(text, /,|\band\b/)),
  (old, fresh) => {
    const only = old.filter(o => !fresh.includes(o)).join(', ')
    return only ? adapt(say`${only} only on the old one`, 'over', say`move over: ${only}`) : same
  },
)
