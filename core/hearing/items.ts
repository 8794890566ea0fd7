import type { Atom } from './atom.ts'
import type { Span } from './decode.ts'
import { partKinds } from './kind-sets.ts'
import { tellAs } from './tell/kinds.ts'
import type { Told } from './tell/told.ts'
import { nounPhrases, wordsOf } from './tell/phrases.ts'
import { isNoun, telling } from './tell/telling.ts'

/** An act of the line: what was told, and the stretch that tells it. */
export interface Act extends Told {
  span: Span
}

/** What a heading or a place says that what follows can go on from. */
const nameIn = (atoms: readonly Atom[], text: string): string | undefined => {
  const t = telling('head', atoms)
  const [first] = nounPhrases(t)
  return first && wordsOf(t, text, first)
}

const slices = new WeakMap<readonly Atom[], Map<string, Atom[]>>()
/** The atoms of a stretch: the same array whenever it is asked for, so that what is told of it can be kept. */
function sliceOf(atoms: readonly Atom[], { from, to }: Span): Atom[] {
  const known = slices.get(atoms) ?? slices.set(atoms, new Map()).get(atoms)!
  const key = `${from}-${to}`
  return known.get(key) ?? known.set(key, atoms.slice(from, to)).get(key)!
}

/** The acts of a line as it was parted, with what goes on from before: headings, and names that are only pointed at. */
export function actsOf(
  atoms: readonly Atom[],
  spans: readonly Span[],
  text: string,
  tell: typeof tellAs = tellAs,
): Act[] {
  const acts: Act[] = []
  let heading: string | undefined
  let lastName: string | undefined
  let lastLine: string | undefined
  for (const span of spans) {
    const own = sliceOf(atoms, span)
    if (span.reading === 'head') {
      heading = nameIn(own, text) ?? heading
      lastName = heading
      continue
    }
    if (span.reading === 'note') {
      if (own.some(a => a.tag === 'part'))
        lastName =
          nameIn(
            own.filter(a => a.tag !== 'pron'),
            text,
          ) ?? lastName
      continue
    }
    for (const first of tell(span.reading, own, { text, heading })) {
      const told = { ...first, values: { ...first.values } }
      const { values } = told
      // A line that is not named again is the one that was named before.
      if (
        told.kind === 'unroute' &&
        !own.some(a => isNoun(a, 'line', 'hose', 'tube') && told.t.roles[own.indexOf(a)] === 'type') &&
        lastLine
      )
        values.type = lastLine
      for (const a of own)
        if (isNoun(a, 'tube')) lastLine = 'pressure tube'
        else if (isNoun(a, 'line')) lastLine = a.plural ? 'harness' : String(a.sets?.type ?? 'harness')
      if (told.t.heading) heading = told.t.heading
      const done = acts.find(a => isOnce(a, told))
      if (done) {
        for (const [key, value] of Object.entries(values)) done.values[key] ??= value
        continue
      }
      const again = acts.findLast(a => saidAgain(a, told, own))
      const before = again ?? acts.at(-1)
      if (before && (again || goesOn(before, told, own))) {
        for (const [key, value] of Object.entries(values))
          if (key !== 'countImplied' && key !== 'hose' && key !== 'count' && key !== 'place')
            before.values[key] ??= value
        continue
      }
      const onlyVerb = own.every(a =>
        ['verb', 'away', 'sep', 'aux', 'filler', 'done', 'conj', 'pron', 'neg'].includes(a.tag),
      )
      if (
        onlyVerb &&
        before &&
        told.kind === 'slacken' &&
        before.kind === 'remove-fasteners' &&
        !before.span.features.verbKinds.size
      ) {
        before.kind = 'slacken'
        continue
      }
      if (told.kind === 'park-part' && !values.name && before?.kind === 'remove-part' && values.lies) {
        before.values.lies ??= values.lies
        continue
      }
      if (partKinds.includes(told.kind)) {
        if (!values.name || /^(it|them|they|one)$/i.test(values.name as string)) {
          const name = heading ?? lastName
          if (name) {
            values.name = name
            values.nameFrom = 'before'
          }
        }
        if (values.name) lastName = values.name as string
      } else if (values.place && (lastName === undefined || own.some(a => a.tag === 'part')))
        lastName = (values.place as string).split(', ')[0]
      // `after the screws were out`; `pulley off, I marked it first`: what is told last was done before.
      const follows =
        /^(after|once)$/.test(own.find(a => a.tag !== 'sep')?.words ?? '') ||
        /^(first|beforehand)$/.test(own.findLast(a => a.tag !== 'sep')?.words ?? '') ||
        (told.kind === 'draw-mark' && own.some((a, i) => a.words === 'first' && i > 2))
      if (follows && before && before.span.to === span.from) acts.splice(acts.length - 1, 0, { ...told, span })
      else acts.push({ ...told, span })
    }
  }
  return withoutTotals(acts)
}

