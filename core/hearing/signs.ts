import { fieldNames } from '../moves/fields-of.ts'
import { unquoted } from '../grammar/quoted.ts'
import type { Atom } from './atom.ts'
import { millimetres, writtenFraction } from './figures.ts'

const num = (text: string): number => Number(text.replace(',', '.'))
const N = String.raw`\d{1,4}(?:[.,]\d{1,3})?`
// No screw of a washer is three inches and a quarter wide: of `3 1/4` the three counts.
const F = String.raw`(?:\d{1,2}-|1 )?\d{1,2}\/\d{1,2}|\d{0,2} ?[½¼¾⅛⅜⅝⅞]`
const by = String.raw`\s?(?:x|by|\*)\s?`
const inch = String.raw`\s?(?:"|''|in\b|ins\b|inch(?:es)?\b)`
const mm = String.raw`\s?-?(?:mm|mils?|mill|millimet(?:re|er)s?|milimet(?:re|er)s?)`
const end = String.raw`(?![\p{L}\p{N}])`

type Read = Omit<Atom, 'start' | 'end' | 'words'>
type Pattern = readonly [RegExp, (m: RegExpExecArray, text: string) => Read | null]
const at = (source: string, read: Pattern[1]): Pattern => [new RegExp(`(?:${source})`, 'iuy'), read]
const sets = (values: Record<string, string | number | boolean>, tag: Atom['tag'] = 'size', n?: number): Read => ({
  tag,
  sets: values,
  ...(n !== undefined && { n }),
})
const inches = (text: string): { length: number; lengthAs: string } => {
  const written = writtenFraction(text)
  return { length: millimetres(written), lengthAs: `${written} in` }
}
const upper = (text: string) => text.toUpperCase().replace(/[ -]/g, '')

