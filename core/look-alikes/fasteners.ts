import type { Fastener } from '../items/fastener.ts'
import { millimetres } from '../hearing/figures.ts'
import type { Lot } from './lot.ts'
import { behind, earths, isWet, spins } from './surroundings.ts'
import { say } from '../words/phrase.ts'
import type { Difference, Effect, Verdict } from './verdict.ts'

/** Finishes that an eye in poor light takes for one another; a word of another family is seen at once. */
const finishes: readonly (readonly string[])[] = [
  ['stainless', 'zinc', 'plain', 'shiny', 'silver', 'steel', 'nickel'],
  ['black', 'painted', 'dark'],
  ['brass', 'gold', 'yellow', 'bronze', 'copper'],
  ['green'],
  ['blue'],
  ['red'],
  ['white'],
]
const finishOf = (look = '') =>
  look
    .toLowerCase()
    .split(/\s+/)
    .find(w => finishes.some(f => f.includes(w)))
const familyOf = (finish: string) => finishes.findIndex(f => f.includes(finish))

/** Millimetres across a hexagon, or the number of a star or cross; `null` when the size is said another way. */
function sizeOf({ size = '' }: Fastener): { kind: string; n: number } | null {
  const inch = /^(\d+(?:[ -]\d+)?\/\d+|\d+)\s?in$/.exec(size)
  if (inch) return { kind: 'hex', n: millimetres(inch[1]!) }
  const m = /^(T|PH|PZ|SQ)?\s?(\d+(?:\.\d+)?)\s?(mm)?$/i.exec(size)
  if (!m) return null
  const letter = m[1]?.toUpperCase()
  return { kind: letter === 'PH' || letter === 'PZ' ? 'cross' : (letter ?? 'hex'), n: Number(m[2]) }
}
const driveKind = (f: Fastener): string | undefined => {
  const size = sizeOf(f)
  if (f.drive === 'phillips' || f.drive === 'pozidriv') return 'cross'
  if (f.drive === 'hex head' || f.drive === 'nut') return 'hex'
  return f.drive ?? (size?.kind === 'T' ? 'torx' : size?.kind)
}

/** Diameter of a thread in mm, and whether it is a machine thread; numbered sizes by 0.060 in + 0.013 in a number (ASME B1.1). */
function threadOf({ thread = '' }: Fastener): { d: number; machine: boolean } | null {
  const metric = /^M(\d+(?:\.\d+)?)/i.exec(thread)
  if (metric) return { d: Number(metric[1]), machine: true }
  const number = /^#(\d+)$/.exec(thread)
  if (number) return { d: (0.06 + 0.013 * Number(number[1])) * 25.4, machine: false }
  const tapping = /^(\d(?:\.\d)?)$/.exec(thread)
  return tapping ? { d: Number(tapping[1]), machine: false } : null
}

const isNut = (f: Fastener) => f.head === 'nut' || f.drive === 'nut'
/** Heads that are told apart at a glance. */
const plainHead = (f: Fastener) =>
  f.head === 'countersunk' ? 'countersunk' : f.head === 'stud' ? 'stud' : f.head && 'raised'

/** True when what is seen of both lets a tired eye take one for the other. */
function alike(a: Fastener, b: Fastener): boolean {
  if (isNut(a) !== isNut(b)) return false
  const [headA, headB] = [plainHead(a), plainHead(b)]
  if (headA && headB && headA !== headB) return false
  const [kindA, kindB] = [driveKind(a), driveKind(b)]
  if (kindA && kindB && kindA !== kindB) return false
  const [sizeA, sizeB] = [sizeOf(a), sizeOf(b)]
  const step = sizeA?.kind === 'T' ? 5 : 1
  if (sizeA && sizeB && sizeA.kind === sizeB.kind && Math.abs(sizeA.n - sizeB.n) > step) return false
  const [threadA, threadB] = [threadOf(a), threadOf(b)]
  if (threadA && threadB && Math.abs(threadA.d - threadB.d) > 1) return false
  if (a.length && b.length && Math.min(a.length, b.length) / Math.max(a.length, b.length) < 0.5) return false
  const [finishA, finishB] = [finishOf(a.look), finishOf(b.look)]
  if (finishA && finishB && familyOf(finishA) !== familyOf(finishB)) return false
  return true
}

const mm = (n: number) => `${Number(n.toFixed(1))} mm`
const long = (f: Fastener) => f.lengthAs ?? (f.length === undefined ? 'not measured' : mm(f.length))

/** Compares what was seen of both in one respect. */
type Respect = (
  a: Lot & { fastener: Fastener },
  b: Lot & { fastener: Fastener },
) => { differs: Difference; effects: Effect[] } | null

