import type { Arc } from './arc.ts'

/**
 * The shortest cycle among arcs, as the arcs along it; null when there is none. Breadth-first search from each step that is left
 * after all steps without open predecessors are taken away (Kahn 1962). Costs O(steps · arcs) at worst.
 */
export function contradiction(arcs: readonly Arc[]): Arc[] | null {
  const out = new Map<string, Arc[]>()
  const open = new Map<string, number>()
  for (const arc of arcs) {
    out.set(arc.first, [...(out.get(arc.first) ?? []), arc])
    open.set(arc.then, (open.get(arc.then) ?? 0) + 1)
    if (!open.has(arc.first)) open.set(arc.first, 0)
  }
  const free = [...open].filter(([, n]) => n === 0).map(([step]) => step)
  const left = new Set(open.keys())
  for (let step = free.pop(); step !== undefined; step = free.pop()) {
    left.delete(step)
    for (const { then } of out.get(step) ?? []) {
      open.set(then, open.get(then)! - 1)
      if (open.get(then) === 0) free.push(then)
    }
  }
  let best: Arc[] | null = null
  for (const start of left) {
    const by = new Map<string, Arc>()
    let ring = [start]
    for (let far = 1; ring.length && (!best || far < best.length); far++) {
      const next: string[] = []
      for (const arc of ring.flatMap(step => out.get(step) ?? [])) {
        if (!left.has(arc.then)) continue
        if (arc.then === start) {
          const cycle = [arc]
          while (cycle[0]!.first !== start) cycle.unshift(by.get(cycle[0]!.first)!)
          if (!best || cycle.length < best.length) best = cycle
          break
        }
        if (by.has(arc.then)) continue
        by.set(arc.then, arc)
        next.push(arc.then)
      }
      ring = next
    }
  }
  return best
}