/** What can be done once only before it is undone: a tap is shut, a belt is off, a part of this name is away. */
function isOnce(before: Act, told: Told): boolean {
  if (before.kind !== told.kind) return false
  const [a, b] = [before.values, told.values]
  if (told.kind === 'isolate') return a.what === b.what
  if (told.kind === 'slip-belt') return true
  return told.kind === 'remove-part' && same(a.name, b.name) && (b.place === undefined || same(a.place, b.place))
}
const same = (a: unknown, b: unknown): boolean =>
  typeof a === 'string' && typeof b === 'string' && a.toLowerCase() === b.toLowerCase()

/** `… took out the screws`: what was told before is only said again. */
function saidAgain(before: Act, told: Told, own: readonly Atom[]): boolean {
  if (before.kind !== told.kind || !['remove-fasteners', 'release-clips', 'unplug', 'open-joint'].includes(told.kind))
    return false
  const adds = Object.keys(told.values).some(
    k => !['countImplied', 'drive', 'head', 'type', 'hose'].includes(k) && !(k === 'count' && told.values.countImplied),
  )
  const pointed = own.some(
    (a, i) =>
      /^(the|them|both|all|those|these|it|they)$/.test(a.words) || (a.n !== undefined && i === 0 && a.words === 'both'),
  )
  const counted = own.some(a => a.n !== undefined && a.words !== 'both' && ['num', 'count', 'times'].includes(a.tag))
  return !adds && pointed && !counted
}

/** `Clamp is the spring kind.`: what only tells more of the act before it. */
function goesOn(before: Act, told: Told, own: readonly Atom[]): boolean {
  if (
    before.kind === told.kind &&
    !partKinds.includes(told.kind) &&
    own.every(a => ['away', 'sep', 'aux', 'filler', 'done', 'conj', 'pron'].includes(a.tag))
  )
    return true
  if (before.kind !== told.kind || own.some(a => a.verb && !['have', 'be'].includes(a.verb.lemma))) return false
  if (
    told.values.condition !== undefined &&
    before.values.condition === undefined &&
    !own.some(a => a.tag === 'thing' || a.tag === 'part')
  )
    return true
  if (told.kind === 'unplug')
    return (
      !own.some(a => isNoun(a, 'plug', 'spade', 'line')) &&
      !own.some(a => a.tag === 'part') &&
      ['lock', 'ways', 'housing', 'wires'].some(k => k in told.values && !(k in before.values))
    )
  if (told.kind === 'open-joint')
    return (
      !own.some(a => isNoun(a, 'hose', 'tube')) &&
      before.values.clamp === undefined &&
      told.values.clamp !== undefined &&
      own.some(a => a.tag === 'aux' || isNoun(a, 'clamp'))
    )
  if (told.kind === 'remove-fasteners' || told.kind === 'slacken')
    return (
      own.some(a => a.tag === 'aux' || a.words === 'all') &&
      !own.some(a => a.n !== undefined && (a.tag === 'num' || a.tag === 'count')) &&
      before.values.size === undefined &&
      told.values.size !== undefined
    )
  return false
}

const countOf = (act: Act): number =>
  typeof act.values.count === 'number' && !act.values.countImplied ? act.values.count : 0
const sizes = ['drive', 'size', 'thread', 'length', 'hand', 'head', 'type'] as const
/** `five screws hold it, three at the bottom, two on top`: the whole is not owed beside its parts, which are of its size. */
function withoutTotals(acts: readonly Act[]): Act[] {
  const out: Act[] = []
  for (let i = 0; i < acts.length; i++) {
    const whole = acts[i]!
    const total = countOf(whole)
    let sum = 0
    let j = i + 1
    while (j < acts.length && sum < total && countOf(acts[j]!) > 0 && acts[j]!.span.features.bare)
      sum += countOf(acts[j++]!)
    if (total > 2 && sum === total && j - i > 2) {
      for (const part of acts.slice(i + 1, j)) for (const key of sizes) part.values[key] ??= whole.values[key]
      continue
    }
    out.push(whole)
  }
  return out
}