const length: Respect = (a, b) => {
  const [x, y] = [a.fastener.length, b.fastener.length]
  if (x === undefined && y === undefined) return null
  const differs: Difference = { what: 'length', a: long(a.fastener), b: long(b.fastener) }
  if (x === undefined || y === undefined)
    return {
      differs,
      effects: [{ danger: 'unknown', says: say`One of them was not measured: the longer one may go through` }],
    }
  const more = Math.abs(x - y)
  if (more < 0.5) return null
  const short = x < y ? a : b
  const meets = behind(short)
  return {
    differs,
    effects: [
      { danger: meets === 'what lies behind' ? 'trouble' : 'harm', says: say`${mm(more)} more reach ${meets}` },
      { danger: 'trouble', says: say`The short one holds by too few threads in the deep hole` },
    ],
  }
}
const thread: Respect = (a, b) => {
  const [x, y] = [threadOf(a.fastener), threadOf(b.fastener)]
  if (!x || !y) return null
  const differs: Difference = { what: 'thread', a: a.fastener.thread!, b: b.fastener.thread! }
  const plastic = a.fastener.into === 'plastic' || b.fastener.into === 'plastic'
  if (x.machine !== y.machine)
    return {
      differs,
      effects: [
        plastic
          ? { danger: 'trouble', says: say`A machine thread does not hold in plastic, and splits the boss` }
          : { danger: 'trouble', says: say`A self-tapping screw ruins a machine thread` },
      ],
    }
  if (Math.abs(x.d - y.d) < 0.1) return null
  return {
    differs,
    effects: [{ danger: 'trouble', says: say`The thick one strips the thread, the thin one falls out` }],
  }
}
const pitch: Respect = (a, b) =>
  a.fastener.pitch && b.fastener.pitch && a.fastener.pitch !== b.fastener.pitch
    ? {
        differs: { what: 'pitch', a: mm(a.fastener.pitch), b: mm(b.fastener.pitch) },
        effects: [{ danger: 'trouble', says: say`It jams after two turns and takes the thread with it` }],
      }
    : null
const finish: Respect = (a, b) => {
  const [x, y] = [finishOf(a.fastener.look), finishOf(b.fastener.look)]
  if (!(x === 'stainless') === !(y === 'stainless') || (!x && !y)) return null
  const stainless = x === 'stainless' ? a : b
  const wet = isWet(stainless)
  return {
    differs: { what: 'finish', a: x ?? say`plain`, b: y ?? say`plain` },
    effects: [
      wet
        ? { danger: 'trouble', says: say`A plain screw in the wet rusts in and does not come out again` }
        : { danger: 'unknown', says: say`Stainless belongs where it gets wet` },
    ],
  }
}
const hand: Respect = (a, b) => {
  const [x, y] = [a.fastener.hand, b.fastener.hand]
  if ((x === 'left') === (y === 'left')) return null
  const loose = spins(a) || spins(b)
  return {
    differs: { what: 'hand', a: x ?? say`right`, b: y ?? say`right` },
    effects: [
      loose
        ? { danger: 'harm', says: say`With the wrong hand it winds itself off while it turns` }
        : { danger: 'trouble', says: say`Forced the wrong way it strips the thread` },
    ],
  }
}
const washers: Respect = (a, b) => {
  const [x, y] = [a.fastener.washers, b.fastener.washers]
  if (x === undefined || y === undefined || x === y) return null
  return {
    differs: { what: 'washers', a: String(x), b: String(y) },
    effects: [{ danger: 'trouble', says: say`Without its washer it works loose or leaks` }],
  }
}
const secured: Respect = (a, b) => {
  const [x, y] = [a.fastener.secured, b.fastener.secured]
  if (x === y || (x !== 'thread-lock' && y !== 'thread-lock')) return null
  const loose = spins(a) || spins(b)
  return {
    differs: { what: 'secured', a: x ?? say`dry`, b: y ?? say`dry` },
    effects: [{ danger: loose ? 'harm' : 'trouble', says: say`Without thread-lock it shakes loose` }],
  }
}
const drive: Respect = (a, b) => {
  const [x, y] = [a.fastener, b.fastener]
  if (x.drive && y.drive && x.drive !== y.drive && driveKind(x) === 'cross' && driveKind(y) === 'cross')
    return {
      differs: { what: 'drive', a: x.size ?? x.drive, b: y.size ?? y.drive },
      effects: [{ danger: 'unknown', says: say`The wrong driver climbs out and rounds the cross` }],
    }
  const [p, q] = [sizeOf(x), sizeOf(y)]
  if (!p || !q || x.size === y.size) return null
  const near = Math.abs(p.n - q.n) < 0.6 && p.kind === 'hex'
  return {
    differs: { what: 'drive', a: x.size!, b: y.size! },
    effects: [
      near
        ? { danger: 'unknown', says: say`The wrong spanner nearly fits and rounds the head` }
        : { danger: 'trouble', says: say`They are different screws: the hole of one does not fit the other` },
    ],
  }
}
const head: Respect = (a, b) => {
  const [x, y] = [a.fastener.head, b.fastener.head]
  if (!x || !y || x === y || !(x === 'flange' || y === 'flange')) return null
  return {
    differs: { what: 'head', a: x, b: y },
    effects: [{ danger: 'trouble', says: say`Without its flange the head pulls through` }],
  }
}
const ground: Respect = (a, b) => {
  if (
    earths(a) === earths(b) ||
    (!finishOf(a.fastener.look) && !a.fastener.washers && !b.fastener.washers && !finishOf(b.fastener.look))
  )
    return null
  return {
    differs: { what: 'ground', a: a.place ?? '', b: b.place ?? '' },
    effects: [{ danger: 'harm', says: say`The earth is only as good as its own screw and washer` }],
  }
}

const respects: readonly Respect[] = [length, thread, pitch, hand, ground, secured, finish, washers, head, drive]

/**
 * What two groups of fasteners that look alike differ in; `null` when an eye tells them apart, or when nothing known differs
 * and they can be swapped without harm. Symmetric: the sides of each difference change places, nothing else.
 */
export function compareFasteners(a: Lot, b: Lot): Verdict | null {
  if (!a.fastener || !b.fastener || !alike(a.fastener, b.fastener)) return null
  const [x, y] = [a, b] as [Lot & { fastener: Fastener }, Lot & { fastener: Fastener }]
  const found = respects.flatMap(respect => respect(x, y) ?? [])
  return found.length ? { differs: found.map(f => f.differs), effects: found.flatMap(f => f.effects) } : null
}
