import type { Family } from '../machine/families.ts'
import type { Caution } from '../words/cautions.ts'

/** Where along the way of the water, the drum and the current something is wrong. */
export const stations = [
  'supply',
  'drawer',
  'level',
  'lock',
  'heat',
  'motion',
  'drain',
  'balance',
  'electronics',
] as const
export type Station = (typeof stations)[number]
/** The builds of machines of which a row holds. */
export type Builds = 'both' | Family

/** What people see, hear, smell or feel, and the words in which they tell it. */
export interface Finding {
  id: string
  /** Any of these in what was told; each a row of words that stand near each other. */
  words: readonly string[]
  /** Words that tell that it is not so: `it fills` of a machine that does not fill. */
  well: readonly string[]
  /** Findings that are never so together with it: nobody asks for them then. */
  never: readonly string[]
}

/** What can be wrong with a part. */
export interface Cause {
  id: string
  part: string
  station: Station
  builds: Builds
  /** How often, against the other causes of the table; any unit. */
  weight: number
  /** What its part costs, in hours of a bench, and minutes until it is put right once it can be reached. */
  price: number
  minutes: number
  /** How likely each finding is where this is wrong; what is not named is as likely as without it. */
  shows: Readonly<Record<string, number>>
  /** Why it shows so. */
  why: string
}

/** What must be so before a check is done. */
export const settings = ['as it stands', 'with power', 'plug out', 'panel off'] as const
export type Setting = (typeof settings)[number]

/** An act with two outcomes: as it should be, or not. */
export interface Check {
  id: string
  builds: Builds
  /** Minutes of the look itself, without what comes off before it. */
  minutes: number
  setting: Setting
  /** The part at which hands are, where something comes off for it. */
  at: string | undefined
  /** By hand, eye, ear or nose alone. */
  byHand: boolean
  /** For each cause that it tells, how likely it is not as it should be; of every other one `strays`. */
  tells: Readonly<Record<string, number>>
  /** How often it is not as it should be although none of these is wrong. */
  strays: number
  caution: Caution | undefined
  /** What a bad outcome means. */
  why: string
}

/** All that is known before anybody has looked. */
export interface Table {
  findings: readonly Finding[]
  causes: readonly Cause[]
  checks: readonly Check[]
}
