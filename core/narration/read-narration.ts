import { certain } from '../hearing/certainty.ts'
import { flatten, type FlatItem } from '../hearing/flat.ts'
import type { Family } from '../machine/families.ts'
import { stepsOf } from './drafts.ts'
import { narrate } from './narrate.ts'

/** One stretch of a narration as it was read: seconds `from` and `to`, what was said, and the acts of one step; `back` where it tells of the way back. */
export interface ReadStretch {
  from: number
  to: number
  text: string
  items: FlatItem[]
  unsure: boolean
  back?: true
}
const seconds = (n: number) => Math.round(n * 10) / 10

/** Reads a narration as drafts of steps and what is said of the way back, in the order of their times. */
export function readNarration(
  source: string,
  family: Family,
): { ok: true; stretches: ReadStretch[] } | { ok: false; problem: string } {
  const heard = narrate(source)
  if (!heard.ok) return heard
  let n = 0
  const context = { family, around: { posture: 'upright', isolated: [] }, id: () => String(n++) } as const
  const down = stepsOf(heard, context).map(({ acts }): ReadStretch => ({
    from: seconds(acts[0]!.from),
    to: seconds(acts.at(-1)!.to),
    text: [...new Set(acts.map(a => a.said))].join(' / '),
    items: flatten(acts.map(a => a.act)),
    unsure: acts.some(a => a.act.likelihood < certain),
  }))
  const back = heard.back.map(({ from, to, text }): ReadStretch => ({
    from: seconds(from),
    to: seconds(to),
    text,
    items: [],
    unsure: false,
    back: true,
  }))
  return { ok: true, stretches: [...down, ...back].sort((a, b) => a.from - b.from) }
}
