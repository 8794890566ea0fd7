/** One act on a way in: to take something off, to undo what holds it. */
export interface Openable {
  /** Expected minutes; at least 0. */
  minutes: number
  /** What must be done before it: of each group at least one act, by its place in the list. */
  needs: readonly (readonly number[])[]
  /** How the machine must stand for it; '' where it is done in any posture. */
  posture: string
  /** What it takes in hand; '' where it takes nothing. */
  tool: string
}
/** What can be opened, and what is to be reached: an AND/OR graph with what it costs to get from one act to the next. */
export interface Openings {
  acts: readonly Openable[]
  /** To be reached: of each group at least one act. */
  goals: readonly (readonly number[])[]
  /** How the machine stands now. */
  stands: string
  /** Minutes of a turn from one posture to another; never more by a third one. */
  turn: (from: string, to: string) => number
  /** Minutes to lay a tool down and take up another. */
  change: number
}
/** A way in: its acts in their order, and its minutes with turns and tools. */
export interface Way {
  order: readonly number[]
  minutes: number
  /** What no way can be under; as much as `minutes` where this one is proven best. */
  atLeast: number
}
/** For each act whether it is on the way: decided, ruled out, or open. */
export type Marks = Uint8Array
/** An act of which it is open whether it is on the way. */
export const free = 0
/** An act that is on the way. */
export const on = 1
/** An act that is ruled out. */
export const out = 2
