/** A set of steps `0 … n-1` as a row of 32-bit words. */
export type StepSet = Uint32Array

export const noSteps = (n: number): StepSet => new Uint32Array((n + 31) >> 5)
export const has = (set: StepSet, s: number): boolean => ((set[s >> 5]! >>> (s & 31)) & 1) === 1
export const add = (set: StepSet, s: number): void => void (set[s >> 5]! |= 1 << (s & 31))
/** A step below which every step is in the set: where a search for one that is not may begin. */
export function settledBelow(set: StepSet): number {
  let w = 0
  while (w < set.length && set[w] === 0xffffffff) w++
  return w * 32
}
/** A step from which on none is in the set. */
export function openFrom(set: StepSet): number {
  let w = set.length
  while (w > 0 && set[w - 1] === 0) w--
  return w * 32
}
/** True when every step of `inner` is in `outer`. */
export function covers(outer: StepSet, inner: StepSet): boolean {
  for (let w = 0; w < inner.length; w++) if (inner[w]! & ~outer[w]!) return false
  return true
}
export function join(into: StepSet, other: StepSet): void {
  for (let w = 0; w < into.length; w++) into[w]! |= other[w]!
}
/** The set as text, for the key of a map. */
export const textOf = (set: StepSet): string => String.fromCharCode(...new Uint16Array(set.buffer))
