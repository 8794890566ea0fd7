import type { HeardAct } from '../hearing/hear.ts'
import { withoutIntent } from './stance.ts'

/** An act of a narration, with the seconds from and to which it is told. */
export interface TimedAct {
  act: HeardAct
  from: number
  to: number
  /** The words that told it. */
  said: string
}

/** Acts of these kinds are said again minutes later: a part that is off is off. */
const once = new Set(['remove-part', 'park-part', 'pull-off', 'slip-belt', 'isolate', 'pull-out', 'fold-back'])
/** So long, in seconds, and so many acts back somebody comes back to what was said before. */
const reach = 150
const acts = 4

const words = (text: unknown): string[] =>
  (typeof text === 'string' ? text : '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .split(' ')
    .filter(w => w && !/^(?:the|a|an|of|this|that|whole|my|his|her|its|bit)$/.test(w))
    .map(w => (w.length > 3 ? w.replace(/s$/, '') : w))
/** One says no more than the other: `panel` of `rear panel`. */
function sameName(a: unknown, b: unknown): boolean {
  const [x, y] = [words(a), words(b)]
  if (!x.length || !y.length) return false
  const [short, long] = x.length < y.length ? [x, y] : [y, x]
  return short.every(w => long.includes(w)) && short.at(-1) === long.at(-1)
}
const placeShared = (a: unknown, b: unknown): boolean => {
  if (a === undefined || b === undefined) return true
  const x = words(a)
  return words(b).some(w => x.includes(w))
}

const opening = String.raw`^(?:(?:so|and|then|okay|ok|now|there|oh|yeah|right|alright|that's|that is|it's)\W+)*(?:(?:i|we|you|i've|we've)\s+(?:just\s+|have\s+)?)?(?:(?:take|took|taking|pull|pulled|get|got|undo|remove|removed|release|released)\s+(?:out\s+|off\s+)?)?`
/** What is pointed at: `those two out`, `all four`, `the screws`. */
const definite = new RegExp(`${opening}(?:those|these|them|both|all|the|that|every)\\b`, 'i')
const counted = new RegExp(
  `${opening}(?:(?:those|these|all|the)\\s+)*(?:both|all|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\\d+)\\b`,
  'i',
)
const allGone = /\b(?:both|all(?: \w+)?)\s+(?:\w+\s+)?(?:out|off|gone|away|undone|loose|free)\b/i
/** `the bottom one's the short one`: one of several is only told apart. */
const member = /\bone(?: of (?:them|those|these|em))?(?:'s| is| has| goes| was)\b/i
const another = /\b(?:another|other|more|second|third|last|next|also|again|same)\b/i
const exactFields = [
  'drive',
  'size',
  'thread',
  'head',
  'hand',
  'type',
  'ways',
  'housing',
  'terminal',
  'clamp',
  'consumable',
  'thing',
  'to',
  'what',
  'label',
  'lock',
] as const

/** True where what is told now can be what was told before: nothing that both say differs. */
function agrees(before: TimedAct, now: TimedAct): boolean {
  const [a, b] = [before.act.values, now.act.values]
  if (exactFields.some(k => a[k] !== undefined && b[k] !== undefined && a[k] !== b[k])) return false
  const [m, n] = [countOf(before.act), countOf(now.act)]
  return m === undefined || n === undefined || m === n
}
const countOf = ({ values }: HeardAct): number | undefined =>
  typeof values.count === 'number' && !values.countImplied ? values.count : undefined

const pointsBack = ({ said }: TimedAct): boolean => {
  const plain = withoutIntent(said).replace(/\s+/g, ' ').trim()
  return definite.test(plain) || counted.test(plain) || allGone.test(plain)
}

/** True where an act that is told now was told before. */
function isSaidAgain(before: TimedAct, now: TimedAct): boolean {
  const [a, b] = [before.act, now.act]
  if (a.kind === 'release-clips' && b.kind === 'remove-part') return false
  if (once.has(b.kind)) {
    if (!once.has(a.kind)) return false
    if (b.kind === 'isolate' || a.kind === 'isolate') return a.kind === b.kind && a.values.what === b.values.what
    if (b.kind === 'slip-belt' || b.kind === 'pull-out') return a.kind === b.kind
    // The whole name is that part whenever it is said; `panel` is the panel of a moment ago.
    const isNear = now.from - before.to <= reach
    return isNear
      ? sameName(a.values.name, b.values.name)
      : words(a.values.name).join(' ') === words(b.values.name).join(' ')
  }
  if (a.kind !== b.kind || now.from - before.to > reach || !agrees(before, now)) return false
  if (b.kind === 'turn-machine') return a.values.to === b.values.to
  if (b.kind === 'place-temporary') return a.values.thing === b.values.thing && !another.test(now.said)
  if (b.kind === 'open-joint')
    return (
      !another.test(now.said) && sameName(a.values.hose, b.values.hose) && placeShared(a.values.place, b.values.place)
    )
  if (b.kind === 'drain' || b.kind === 'unroute')
    return !another.test(now.said) && Object.keys(b.values).length <= Object.keys(a.values).length
  if (countOf(a) === undefined && (countOf(b) ?? 1) > 1) return false
  const adds = exactFields.some(k => a.values[k] === undefined && b.values[k] !== undefined)
  const points =
    pointsBack(now) ||
    (!adds && countOf(b) === undefined && b.values.place === undefined && b.values.look === undefined)
  if (!points || (another.test(now.said) && !/\bboth|all\b/i.test(now.said))) return false
  return placeShared(a.values.place, b.values.place) && (!adds || countOf(b) !== undefined)
}

/** What is said again adds to what was said before what that left out. */
function withMore(before: TimedAct, now: TimedAct): TimedAct {
  const values = { ...before.act.values }
  for (const [key, value] of Object.entries(now.act.values)) {
    if (key === 'countImplied') continue
    if (key === 'count' ? values.countImplied && !now.act.values.countImplied : values[key] === undefined)
      values[key] = value
    if (key === 'count' && !now.act.values.countImplied) delete values.countImplied
  }
  return {
    act: { ...before.act, values, likelihood: Math.max(before.act.likelihood, now.act.likelihood) },
    from: before.from,
    to: now.to,
    said: before.said,
  }
}

/** `four of those in total`: the whole of what was told one by one before. */
function isTotal(list: readonly TimedAct[], now: TimedAct): boolean {
  const total = countOf(now.act)
  if (total === undefined || total < 2 || !pointsBack(now)) return false
  let sum = 0
  for (const before of list.slice(-acts).reverse()) {
    if (before.act.kind !== now.act.kind || now.from - before.to > reach) continue
    sum += countOf(before.act) ?? 1
    if (sum === total && now.act.values.size === undefined) return true
    if (sum > total) return false
  }
  return false
}

/** One of several that were counted before is told apart: it is not one more. */
const isMember = (list: readonly TimedAct[], now: TimedAct): boolean => {
  const before = list.findLast(b => b.act.kind === now.act.kind)
  return (
    before !== undefined &&
    now.from - before.to <= reach &&
    member.test(now.said) &&
    !another.test(now.said) &&
    (countOf(before.act) ?? 1) > 1 &&
    (countOf(now.act) ?? 1) === 1
  )
}

/** A list of acts with one more: taken in where it was told before, or left out where it is only the sum of what was. */
export function withAct(list: readonly TimedAct[], now: TimedAct): TimedAct[] {
  const near = once.has(now.act.kind) ? list.length : acts
  for (let i = list.length - 1; i >= Math.max(0, list.length - near); i--) {
    if (isSaidAgain(list[i]!, now)) return list.with(i, withMore(list[i]!, now))
    // What is pointed at is the last of its kind, not one before it.
    if (!once.has(now.act.kind) && list[i]!.act.kind === now.act.kind) break
  }
  return isTotal(list, now) || isMember(list, now) ? [...list] : [...list, now]
}
