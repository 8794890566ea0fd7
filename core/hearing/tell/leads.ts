import { leafOf } from '../../moves/fields-of.ts'
import type { MoveKindName } from '../../moves/registry.ts'
import { is, mark, where, type Telling } from './telling.ts'

/** Fields that a word leads: `carry over bracket, washers`. A list goes on over commas, a text ends at the next sign. */
export function tellLeads(t: Telling, text: string): void {
  for (const i of where(t, a => a.tag === 'lead')) {
    const lead = t.atoms[i]!
    const leaf = leafOf(t.kind as MoveKindName, lead.field!)
    if (!leaf || t.roles[i] !== undefined) continue
    const isList = leaf.type === 'strings'
    const pieces: [number, number][] = []
    let from = i + 1
    for (let k = i + 1; k <= t.atoms.length; k++) {
      const a = t.atoms[k]
      const parts = a && (a.sign === ',' || (isList && (is(a, 'conj') || a.sign === '+')))
      if (a && !parts && !(is(a, 'sep') && !['-', '/'].includes(a.sign!)) && !is(a, 'lead', 'exact', 'cell')) continue
      while (from < k && is(t.atoms[from], 'det', 'filler')) from += 1
      if (from < k) pieces.push([from, k - 1])
      from = k + 1
      if (!parts || !isList) break
    }
    if (!pieces.length) continue
    const said = pieces.map(([a, b]) => text.slice(t.atoms[a]!.start, t.atoms[b]!.end))
    const before = (t.values[lead.field!] as string[] | undefined) ?? []
    t.values[lead.field!] = isList ? [...before, ...said] : said[0]
    mark(t, i, 'lead')
    for (const [a, b] of pieces) for (let k = a; k <= b; k++) t.roles[k] = lead.field!
  }
}
