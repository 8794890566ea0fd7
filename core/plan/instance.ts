/** What an order costs, the first figure before the second and so on. */
export interface Cost {
  /** Turns while something that is not light is in place and not held. */
  unsafe: number
  /** Preferences broken: steps that come before the one after which they came off. */
  broken: number
  turns: number
  tools: number
  /** Kendall tau: pairs that stand the other way round than in the mirror. */
  distance: number
}

/** What an order costs at least. */
export const noCost: Cost = { unsafe: 0, broken: 0, turns: 0, tools: 0, distance: 0 }

/** Something that can fall when the machine is turned: in place once `seat` is done (from the beginning where that is -1), fastened by `by`. */
export interface Holding {
  seat: number
  by: readonly number[]
}
/**
 * What is to be ordered: steps `0 … n-1` as the mirror has them. The recorded order stands as a preference between each step and the
 * next. A posture or a tool is the empty text where a step needs none; the machine is turned where the next step needs another posture.
 */
export interface Instance {
  n: number
  /** Hard arcs, as pairs of steps of which the first comes first; acyclic. */
  arcs: readonly (readonly [number, number])[]
  posture: readonly string[]
  /** Other postures in which a step can be done as well; left out where there are none. */
  also?: readonly (readonly string[])[]
  tool: readonly string[]
  /** How the machine stands now, and how it stands in the end; the empty text where that is all one. */
  stands: string
  home: string
  holdings: readonly Holding[]
}
/** An instance without postures to begin and end with, and with nothing that could fall. */
export const ungrounded = { stands: '', home: '', holdings: [] } as const

/** The five figures in one number: each fits below the next for up to 700 steps. */
export const unit = { distance: 1, tools: 2 ** 18, turns: 2 ** 28, broken: 2 ** 38, unsafe: 2 ** 48 }
export const unpacked = (n: number): Cost => ({
  unsafe: Math.floor(n / unit.unsafe),
  broken: Math.floor((n % unit.unsafe) / unit.broken),
  turns: Math.floor((n % unit.broken) / unit.turns),
  tools: Math.floor((n % unit.turns) / unit.tools),
  distance: n % unit.tools,
})

/** How often the need changes along a list, steps without a need left out. */
function changes(needs: readonly string[]): number {
  const told = needs.filter(need => need !== '')
  return told.filter((need, i) => i > 0 && need !== told[i - 1]).length
}

/** What a given order costs. O(n²). */
export function costOf(on: Instance, order: readonly number[]): Cost {
  const at = new Array<number>(on.n)
  order.forEach((s, i) => (at[s] = i))
  let [broken, distance] = [0, 0]
  for (let s = 1; s < on.n; s++) if (at[s]! < at[s - 1]!) broken += 1
  for (let s = 0; s < on.n; s++) for (let t = s + 1; t < on.n; t++) if (at[t]! < at[s]!) distance += 1
  const { turns, unsafe } = turnsOf(on, order)
  return { unsafe, turns, broken, tools: changes(order.map(s => on.tool[s]!)), distance }
}

const noOthers: readonly string[] = []
/** In which postures a step can be done, the one in which it was done first. */
export const posturesFor = (on: Instance, s: number): readonly string[] => {
  const also = on.also?.[s] ?? noOthers
  return also.length === 0 ? [on.posture[s]!] : [on.posture[s]!, ...also]
}

/** True when a step can be done while the machine stands so. */
const goesIn = (on: Instance, s: number, stands: string): boolean => {
  const own = on.posture[s]!
  return own === '' || own === stands || Boolean(on.also?.[s]?.includes(stands))
}

/** How the machine stands after some steps of an order, and what it took to come there. */
interface Standing extends Pick<Cost, 'turns' | 'unsafe'> {
  stands: string
  /** The posture of each step so far. */
  along: readonly string[]
}

/**
 * The turns along an order, how many of them are made while something could fall, and the posture in which each step is done, chosen so
 * that both are least. O(n · postures²).
 */
export function turnsOf(
  on: Instance,
  order: readonly number[],
): Pick<Cost, 'turns' | 'unsafe'> & { along: readonly string[] } {
  const placed = new Set<number>()
  const isDone = (s: number) => placed.has(s)
  const turned = (from: Standing, to: string): Standing => {
    if (to === '' || to === from.stands) return from
    if (from.stands === '') return { ...from, stands: to }
    const unsafe = from.unsafe + (falls(on, from.stands, isDone) ? 1 : 0)
    return { ...from, stands: to, turns: from.turns + 1, unsafe }
  }
  let all: Standing[] = [{ stands: on.stands, turns: 0, unsafe: 0, along: [] }]
  for (const s of order) {
    const next = all.flatMap(from =>
      posturesFor(on, s).map(to => {
        const there = turned(from, to)
        return { ...there, along: [...there.along, to === '' ? '' : there.stands] }
      }),
    )
    placed.add(s)
    all = cheapest(next)
  }
  const [best] = all.map(there => turned(there, on.home)).sort(less)
  return { turns: best!.turns, unsafe: best!.unsafe, along: best!.along }
}
const less = (a: Standing, b: Standing) => a.unsafe - b.unsafe || a.turns - b.turns
/** Of those that stand alike the cheapest. */
function cheapest(all: readonly Standing[]): Standing[] {
  if (all.length === 1) return [...all]
  const found = new Map<string, Standing>()
  for (const s of all) if (!found.has(s.stands) || less(s, found.get(s.stands)!) < 0) found.set(s.stands, s)
  return [...found.values()]
}

/**
 * True when something could fall if the machine were turned out of a posture now: it is in place, and nothing holds it yet, or something
 * that fastens it here is still missing.
 */
export const falls = (on: Instance, stands: string, isDone: (step: number) => boolean): boolean =>
  on.holdings.some(
    ({ seat, by }) =>
      (seat < 0 || isDone(seat)) && (!by.some(isDone) || by.some(s => !isDone(s) && goesIn(on, s, stands))),
  )
