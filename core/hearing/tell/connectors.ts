import type { Atom } from '../atom.ts'
import { tellCount } from './figures.ts'
import { firstOf, tellPlace } from './names.ts'
import { setsOf } from './sets.ts'
import { free, is, isNoun, mark, tell, where, type Telling } from './telling.ts'
import type { Context } from './told.ts'

const wireNouns = (a: Atom): boolean => isNoun(a, 'line')
/** Colours as they stand together: parted by nothing but signs and `and`. */
function colourGroups(t: Telling, colours: readonly number[]): number[][] {
  const groups: number[][] = []
  for (const i of colours) {
    const last = groups.at(-1)
    const between = last ? t.atoms.slice(last.at(-1)! + 1, i) : []
    if (last && between.every(a => is(a, 'sep', 'conj'))) last.push(i)
    else groups.push([i])
  }
  return groups
}

/** Plugs and single terminals: colours of housing and wires, ways, lock, names, how many. */
export function unplug(t: Telling, { text, heading }: Context): void {
  const spade = firstOf(t, 'spade')
  const plug = firstOf(t, 'plug')
  const wires = where(t, wireNouns)
  const head = spade >= 0 && (plug < 0 || t.atoms[spade]!.sets?.terminal) ? spade : plug >= 0 ? plug : (wires[0] ?? -1)
  const single = head === spade && spade >= 0
  if (single && t.atoms[spade]!.sets?.terminal) t.values.terminal = t.atoms[spade]!.sets!.terminal
  setsOf(t, 'ways', 'lock', 'sits', 'keyed')
  const labels = where(t, a => a.tag === 'label').filter(i => free(t, i))
  for (const i of labels) {
    t.values.labels = [...((t.values.labels as string[] | undefined) ?? []), String(t.atoms[i]!.sets!.label)]
    t.roles[i] = 'label'
  }
  // A tab of a plug is its lock, not a clip.
  for (const i of where(t, a => isNoun(a, 'clip') && a.sets?.type === 'tab'))
    if (t.values.lock === undefined) tell(t, i, 'lock', 'tab')
  for (const i of where(t, a => isNoun(a, 'clip'))) mark(t, i, 'thing')
  // `four wire plug`: what counts wires of a plug is its ways.
  for (const i of wires) {
    const n = t.atoms[i - 1]
    if (plug >= 0 && n?.n !== undefined && free(t, i - 1) && Number.isInteger(n.n)) tell(t, i - 1, 'ways', n.n)
  }
  const colours = where(t, a => a.tag === 'colour').filter(i => free(t, i))
  const list = colours.map(i => t.atoms[i]!.colour!)
  // Ways, a name or a plug say that it is one housing; else colours are wires of their own.
  const housed = plug >= 0 || 'ways' in t.values || labels.length > 0
  const ofWires = single || (!housed && (wires.length > 0 || colours.length > 1))
  if (colours.length) {
    const pairEach = t.atoms.some(a => a.words === 'both')
    if (ofWires) {
      const many = list.length === 1 && pairEach ? [list[0]!, list[0]!] : list
      t.values.wires = many
      for (const i of colours) t.roles[i] = 'wires'
    } else {
      const groups = colourGroups(t, colours)
      const several = t.atoms[plug]?.plural === true && !wires.length
      // Colours that stand together are those of the wires, one alone is that of the housing; plugs of several colours are so many plugs.
      const together = several
        ? undefined
        : groups.find(g => g.length > 1 || wires.some(w => w > g[0]! && w - g[0]! <= 2))
      const alone = groups
        .filter(g => g !== together)
        .sort((a, b) => Math.abs(a[0]! - plug) - Math.abs(b[0]! - plug))[0]
      if (together) {
        t.values.wires = together.map(i => t.atoms[i]!.colour!)
        for (const i of together) t.roles[i] = 'wires'
      }
      if (alone) {
        t.values.housing = t.atoms[alone[0]!]!.colour
        for (const i of several ? colours : alone) t.roles[i] ??= 'housing'
      }
      if (several && colours.length > 1) t.values.housings = colours.length
    }
  }
  if (labels.length > 1) t.values.count ??= labels.length
  else tellCount(t, head)
  const pulledOne = t.atoms.some(a => a.verb?.lemma === 'unplug' || a.verb?.lemma === 'disconnect')
  if (t.values.count === undefined && head < 0 && (labels.length === 1 || 'ways' in t.values || pulledOne)) {
    t.values.count = 1
    t.values.countImplied = true
  }
  if (typeof t.values.housings === 'number') {
    t.values.count ??= t.values.housings
    delete t.values.housings
  }
  const { wires: said } = t.values
  const counted = t.atoms.some((a, i) => t.roles[i] === 'count' && a.n !== undefined)
  const joined =
    colours.some((c, k) => k > 0 && t.atoms.slice(colours[k - 1]! + 1, c).some(a => a.sign === '/')) && !single
  if (Array.isArray(said) && said.length > 1 && !counted && ofWires && !joined) {
    t.values.count = said.length
    delete t.values.countImplied
  }
  if (head >= 0) mark(t, head, 'thing')
  for (const i of where(t, a => isNoun(a, 'plug', 'spade'))) mark(t, i, 'thing')
  if (head < 0 || single || plug < 0) for (const i of wires) mark(t, i, 'thing')
  tellPlace(t, text, heading)
}
