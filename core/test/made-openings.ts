import type { Openable, Openings } from '../access/openings.ts'
import { effortOf, type Posture } from '../machine/postures.ts'
import { dice } from './dice.ts'

const tools = ['T20 driver', 'PH2 driver', '8 mm spanner', '10 mm spanner', 'clamp pliers']
const lies = ['', '', '', '', 'upright', 'tipped back', 'on its front']
const turn = (from: string, to: string) => effortOf(from as Posture, to as Posture).minutes

/**
 * A made-up machine of so many acts: covers with what holds them, some on two or three ways into the same space, deeper spaces behind them, and much
 * beside the way. What is asked for by an act comes before it in the list. Follows from the seed.
 */
export function madeOpenings(seed: number, items: number, ways = 3): Openings {
  const d = dice(seed * 104_729 + 11)
  const acts: Openable[] = []
  const put = (minutes: number, needs: readonly (readonly number[])[], tool = '', posture = ''): number =>
    acts.push({ minutes, needs, tool, posture }) - 1
  const tenths = (low: number, high: number) => d.int(low * 10, high * 10) / 10
  /** A part with what holds it, behind what is asked for; sometimes it waits for a neighbour too. */
  const part = (behind: readonly (readonly number[])[], beside: readonly number[], posture: string): number => {
    const held = Array.from({ length: d.int(0, 2) }, () => [
      put(tenths(0.2, 3), behind, d.pick([...tools, '']), d.hit(0.7) ? posture : ''),
    ])
    const waits = beside.length && d.hit(0.4) ? [[d.pick(beside)]] : []
    return put(tenths(0.3, 8), [...behind, ...held, ...waits], '', posture)
  }
  // Covers, what is behind them, what is in there, what is under that: no machine is much deeper.
  const depth = d.int(3, 5)
  let spaces: (readonly number[])[] = [[]]
  for (let layer = 1; layer <= depth; layer++) {
    const next: (readonly number[])[] = []
    while (acts.length < (items * layer) / depth) {
      const space: number[] = []
      // How the machine must stand is a matter of where hands get in, not of each part.
      const posture = d.pick(lies)
      for (let w = 0; w < d.int(1, ways); w++) {
        const from = d.pick(spaces)
        const second = d.hit(0.25) ? [d.pick(spaces)] : []
        space.push(
          part(
            [from, ...second].filter(g => g.length > 0),
            acts.map((_, i) => i).slice(-6),
            posture,
          ),
        )
      }
      next.push(space)
    }
    spaces = d.hit(0.3) ? [...next, d.pick(spaces)] : next
  }
  const deep = spaces.filter(s => s.length > 0)
  const goals = [d.pick(deep)]
  if (d.hit(0.4)) goals.push([d.int(acts.length >> 1, acts.length - 1)])
  return { acts, goals, stands: 'upright', turn, change: 0.3 }
}
