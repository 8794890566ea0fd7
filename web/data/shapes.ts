import type { Family, Step, Summary } from '@dialytica/core'

/** What the server says of people and machines. */
export interface Person {
  id: string
  shopId: string
  login: string
  name: string
  role: 'viewer' | 'technician' | 'lead'
  shop: string
  timeZone: string
  /** The one job that this device has joined by a code. */
  joined: string | null
  /** True for a person of the demo: their cameras and scanners are simulated. */
  demo: boolean
}
/** The step in hand of some devices, as the server last took it. */
export interface HandSaid {
  hand: string
  version: number
  step: Step
}
export interface DemoAccount {
  login: string
  name: string
  role: string
  password: string
}
export interface Model {
  id: string
  maker: string
  code: string
  family: Family
  notes: string
}
export interface Unit {
  id: string
  modelId: string
  serial: string
  stands: string
  /** Year of make, where it is known. */
  made: number | null
}
export interface JobCard {
  id: string
  seq: number
  summary: Summary
  openedAt: string
  changedAt: string
  closedAt: string | null
  unit: { id: string; serial: string; stands: string; made: number | null }
  model: { id: string; maker: string; code: string; family: Family }
}