/** What is written in figures and signs, tried in this order wherever a figure or a sign stands. The text is in lower case, its dashes and signs plain. */
export const signPatterns: readonly Pattern[] = [
  at(String.raw`([a-z]+)=("(?:[^"\\]|\\[^])*"|[^\s;,":>]+)`, m => {
    const field = [...fieldNames, 'kind'].find(f => f.toLowerCase() === m[1]!.toLowerCase())
    return field ? { tag: 'exact', field, sets: {} } : null
  }),
  at(String.raw`"((?:[^"\\]|\\[^])*)"(?=$|[\s;,:>)])`, (m, text) =>
    /[\p{L}\p{N}]/u.test(text[m.index - 1] ?? ' ') ? null : { tag: 'quoted', sets: { text: unquoted(m[0]) } },
  ),
  at(String.raw`(?:@\s?|cell |tray |in tray )([a-f])[- ]?([1-9]\d?)${end}`, m =>
    sets({ cell: upper(m[1]! + m[2]!) }, 'cell'),
  ),
  at(String.raw`([a-f])([1-9]|1\d)${end}`, (m, text) =>
    /(?:\bin |into |\||^|, ?|; ?|@ ?|correction |no |not |sorry |mean |that )$/.test(
      text.slice(Math.max(0, m.index - 12), m.index),
    )
      ? sets({ cell: upper(m[0]) }, 'cell')
      : null,
  ),
  at(String.raw`@(?=$|[;,])`, () => ({ tag: 'same-cell' })),
  // Threads before sizes: `M6x20` is one thing.
  at(String.raw`m(\d{1,2})${by}(\d(?:[.,]\d+)?)${by}(\d{1,3})(?:${mm})?${end}`, m =>
    sets({ thread: `M${num(m[1]!)}`, pitch: num(m[2]!), length: num(m[3]!) }, 'thread'),
  ),
  at(String.raw`m(\d{1,2})${by}(0[.,]\d+|[123][.,]\d+|1)${end}`, m =>
    sets({ thread: `M${num(m[1]!)}`, pitch: num(m[2]!) }, 'thread'),
  ),
  at(String.raw`m(\d{1,2})${by}(${N})(?:${mm})?${end}`, m =>
    sets({ thread: `M${num(m[1]!)}`, length: num(m[2]!) }, 'thread'),
  ),
  at(String.raw`m(\d{1,2}(?:[.,]5)?)s?${end}`, m =>
    num(m[1]!) >= 2 && num(m[1]!) <= 24 ? sets({ thread: `M${num(m[1]!)}` }, 'thread') : null,
  ),
  at(String.raw`(?:#|no\.?\s?)(\d{1,2})${by}(${F}|\d(?:\.\d+)?)(?:${inch})?(?![\p{L}\p{N}/])`, m =>
    sets({ thread: `#${m[1]}`, ...inches(m[2]!) }, 'thread'),
  ),
  at(String.raw`(?:#|no\.?\s?)([4-9]|1[0-4])${by}(\d{2})(?:${mm})?${end}`, m =>
    sets({ thread: `#${m[1]}`, length: num(m[2]!) }, 'thread'),
  ),
  at(String.raw`(\d{1,2})-(?:24|32|20|18)${end}`, m =>
    num(m[1]!) > 4 ? sets({ thread: `#${m[1]}` }, 'thread') : null,
  ),
  at(String.raw`(?:st\s?)?(\d[.,]\d)${by}(${N})(?:${mm})?${end}`, m =>
    sets({ thread: String(num(m[1]!)), length: num(m[2]!) }, 'thread'),
  ),
  // Drives with their size, and a length behind it.
  ...(
    [
      [String.raw`(?:torx|tx|t|torques|torks|star)[\s-]?#?(\d{1,2})`, 'torx', 'T'],
      [String.raw`(?:phillips|philips|ph|phil)[\s-]?#?\s?([0-4])`, 'phillips', 'PH'],
      [String.raw`(?:pozidriv|pozidrive|pozi|posi|pz)[\s-]?#?\s?([0-4])`, 'pozidriv', 'PZ'],
      [String.raw`(?:square drive|square|robertson|sq|r)[\s-]?#?\s?([0-4])`, 'square', '#'],
    ] as const
  ).flatMap(([source, drive, sign]): Pattern[] => [
    at(String.raw`${source}(?:'?s)?(?:${end}|(?=x\s?\d))`, m =>
      drive === 'torx' && num(m[1]!) > 60
        ? null
        : drive === 'torx' && num(m[1]!) < 3
          ? null
          : sets({ drive, size: `${sign}${Number(m[1])}` }),
    ),
  ]),
  at(String.raw`(?:#|no\.?\s?)([0-4])(?:\s?pt)?\s?(?:phillips|ph)${end}`, m =>
    sets({ drive: 'phillips', size: `PH${m[1]}` }),
  ),
  // Figures with a unit.
  at(String.raw`[~≈]?(${F})\s?(?:"|inch|in)?\s?(?:af|across flats)${end}`, m =>
    sets({ size: `${writtenFraction(m[1]!)} in` }, 'inch'),
  ),
  at(String.raw`(${N})(?:${mm})?\s?(?:af|a\/f|across flats|spanner|wrench)${end}`, m =>
    sets({ size: `${num(m[1]!)} mm` }, 'mm', num(m[1]!)),
  ),
  at(String.raw`(${F})(?:${inch})?\s?-?long${end}`, m => sets(inches(m[1]!), 'times')),
  at(String.raw`(${N})(?:${mm})?\s?-?long${end}`, m => sets({ length: num(m[1]!) }, 'times')),
  at(String.raw`(${F})(?:'s|s)?(?:${inch}|-inch${end})?(?![\p{N}/])(?![a-z])`, m => {
    const size = writtenFraction(m[1]!)
    return { tag: 'inch', sets: { size: `${size} in` }, n: millimetres(size) / 25.4 }
  }),
  // `2 in` before a place is two in there.
  at(
    String.raw`(${N})(?:\s?(?:"|''|ins\b|inch(?:es)?\b)|\s?in(?=$|[,.;:)]|\s(?:long|thick|wide|block|blocks|grommet|hose|tape|gap|bolt|bolts|screw|screws|nut|nuts|clamp|socket|off|x|or|and)))${end}`,
    m => ({ tag: 'inch', sets: { size: `${m[1]!.replace(',', '.')} in` }, n: num(m[1]!) }),
  ),
  at(String.raw`(${N})${mm}s?${end}`, m => ({ tag: 'mm', n: num(m[1]!) })),
  at(String.raw`(${N})\s?n[·.]?m${end}`, m => sets({ torque: num(m[1]!) }, 'torque')),
  at(
    String.raw`(\d{1,2})\s?-?(?:w|ways?|pins?|p|poles?|polig|pos|position|contacts?|prongs?|circuits?|cores?)\.?${end}`,
    m => sets({ ways: num(m[1]!) }, 'ways', num(m[1]!)),
  ),
  at(String.raw`[~≈]?(${N})\s?-?(?:l|lt|litres?|liters?|ltrs?|leters?)${end}`, m =>
    sets({ litres: num(m[1]!) }, 'litres'),
  ),
  at(String.raw`(${N})\s?(?:turns?)${end}`, m => sets({ turns: num(m[1]!) }, 'turns')),
  at(String.raw`(?:ears?\s)?(?:at\s)?(\d{1,2})\s?o'?\s?clock${end}`, m => sets({ clock: num(m[1]!) }, 'clock')),
  at(String.raw`ears?\s(?:at\s)?(\d{1,2})${end}`, m => sets({ clock: num(m[1]!) }, 'clock')),
  at(String.raw`reach\s(${N})(?:${mm})?${end}`, m => sets({ reach: num(m[1]!) }, 'measure')),
  at(String.raw`(\d{1,2})\s?ribs?${end}|ribs?\s(\d{1,2})${end}`, m => sets({ ribs: num(m[1] ?? m[2]!) }, 'measure')),
  at(
    String.raw`[~≈]?(${N})\s?(?:ohms?|Ω|v|volts?|hz|amps?|kg|kilos?|degrees?|deg|°c?|c|uf|µf|cm|hours?|hrs?|years?|minutes?|mins?|%|n|ft|feet|mm2|gal|gallons?|lbs?|g|qt|quarts?)${end}`,
    m => ({ tag: 'measure', n: num(m[1]!) }),
  ),
  at(String.raw`(\d{1,3})\s?(?:x|\*)(?=\s|t\d|p[hz]\d|m\d|#|[a-z]{3}|\d+\/\d|\d+\s?mm)`, m => ({
    tag: 'count',
    n: num(m[1]!),
  })),
  at(String.raw`(\d{1,3})\s?(?:pcs?\.?|pieces|off(?=$|[ ,;]?(?:t\d|m\d))|nos?\.|each|ea)${end}`, m => ({
    tag: 'count',
    n: num(m[1]!),
  })),
  at(String.raw`(?:x|\*)\s?(\d{1,3}(?:[.,]\d)?)(?:${mm})?${end}`, (m, text) => ({
    tag: 'times',
    n: num(m[1]!),
    // `T20 x4`: what is put right before the figure and stands apart multiplies.
    ...(/\s/.test(text[m.index - 1] ?? ' ') && !/^.\s/u.test(m[0]) && { plural: true as const }),
  })),
  at(String.raw`\(\s?(\d{1,2})\s?(?:off|pcs|x|no\.?)?\s?\)`, m => ({ tag: 'count', n: num(m[1]!) })),
  at(String.raw`(?:cn|con|tb)[- ]?\d{1,3}[a-z]?${end}|[pjxkmwhs]\d{1,3}[a-z]?${end}`, m => ({
    tag: 'label',
    sets: { label: upper(m[0]) },
  })),
  at(String.raw`#\s?(\d)${end}`, m => ({ tag: 'num', n: num(m[1]!), field: '#' })),
  at(String.raw`(\d{1,4}(?:[.,]\d{1,3})?)('?s)?${end}`, m => ({
    tag: 'num',
    n: num(m[1]!),
    ...(m[2] && { plural: true as const }),
  })),
]
