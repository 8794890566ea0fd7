import type { Caution } from '../../words/cautions.ts'
import type { Builds, Cause, Check, Setting, Station } from '../model.ts'

/** The builds and settings of a row, in one word each. */
export const [both, front, top] = ['both', 'front-loader', 'top-loader'] as const
export const [asIs, power, out, panel] = ['as it stands', 'with power', 'plug out', 'panel off'] as const

type CauseRow = [
  id: string,
  part: string,
  builds: Builds,
  weight: number,
  price: number,
  minutes: number,
  shows: Record<string, number>,
  why: string,
]
type CheckRow = [
  id: string,
  builds: Builds,
  minutes: number,
  setting: Setting,
  byHand: boolean,
  tells: Record<string, number>,
  why: string,
  caution?: Caution,
  strays?: number,
  at?: string,
]

/** Causes of a station, a row each. */
export const causesOf = (station: Station, rows: readonly CauseRow[]): Cause[] =>
  rows.map(([id, part, builds, weight, price, minutes, shows, why]) => ({
    id,
    part,
    station,
    builds,
    weight,
    price,
    minutes,
    shows,
    why,
  }))

/** Checks, a row each; one in some thirty is not as it should be without a reason where its row does not say otherwise. */
export const checksOf = (rows: readonly CheckRow[]): Check[] =>
  rows.map(([id, builds, minutes, setting, byHand, tells, why, caution, strays = 0.03, at]) => ({
    id,
    builds,
    minutes,
    setting,
    byHand,
    tells,
    why,
    caution,
    strays,
    at,
  }))
