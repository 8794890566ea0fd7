import type { Beat } from './ritual.ts'

/** Seconds between beats of which nothing is said. Our own: as fast as a hand turns without haste. */
const usual = 2
/** The share of the time of a step that its beats take when they are spread evenly: the rest is kept for a slip. */
const spread = 0.85

/** When a beat falls due, in seconds from the beginning of its step, if it is done evenly. */
export interface Due {
  from: number
  to: number
}

/** The even times of the beats of one step: what is apart stays apart, what has a time in all is spread over it. */
export function scheduled(beats: readonly Beat[]): Due[] {
  const held = beats.reduce((n, b) => n + (b.seconds ?? 0), 0)
  const { within, apart } = { within: beats[0]?.within, apart: beats.find(b => b.apart)?.apart }
  const gaps = Math.max(1, beats.length - 1)
  const even = within ? Math.max(0.3, (within * spread - held) / gaps) : usual
  const gap = Math.max(apart ?? 0, Math.min(even, apart ?? even))
  let at = 0
  return beats.map((b, i) => {
    const from = i === 0 ? 0 : at + gap
    at = from + (b.seconds ?? 0)
    return { from, to: at }
  })
}
