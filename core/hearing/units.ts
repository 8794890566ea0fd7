import type { Atom, Tag } from './atom.ts'
import type { Raw } from './phrases.ts'
import { unitOf } from './words/units.ts'

/** Where a join begins: atom `near[0]` and what follows it, the atom before it as it was read and as it was joined. */
interface At {
  near: readonly [Raw, ...Raw[]]
  before: Raw | undefined
  last: Raw | undefined
}
/** So many atoms are one, and which. */
interface Join {
  took: number
  is: Raw
}

/** The first atoms of several as one. */
function joined(took: number, near: readonly [Raw, ...Raw[]], as: Partial<Atom> & { tag: Tag }): Join {
  const parts = near.slice(0, took)
  const { start, can } = near[0]
  const words = parts.map(p => p.words).join(' ')
  const off = Math.max(...parts.map(p => p.off ?? 0))
  return { took, is: { start, end: parts.at(-1)!.end, words, can, off, ...as } }
}
const isWhole = (a: Raw | undefined): a is Raw & { n: number } =>
  a?.tag === 'num' && Number.isInteger(a.n) && a.field !== '#'

/** `conn x5` is the name of the plug, not five. */
function plugName({ near: [a], before }: At): Join | null {
  if (a.tag !== 'times' || !a.words.startsWith('x') || before?.noun !== 'plug' || before.plural) return null
  return { took: 1, is: { ...a, tag: 'label', sets: { label: a.words.toUpperCase().replace(/\s/g, '') } } }
}

const sizeSign: Readonly<Record<string, string>> = { torx: 'T', phillips: 'PH', pozidriv: 'PZ', square: '#' }
const fitsDrive = (drive: string, n: number): boolean => (drive === 'torx' ? n >= 5 && n <= 60 : n <= 4)
/** `torx twenties`, `phillips number two`, `square, number two`. */
function driveSize({ near }: At): Join | null {
  const [a, b, c, d] = near
  const drive = a.tag === 'quality' ? String(a.sets?.drive ?? '') : ''
  const sign = sizeSign[drive]
  if (!sign || !b) return null
  const size = (took: number, n: number) => joined(took, near, { tag: 'size', sets: { drive, size: `${sign}${n}` } })
  if ((b.field === '#' || isWhole(b)) && fitsDrive(drive, b.n!)) return size(2, b.n!)
  if (/^(of|number|#)$/.test(b.words) && isWhole(c) && fitsDrive(drive, c.n)) return size(3, c.n)
  return b.sign === ',' && c?.words === 'number' && isWhole(d) ? size(4, d.n) : null
}

/** Sizes whose sign was heard as a word: `tea 20`, `p z 2`, `m 6`. */
function spelt({ near }: At): Join | null {
  const [a, b, c] = near
  const isNumber = b?.tag === 'num'
  if (/^(t|tea)$/.test(a.words) && isNumber && (b.n ?? 0) >= 6)
    return joined(2, near, { tag: 'size', sets: { drive: 'torx', size: `T${b.n}` } })
  if (a.words === 'm' && isNumber) return joined(2, near, { tag: 'thread', sets: { thread: `M${b.n}` } })
  const isTwo = c?.n === 2 || /^(to|too|two)$/.test(c?.words ?? '')
  if (a.words !== 'p' || !isTwo || (b?.words !== 'z' && b?.words !== 'h')) return null
  const sets = b.words === 'z' ? { drive: 'pozidriv', size: 'PZ2' } : { drive: 'phillips', size: 'PH2' }
  return joined(3, near, { tag: 'size', sets })
}

/** Litres whose number stands behind or is left out: `litres two`, `a litre and a half`. */
function litres({ near }: At): Join | null {
  const [a, b, c, d] = near
  const says = (took: number, n: number) => joined(took, near, { tag: 'litres', sets: { litres: n } })
  if (a.words === 'a' && b?.words === 'litre') return c?.words === 'and' && d?.n === 0.5 ? says(4, 1.5) : says(2, 1)
  if (a.words !== 'litre' && a.words !== 'litres') return null
  if (b?.tag === 'num') return says(2, b.n!)
  if (b?.tag === 'filler' && c?.tag === 'num') return says(3, c.n!)
  return a.words === 'litre' && b?.words === 'and' && c?.n === 0.5 ? says(3, 1.5) : null
}

/** A number with its unit: `seven mm`, `half a litre`, `two and a half turns`. */
function withUnit({ near, last }: At): Join | null {
  const [a, b, c] = near
  if (a.tag !== 'num' && a.tag !== 'inch') return null
  const n = a.n!
  const hasArticle =
    (n === 0.5 && /^an?$/.test(b?.words ?? '')) ||
    (/^(?:good|hard|solid|little)$/.test(b?.words ?? '') && unitOf[c?.words ?? ''] === 'measure')
  const took = hasArticle ? 3 : 2
  const [unit, next, half] = [near[took - 1], near[took], near[took + 1]]
  const take = (as: Partial<Atom> & { tag: Tag }) => joined(took, near, as)
  switch (unitOf[unit?.words ?? '']) {
    case 'inch':
      return take({ tag: 'inch', n, sets: { size: (a.tag === 'inch' && a.sets?.size) || `${n} in` } })
    case 'litres': {
      const isAndHalf = next?.words === 'and' && half?.n === 0.5
      return isAndHalf
        ? joined(took + 2, near, { tag: 'litres', sets: { litres: n + 0.5 } })
        : take({ tag: 'litres', sets: { litres: n } })
    }
    case 'turns':
      return n === 0.25
        ? take({ tag: 'thing', noun: 'clip', sets: { type: 'bayonet' } })
        : take({ tag: 'turns', sets: { turns: n } })
    case 'measure':
      return take({ tag: 'measure', n })
    case 'mm':
      if (a.tag === 'num') return take({ tag: 'mm', n })
      break
    case 'ways':
      if (a.tag === 'num') return take({ tag: 'ways', n, sets: { ways: n } })
      break
    case 'count': {
      const isOfOne = unit!.words === 'of' && c?.tag === 'det' && !/^(the|them|these|those|em)$/.test(c.words)
      if (a.tag === 'num' && !isOfOne) return take({ tag: 'count', n })
    }
  }
  // `the front half` is a part.
  const isHalf = a.words === 'half' && (last?.tag === 'part' || last?.tag === 'pos')
  const { start, end, words, can } = a
  return isHalf ? { took: 1, is: { start, end, words, can, tag: 'part' } } : null
}

/** In the order in which they are tried. */
const rules = [plugName, driveSize, spelt, withUnit, litres]

/** Figures with their units and drives with their sizes made one. */
export function withUnits(atoms: readonly Raw[]): Raw[] {
  const out: Raw[] = []
  for (let i = 0; i < atoms.length;) {
    const near = atoms.slice(i, i + 5) as [Raw, ...Raw[]]
    const at = { near, before: atoms[i - 1], last: out.at(-1) }
    const join = rules.reduce<Join | null>((found, rule) => found ?? rule(at), null) ?? { took: 1, is: near[0] }
    out.push(join.is)
    i += join.took
  }
  return out
}
