import TinyQueue from 'tinyqueue'
import type { Openings } from './openings.ts'

/** Acts in an order, and the minutes of its turns and changes of tools; without an order, the minutes that every one has at least. */
export interface Ordered {
  order: readonly number[] | null
  moving: number
}
interface At {
  done: Uint8Array
  posture: string
  tool: string
  moving: number
  /** The least that it comes to in the end. */
  key: number
  order: readonly number[]
}

/**
 * The order of some acts with the fewest minutes for turns and tools, where it is under `limit` and found within `most` places of the search. What can be done as the machine stands, with what is in hand, is done at once: it costs nothing now, and nothing that comes later waits for
 * it longer. So a place of the search is what is done after that, the posture and the tool (A*, with what must be turned to and taken up at least once).
 */
export function inOrder(openings: Openings, chosen: readonly number[], limit: number, most: number): Ordered {
  const { acts, stands, turn, change } = openings
  const place = new Map(chosen.map((a, i) => [a, i]))
  /** The same acts by their places here: of each need those that are among them. */
  const own = chosen.map(a => ({ ...acts[a]!, needs: acts[a]!.needs.map(g => g.flatMap(b => place.get(b) ?? [])) }))
  const postures = [...new Set([stands, ...own.flatMap(a => a.posture || [])])]
  const into = new Map(
    postures.map(p => [p, Math.min(...postures.flatMap(from => (from === p ? [] : [turn(from, p)])))]),
  )
  const ready = (done: Uint8Array, i: number) => own[i]!.needs.every(g => g.some(j => done[j]))
  const close = (done: Uint8Array, posture: string, tool: string): number[] => {
    const more: number[] = []
    for (let grew = true; grew;) {
      grew = false
      for (const [i, a] of own.entries()) {
        if (done[i] || (a.posture !== '' && a.posture !== posture) || (a.tool !== '' && a.tool !== tool)) continue
        if (!ready(done, i)) continue
        done[i] = 1
        more.push(chosen[i]!)
        grew = true
      }
    }
    return more
  }
  const ahead = (done: Uint8Array, posture: string, tool: string): number => {
    const tools = new Set<string>()
    const turns = new Set<string>()
    for (const [i, a] of own.entries()) {
      if (done[i]) continue
      if (a.tool !== '' && a.tool !== tool) tools.add(a.tool)
      if (a.posture !== '' && a.posture !== posture) turns.add(a.posture)
    }
    let sum = tools.size * change
    for (const p of turns) sum += into.get(p)!
    return sum
  }
  // Of those that come to the least in the end the one that is farthest.
  const open = new TinyQueue<At>([], (a, b) =>
    Math.abs(a.key - b.key) > 1e-9 ? a.key - b.key : b.order.length - a.order.length,
  )
  const seen = new Map<string, number>()
  const push = (from: Omit<At, 'key'>) => {
    const done = from.done.slice()
    const more = close(done, from.posture, from.tool)
    const name = `${done.join('')} ${from.posture} ${from.tool}`
    const key = from.moving + ahead(done, from.posture, from.tool)
    if (key >= limit || (seen.get(name) ?? Infinity) <= from.moving) return
    seen.set(name, from.moving)
    open.push({ ...from, done, key, order: [...from.order, ...more] })
  }
  push({ done: new Uint8Array(own.length), posture: stands, tool: '', moving: 0, order: [] })
  for (let looked = 0; open.length; looked++) {
    const at = open.pop()!
    if (looked >= most) return { order: null, moving: at.key }
    if (at.order.length === own.length) return { order: at.order, moving: at.moving }
    const next = new Set<string>()
    for (const [i, a] of own.entries()) {
      if (at.done[i]) continue
      const posture = a.posture || at.posture
      const tool = a.tool || at.tool
      const name = `${posture}/${tool}`
      if (next.has(name) || !ready(at.done, i)) continue
      next.add(name)
      const moving = (posture === at.posture ? 0 : turn(at.posture, posture)) + (tool === at.tool ? 0 : change)
      push({ ...at, posture, tool, moving: at.moving + moving })
    }
  }
  return { order: null, moving: Math.max(limit, 0) }
}
