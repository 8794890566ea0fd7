import { fieldNames } from './fields.ts'
import type { Fact } from '../grammar/fact.ts'
import { colours } from './vocabulary.ts'

const num = (text: string): number => Number(text.replace(',', '.'))
const N = String.raw`\d{1,4}(?:[.,]\d{1,3})?`
const X = String.raw`\s?[x×*]\s?`
const fraction = String.raw`(?:\d{1,2}[ -])?\d{1,2}\/\d{1,2}`

/** Millimetres of an inch size as it is said: `1/2`, `1 1/4`, `0.5`. */
export function millimetres(inches: string): number {
  const [whole, part] = /^(?:(\d+)[ -])?(\d+\/\d+)$/.exec(inches) ? inches.split(/[ -](?=\d+\/)/) : [inches]
  const value = (text: string) => {
    const [over, under] = text.split('/')
    return under ? num(over!) / num(under) : num(over!)
  }
  return Number(((value(whole!) + (part ? value(part) : 0)) * 25.4).toFixed(3))
}
const inches = (text: string) => ({ length: millimetres(text), lengthAs: `${text} in` })

type Pattern = readonly [RegExp, (m: RegExpExecArray, text: string) => Fact | null]
const pattern = (source: string, means: Pattern[1]): Pattern => [
  new RegExp(`(?:${source})(?:(?![\\p{L}\\p{N}])|(?=[x×*]\\s?\\d))`, 'iuy'),
  means,
]
const sets = (values: Record<string, string | number | boolean>): Fact => ({ as: 'set', sets: values })

