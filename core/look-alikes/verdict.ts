import type { Phrase } from '../words/phrase.ts'

/** How bad it is to put one in the place of the other. */
export const dangers = ['harm', 'trouble', 'unknown'] as const
/** How bad it is when two look-alikes are swapped. */
export type Danger = (typeof dangers)[number]

/** In what two lots differ, each side in words. */
export interface Difference {
  what:
    | 'drive'
    | 'thread'
    | 'pitch'
    | 'length'
    | 'finish'
    | 'hand'
    | 'washers'
    | 'secured'
    | 'head'
    | 'ground'
    | 'wires'
    | 'housing'
    | 'label'
  a: Phrase
  b: Phrase
}

/** What happens when they are swapped, as one short sentence without its full stop. */
export interface Effect {
  danger: Danger
  says: Phrase
}

/** What two lots that look alike differ in, and what a swap would do. */
export interface Verdict {
  differs: Difference[]
  effects: Effect[]
}

/** The worst that a swap would do. */
export const worst = ({ effects }: Verdict): Danger => dangers.find(d => effects.some(e => e.danger === d)) ?? 'unknown'
