import type { Atom, Tag } from './atom.ts'
import type { Raw } from './scan.ts'
import { unitOf } from './words/units.ts'

const sizeSign: Readonly<Record<string, string>> = { torx: 'T', phillips: 'PH', pozidriv: 'PZ', square: '#' }

/** The atom that two or three atoms are together. */
function joined(parts: readonly Raw[], as: Partial<Atom> & { tag: Tag }): Raw {
  const [first, last] = [parts[0]!, parts.at(-1)!]
  const { start, can } = first
  return {
    start,
    end: last.end,
    words: parts.map(p => p.words).join(' '),
    can,
    off: Math.max(...parts.map(p => p.off ?? 0)),
    ...as,
  }
}

/** Figures with their units and drives with their sizes made one: `torx twenties`, `half a litre`, `number two`. */
export function withUnits(atoms: readonly Raw[]): Raw[] {
  const out: Raw[] = []
  for (let i = 0; i < atoms.length; i++) {
    let a = atoms[i]!
    // `conn x5` is the name of the plug, not five.
    if (a.tag === 'times' && a.words.startsWith('x') && atoms[i - 1]?.noun === 'plug' && !atoms[i - 1]!.plural)
      a = { ...a, tag: 'label', sets: { label: a.words.toUpperCase().replace(/\s/g, '') } }
    const [b, c] = [atoms[i + 1], atoms[i + 2]]
    const drive = a.tag === 'quality' ? String(a.sets?.drive ?? '') : ''
    const sign = sizeSign[drive]
    const figure = (x: Raw | undefined) => x?.tag === 'num' && Number.isInteger(x.n) && x.field !== '#'
    if (sign && figure(b) && fitsDrive(drive, b!.n!)) {
      out.push(joined([a, b!], { tag: 'size', sets: { drive, size: `${sign}${b!.n}` } }))
      i += 1
    } else if (
      sign &&
      (b?.words === 'of' || b?.words === 'number' || b?.field === '#' || b?.words === '#') &&
      (b.field === '#' || figure(c)) &&
      fitsDrive(drive, (b.field === '#' ? b : c!).n!)
    ) {
      const n = b.field === '#' ? b.n! : c!.n!
      out.push(joined(b.field === '#' ? [a, b] : [a, b, c!], { tag: 'size', sets: { drive, size: `${sign}${n}` } }))
      i += b.field === '#' ? 1 : 2
    } else if (sign && b?.tag === 'sep' && b.sign === ',' && c?.words === 'number' && figure(atoms[i + 3])) {
      out.push(joined([a, b, c, atoms[i + 3]!], { tag: 'size', sets: { drive, size: `${sign}${atoms[i + 3]!.n}` } }))
      i += 3
    } else if (/^(t|tea)$/.test(a.words) && b?.tag === 'num' && (b.n ?? 0) >= 6) {
      out.push(joined([a, b], { tag: 'size', sets: { drive: 'torx', size: `T${b.n}` } }))
      i += 1
    } else if (
      a.words === 'p' &&
      (b?.words === 'z' || b?.words === 'h') &&
      c &&
      (c.n === 2 || /^(to|too|two)$/.test(c.words))
    ) {
      const sets = b.words === 'z' ? { drive: 'pozidriv', size: 'PZ2' } : { drive: 'phillips', size: 'PH2' }
      out.push(joined([a, b, c], { tag: 'size', sets }))
      i += 2
    } else if (a.tag === 'num' || a.tag === 'inch') {
      const between =
        b && (((b.words === 'a' || b.words === 'an') && a.n === 0.5) || /^(?:good|hard|solid|little)$/.test(b.words))
      const article = between && (b.words.startsWith('a') || unitOf[c?.words ?? ''] === 'measure') ? 1 : 0
      const unit = atoms[i + 1 + article]
      const of = unit ? unitOf[unit.words] : undefined
      const hasSize = a.tag === 'inch' && (a.sets?.size as string | undefined)
      const take = (as: Partial<Atom> & { tag: Tag }) => {
        out.push(joined(atoms.slice(i, i + 2 + article), as))
        i += 1 + article
      }
      if (of === 'mm' && a.tag === 'num') take({ tag: 'mm', n: a.n! })
      else if (of === 'inch') take({ tag: 'inch', n: a.n!, sets: { size: hasSize || `${a.n} in` } })
      else if (of === 'litres') {
        const half = atoms[i + 2 + article]?.words === 'and' && atoms[i + 3 + article]?.n === 0.5
        if (half) {
          out.push(joined(atoms.slice(i, i + 4), { tag: 'litres', sets: { litres: a.n! + 0.5 } }))
          i += 3
        } else take({ tag: 'litres', sets: { litres: a.n! } })
      } else if (of === 'turns')
        take(
          a.n === 0.25
            ? { tag: 'thing', noun: 'clip', sets: { type: 'bayonet' } }
            : { tag: 'turns', sets: { turns: a.n! } },
        )
      else if (of === 'ways' && a.tag === 'num') take({ tag: 'ways', n: a.n!, sets: { ways: a.n! } })
      else if (
        of === 'count' &&
        a.tag === 'num' &&
        (unit!.words !== 'of' ||
          atoms[i + 2]?.tag !== 'det' ||
          /^(the|them|these|those|em)$/.test(atoms[i + 2]?.words ?? ''))
      )
        take({ tag: 'count', n: a.n! })
      else if (of === 'measure') take({ tag: 'measure', n: a.n! })
      else if (a.words === 'half' && (out.at(-1)?.tag === 'part' || out.at(-1)?.tag === 'pos'))
        out.push({ start: a.start, end: a.end, words: a.words, can: a.can, tag: 'part' })
      else out.push(a)
    } else if (
      (a.words === 'litre' || a.words === 'litres') &&
      (b?.tag === 'num' || (b?.tag === 'filler' && c?.tag === 'num'))
    ) {
      const far = b.tag === 'num' ? 2 : 3
      out.push(joined(atoms.slice(i, i + far), { tag: 'litres', sets: { litres: (b.tag === 'num' ? b : c!).n! } }))
      i += far - 1
    } else if (a.words === 'a' && b?.words === 'litre') {
      const half = c?.words === 'and' && atoms[i + 3]?.n === 0.5
      out.push(joined(half ? atoms.slice(i, i + 4) : [a, b], { tag: 'litres', sets: { litres: half ? 1.5 : 1 } }))
      i += half ? 3 : 1
    } else if (a.words === 'litre' && b?.words === 'and' && c?.n === 0.5) {
      out.push(joined([a, b, c], { tag: 'litres', sets: { litres: 1.5 } }))
      i += 2
    } else if (a.words === 'm' && b?.tag === 'num') {
      out.push(joined([a, b], { tag: 'thread', sets: { thread: `M${b.n}` } }))
      i += 1
    } else out.push(a)
  }
  return out
}
const fitsDrive = (drive: string, n: number): boolean => (drive === 'torx' ? n >= 5 && n <= 60 : n <= 4)
