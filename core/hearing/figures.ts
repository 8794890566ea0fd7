/** Numbers as they are spoken: units and teens, and tens. */
const units: Record<string, number> = Object.fromEntries(
  'zero one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen'
    .split(' ')
    .map((w, n) => [w, n]),
)
const tens: Record<string, number> = Object.fromEntries(
  'twenty thirty forty fifty sixty seventy eighty ninety'.split(' ').map((w, i) => [w, (i + 2) * 10]),
)
const parts: Record<string, number> = {
  half: 2,
  halves: 2,
  third: 3,
  quarter: 4,
  eighth: 8,
  sixteenth: 16,
  'thirty second': 32,
}

const single = (word: string): string =>
  /(?:enties|irties|orties|ifties|ixties)$/.test(word)
    ? `${word.slice(0, -3)}y`
    : word.replace(/([^s])s$/, '$1').replace(/^sixe$/, 'six')

/** A spoken number: its value, how many words it took, and whether it stood in the plural (`twenties`). */
export interface Spoken {
  n: number
  took: number
  plural?: true
  /** `seven sixteenths`: as it is written. */
  fraction?: string
}

const small = (word: string | undefined): number | undefined => (word === undefined ? undefined : units[word])

/** `two quarter inch heads`, `three quarter inch screws`: so many of a quarter, where nobody says it for a half, or several are counted. */
function countsParts(words: readonly (string | undefined)[], at: number, whole: number): boolean {
  if (whole === 1 || words[at + 1] !== 'quarter') return false
  if (whole !== 3) return true
  const after = words.slice(at + 2, at + 6)
  return /^(?:heads|screws|bolts|nuts|studs|fasteners)$/.test(after.find(w => w !== undefined && /s$/.test(w)) ?? '')
}

/** The number that is spoken from a word on; nothing where none is. */
export function spokenNumber(words: readonly (string | undefined)[], at: number): Spoken | null {
  const word = words[at]
  if (word === undefined) return null
  const one = single(word)
  const isPlural = one !== word
  const part = (w: string | undefined): number | undefined => (w === undefined ? undefined : parts[single(w)])
  // `an inch and a half`, `an inch and eleven sixteenths`.
  if (word === 'inch' && words[at + 1] === 'and') {
    const article = words[at + 2] === 'a' ? 1 : 0
    const [over, below] = article ? [1, part(words[at + 3])] : [small(words[at + 2]), part(words[at + 3])]
    if (over && below && over < below) return { n: 1 + over / below, took: 4, fraction: `1-${over}/${below}` }
    if (words[at + 2] === 'half') return { n: 1.5, took: 3, fraction: '1-1/2' }
  }
  const whole = small(one)
  if (whole !== undefined && whole > 0) {
    const under = !isPlural && words[at + 1] !== 'second' ? part(words[at + 1]) : undefined
    if (under && whole < under && !countsParts(words, at, whole))
      return { n: whole / under, took: 2, fraction: `${whole}/${under}` }
    if (!isPlural && words[at + 1] === 'and') {
      const article = words[at + 2] === 'a' ? 1 : 0
      const over = article ? 1 : small(words[at + 2])
      const below = part(words[at + 3])
      if (over && below) return { n: whole + over / below, took: 4, fraction: `${whole}-${over}/${below}` }
      if (words[at + 2] === 'half') return { n: whole + 0.5, took: 3, fraction: `${whole}-1/2` }
    }
    if (!isPlural && words[at + 1] === 'point' && small(words[at + 2]) !== undefined)
      return { n: whole + small(words[at + 2])! / 10, took: 3 }
    return { n: whole, took: 1, ...(isPlural && { plural: true as const }) }
  }
  const ten = tens[one]
  if (ten !== undefined) {
    const next = words[at + 1]
    const unit = next === undefined ? undefined : small(single(next))
    if (!isPlural && unit !== undefined && unit > 0 && unit < 10)
      return { n: ten + unit, took: 2, ...(single(next!) !== next && { plural: true as const }) }
    return { n: ten, took: 1, ...(isPlural && { plural: true as const }) }
  }
  const under = part(word)
  if (under && under > 2 && !isPlural) return { n: 1 / under, took: 1, fraction: `1/${under}` }
  if (word === 'half') return { n: 0.5, took: 1, fraction: '1/2' }
  return null
}

const unicode: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
}
/** A fraction as it is written, with a dash between whole and part: `1-1/16`. */
export const writtenFraction = (text: string): string =>
  text
    .replace(/[½¼¾⅛⅜⅝⅞]/g, c => ` ${unicode[c]!}`)
    .trim()
    .replace(/[\s-]+(?=\d+\/)/, '-')

/** The value of a written fraction or figure. */
export function worthOf(text: string): number {
  const [whole, part] = /^(?:(\d+)-)?(\d+\/\d+)$/.exec(text)?.slice(1) ?? [text, undefined]
  const [over, under] = (part ?? '0/1').split('/').map(Number)
  return Number((whole ?? '0').replace(',', '.')) + over! / under!
}
/** Millimetres of inches, to a thousandth. */
export const millimetres = (inches: string): number => Number((worthOf(inches) * 25.4).toFixed(3))
