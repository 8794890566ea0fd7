import type { Atom } from '../atom.ts'
import { firstOf } from './names.ts'
import { setsOf } from './sets.ts'
import { free, is, isNoun, mark, tell, where, type Telling } from './telling.ts'

/** How the machine is turned to stand. */
export function turning(t: Telling): void {
  const at = where(t, a => a.tag === 'posture')
  const last = at.at(-1)
  const sideways = last !== undefined && /side$/.test(t.atoms[last]!.words) && !/left|right/.test(t.atoms[last]!.words)
  if (last !== undefined)
    tell(
      t,
      last,
      'to',
      sideways && t.atoms.some(a => a.words === 'right') ? 'on its right side' : t.atoms[last]!.posture,
    )
  for (const i of at) mark(t, i, 'to')
  if (last === undefined) {
    const said = new Set(t.atoms.map(a => a.words))
    const lemmas = new Set(t.atoms.flatMap(a => (a.verb ? [a.verb.lemma] : [])))
    const to =
      said.has('back') && (lemmas.has('tip') || lemmas.has('tilt') || lemmas.has('lean'))
        ? 'tipped back'
        : said.has('back') && (lemmas.has('lay') || lemmas.has('lie'))
          ? 'on its back'
          : lemmas.has('right') || said.has('up')
            ? 'upright'
            : said.has('side') || said.has('left') || said.has('right')
              ? said.has('right')
                ? 'on its right side'
                : 'on its left side'
              : said.has('front')
                ? 'on its front'
                : said.has('back')
                  ? 'on its back'
                  : lemmas.has('tilt') || lemmas.has('tip') || lemmas.has('lean')
                    ? 'tipped back'
                    : lemmas.has('stand')
                      ? 'upright'
                      : undefined
    if (to) t.values.to = to
    for (const i of where(t, a => is(a, 'pos'))) mark(t, i, 'to')
  }
  for (const i of where(t, a => isNoun(a, 'machine'))) mark(t, i, 'thing')
}

/** What is isolated, one move each, in the order said. */
export function isolations(t: Telling): string[] {
  const found: string[] = []
  const add = (what: string) => {
    if (!found.includes(what)) found.push(what)
  }
  const { atoms } = t
  const cold = (a: Atom) => /^(cold|c)$/.test(a.words)
  const hot = (a: Atom) => /^(hot|h)$/.test(a.words)
  const saysWhich = atoms.some(a => !a.struck && (cold(a) || hot(a)))
  const bothSaid = atoms.some(a => a.words === 'both' || a.n === 2)
  for (const [i, a] of atoms.entries()) {
    if (a.struck) continue
    const no = atoms[i - 1]?.tag === 'neg' || (atoms[i - 2]?.tag === 'neg' && !atoms[i - 1]?.sign)
    if (no && !isNoun(a, 'power')) continue
    if (isNoun(a, 'power') || (a.verb?.lemma === 'unplug' && !atoms.some(x => isNoun(x, 'capacitor', 'spade'))))
      add('power')
    else if (cold(a)) add('cold water')
    else if (hot(a)) add('hot water')
    else if (
      isNoun(a, 'water') ||
      (/^valves?$/.test(a.words) && atoms.some(x => /^(shut|close|turn|switch)$/.test(x.verb?.lemma ?? '')))
    ) {
      if (saysWhich && !bothSaid) {
        mark(t, i, 'what')
        continue
      }
      const many = a.plural || bothSaid || atoms.some(x => x.words === 'all')
      add('cold water')
      if (many || (a.words === 'water' && bothSaid)) add('hot water')
    } else if (
      isNoun(a, 'pressure') ||
      a.verb?.lemma === 'bleed' ||
      a.verb?.lemma === 'depressurise' ||
      a.verb?.lemma === 'depressurize'
    ) {
      if (atoms.some(x => isNoun(x, 'capacitor'))) continue
      add('pressure')
    } else if (isNoun(a, 'standpipe')) add('drain hose')
    else if (isNoun(a, 'capacitor')) add('capacitor')
    else if (isNoun(a, 'plug') && !atoms.some(x => isNoun(x, 'capacitor'))) add('power')
    else continue
    mark(t, i, 'what')
  }
  if (saysWhich && bothSaid && !found.includes('hot water')) add('hot water')
  if (saysWhich && bothSaid && !found.includes('cold water')) add('cold water')
  if (
    !found.length &&
    atoms.some(a => a.verb?.lemma === 'unplug' || a.verb?.lemma === 'plug' || /^(wall|outlet|socket)$/.test(a.words))
  )
    add('power')
  if (!found.length && atoms.some(a => a.verb?.lemma === 'discharge')) add('capacitor')
  return found
}

/** By what the tub is drained, and how much came. */
export function draining(t: Telling): void {
  setsOf(t, 'litres')
  const said = new Set(t.atoms.map(a => a.words))
  const filter = firstOf(t, 'filter')
  const hose = where(t, a => isNoun(a, 'hose', 'tube') || a.words === 'drain tube' || a.words === 'emergency hose')
  const small = t.atoms.some(a => /^(drain tube|emergency hose|small|little|thin|drain hose tube)$/.test(a.words))
  t.values.by =
    hose.length && filter >= 0 && small
      ? 'drain tube'
      : filter >= 0
        ? 'filter'
        : t.atoms.some(a => a.words === 'drain tube' || a.words === 'emergency hose')
          ? 'drain tube'
          : hose.length
            ? small
              ? 'drain tube'
              : 'hose'
            : said.has('plug')
              ? 'plug'
              : 'filter'
  if (filter >= 0) mark(t, filter, 'by')
  for (const i of hose) mark(t, i, 'by')
  const half = t.atoms.findIndex((a, i) => a.words === 'half' && free(t, i))
  if (!('litres' in t.values) && half >= 0) tell(t, half, 'litres', 0.5)
  if (!('litres' in t.values)) for (const i of where(t, a => a.tag === 'num')) tell(t, i, 'litres', t.atoms[i]!.n)
}
