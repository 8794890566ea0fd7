/** A made-up part and the one that came for it, as typed by whoever holds both, and what a master would say. Written before the rules. */
export interface Pair {
  name: string
  part: string
  old: Readonly<Record<string, string>>
  fresh: Readonly<Record<string, string>>
  /** `fits`, `fits when adapted`, `send back`, `cannot tell`. */
  verdict: string
  /** What is said of the points that matter. */
  points: Readonly<Record<string, string>>
}

export const pair = (
  name: string,
  part: string,
  old: Record<string, string>,
  fresh: Record<string, string>,
  verdict: string,
  points: Record<string, string>,
): Pair => ({ name, part, old, fresh, verdict, points })
