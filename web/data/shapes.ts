import type { Family, Summary } from '@dialytica/core'

/** What the server says of people and machines. */
export interface Person {
  id: string
  login: string
  name: string
  role: 'viewer' | 'technician' | 'lead'
  shop: string
  timeZone: string
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
}
export interface JobCard {
  id: string
  seq: number
  summary: Summary
  openedAt: string
  changedAt: string
  closedAt: string | null
  unit: { id: string; serial: string; stands: string }
  model: { id: string; maker: string; code: string; family: Family }
}