/** What is written in figures and signs, tried in this order at every place of the line. */
export const patterns: readonly Pattern[] = [
  [
    /([A-Za-z]+)=("(?:[^"\\]|\\[^])*"|[^\s;,":>]+)/y,
    m =>
      fieldNames.has(m[1]!)
        ? { as: 'exact', field: m[1]!, value: m[2]!.startsWith('"') ? unquoted(m[2]!) : m[2]! }
        : null,
  ],
  [/"((?:[^"\\]|\\[^])*)"(?=$|[\s;,:>)])/y, (m, text) => quoted(m, text)],
  pattern(String.raw`(?:@|cell\s)\s?([a-z])[- ]?([1-9]\d?)`, m => sets({ cell: m[1]!.toUpperCase() + m[2] })),
  [/@/y, () => ({ as: 'same-cell' })],
  [/(\d{1,3})\s?[x×*](?=\s|t\d|p[hz]\d|m\d|#|[a-z]{3}|\d+\/\d)/iuy, m => ({ as: 'count', n: Number(m[1]) })],
  pattern(String.raw`\(\s?(\d{1,2})\s?\)`, m => ({ as: 'count', n: Number(m[1]) })),
  pattern(String.raw`(?:torx|tx|t)[\s-]?(\d{1,2})s?`, m => sets({ drive: 'torx', size: `T${m[1]}` })),
  pattern(String.raw`(?:phillips|philips|ph)[\s-]?([0-4])`, m => sets({ drive: 'phillips', size: `PH${m[1]}` })),
  pattern(String.raw`(?:pozidriv|pozi|pz)[\s-]?([0-4])`, m => sets({ drive: 'pozidriv', size: `PZ${m[1]}` })),
  pattern(String.raw`(?:square|sq)[\s-]?([0-4])`, m => sets({ drive: 'square', size: `SQ${m[1]}` })),
  pattern(String.raw`(?:allen|hex socket|hex key)\s?(${N})(?:\s?mm)?`, m =>
    sets({ drive: 'hex socket', size: `${num(m[1]!)} mm` }),
  ),
  pattern(String.raw`(${N})\s?(?:mm\s)?(?:allen|hex socket|hex key)`, m =>
    sets({ drive: 'hex socket', size: `${num(m[1]!)} mm` }),
  ),
  pattern(String.raw`(${N})\s?(?:mm\s?)?(?:af|hex(?:\shead)?|spanner|socket|wrench)`, m =>
    sets({ drive: 'hex head', size: `${num(m[1]!)} mm` }),
  ),
  [
    new RegExp(
      `(${fraction})\\s?(?:"|in\\b|inch\\b)?\\s?(?:af|hex(?:\\shead)?|spanner|socket)(?![\\p{L}\\p{N}])`,
      'iuy',
    ),
    m => sets({ drive: 'hex head', size: `${m[1]} in` }),
  ],
  [new RegExp(`(${fraction})\\s?(?:"|in\\b|inch\\b)?\\s?long(?![\\p{L}\\p{N}])`, 'iuy'), m => sets(inches(m[1]!))],
  [new RegExp(`(${fraction})\\s?(?:"|in\\b|inch\\b)`, 'iuy'), m => sets({ drive: 'hex head', size: `${m[1]} in` })],
  [
    new RegExp(
      `(?:#|no\\.?\\s?)(\\d{1,2})${X}(${fraction}|\\d(?:\\.\\d+)?)\\s?(?:"|in\\b|inch\\b)?(?![\\p{L}\\p{N}/])`,
      'iuy',
    ),
    m => sets({ thread: `#${m[1]}`, ...inches(m[2]!) }),
  ],
  pattern(String.raw`(?:#|no\.?\s?)(\d{1,2})${X}(\d{2})(?:\s?mm)?`, m =>
    sets({ thread: `#${m[1]}`, length: Number(m[2]) }),
  ),
  pattern(String.raw`(?:#|no\.?\s?)(\d{1,2})`, m => sets({ thread: `#${m[1]}` })),
  pattern(String.raw`m(${N})${X}(\d(?:[.,]\d+)?)${X}(\d{1,3})(?:\s?mm)?`, m =>
    sets({ thread: `M${num(m[1]!)}`, pitch: num(m[2]!), length: Number(m[3]) }),
  ),
  pattern(String.raw`m(${N})${X}(0[.,]\d+|[123][.,]\d+|1)`, m => sets({ thread: `M${num(m[1]!)}`, pitch: num(m[2]!) })),
  pattern(String.raw`m(${N})[x×*](${N})(?:\s?mm)?`, m => sets({ thread: `M${num(m[1]!)}`, length: num(m[2]!) })),
  pattern(String.raw`m(${N})`, m => sets({ thread: `M${num(m[1]!)}` })),
  pattern(String.raw`(\d[.,]\d)${X}(${N})(?:\s?mm)?`, m => sets({ thread: String(num(m[1]!)), length: num(m[2]!) })),
  pattern(String.raw`(${N})\s?n[·.]?m`, m => sets({ torque: num(m[1]!) })),
  pattern(String.raw`(\d{1,2})[\s-]?(?:w|ways?|pins?|p|pole)`, m => sets({ ways: Number(m[1]) })),
  [/(?:ears?\s)?(?:at\s)?(\d{1,2})\s?o['’]?\s?clock(?![\p{L}\p{N}])/iuy, m => sets({ clock: Number(m[1]) })],
  pattern(String.raw`ears?\s(?:at\s)?(\d{1,2})`, m => sets({ clock: Number(m[1]) })),
  pattern(String.raw`(?:by\s)?(half a|one|two|three|four|${N})\s?turns?`, m =>
    sets({ turns: { 'half a': 0.5, one: 1, two: 2, three: 3, four: 4 }[m[1]!.toLowerCase()] ?? num(m[1]!) }),
  ),
  pattern(String.raw`[~≈]?(${N})\s?(?:l|litres?|liters?|ltr)`, m => sets({ litres: num(m[1]!) })),
  pattern(String.raw`(\d{1,2})\s?ribs?`, m => sets({ ribs: Number(m[1]) })),
  pattern(String.raw`ribs?\s(\d{1,2})`, m => sets({ ribs: Number(m[1]) })),
  pattern(String.raw`(?:needs\s)?([1-4]|one|two|three|four)[\s-]?(?:people|persons?|man|men|hands)`, m =>
    sets({ people: { one: 1, two: 2, three: 3, four: 4 }[m[1]!.toLowerCase()] ?? Number(m[1]) }),
  ),
  pattern(String.raw`(?:with\s)?(one|two|[1-4])\s?washers`, m =>
    sets({ washers: { one: 1, two: 2 }[m[1]!.toLowerCase()] ?? Number(m[1]) }),
  ),
  pattern(String.raw`reach\s(${N})(?:\s?mm)?`, m => sets({ reach: num(m[1]!) })),
  pattern(String.raw`(${N})\s?(?:mm\s?)?long`, m => sets({ length: num(m[1]!) })),
  pattern(String.raw`(${N})\s?mm`, m => ({ as: 'mm', n: num(m[1]!) })),
  [
    /[x×*]\s?(\d{1,3}(?:[.,]\d)?)(?:\s?mm)?(?![\p{L}\p{N}])/iuy,
    (m, text) => ({ as: 'times', n: num(m[1]!), apart: /\s/.test(text[m.index - 1] ?? ' ') && !/^.\s/u.test(m[0]) }),
  ],
  pattern(String.raw`(?:p|j|cn|x|k|con|tb)[- ]?\d{1,2}[a-z]?`, m => ({
    as: 'label',
    label: m[0].toUpperCase().replace(/[- ]/, ''),
  })),
  pattern(String.raw`[a-z]+(?:[/-][a-z]+)+`, m => {
    const all = m[0].toLowerCase().split('/')
    return all.length > 1 && all.every(c => colours.has(c))
      ? { as: 'colour', colours: all.map(c => colours.get(c)!) }
      : null
  }),
  pattern(String.raw`\d{1,4}(?:[.,]\d{1,3})?`, m => ({ as: 'number', n: num(m[0]) })),
]

const unquoted = (text: string) => text.slice(1, -1).replace(/\\([^])/gu, '$1')
/** Quotes hold together what stands in them; after a figure a quote is an inch. */
const quoted = (m: RegExpExecArray, text: string): Fact | null =>
  /[\p{L}\p{N}]/u.test(text[m.index - 1] ?? ' ') ? null : { as: 'quoted', value: unquoted(m[0]) }
