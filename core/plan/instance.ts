/** What an order costs, the first figure before the second and so on. */
export interface Cost {
  /** Preferences broken: steps that come before the one after which they came off. */
  broken: number
  turns: number
  tools: number
  /** Kendall tau: pairs that stand the other way round than in the mirror. */
  distance: number
}

/**
 * What is to be ordered: steps `0 … n-1` as the mirror has them. The recorded order stands as a preference between each step and the
 * next. A posture or a tool is the empty text where a step needs none.
 */
export interface Instance {
  n: number
  /** Hard arcs, as pairs of steps of which the first comes first; acyclic. */
  arcs: readonly (readonly [number, number])[]
  posture: readonly string[]
  tool: readonly string[]
}

/** The four figures in one number: each fits below the next for up to 700 steps. */
export const unit = { distance: 1, tools: 2 ** 18, turns: 2 ** 28, broken: 2 ** 38 }
export const unpacked = (n: number): Cost => ({
  broken: Math.floor(n / unit.broken),
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
  const along = (needs: readonly string[]) => changes(order.map(s => needs[s]!))
  return { broken, turns: along(on.posture), tools: along(on.tool), distance }
}
