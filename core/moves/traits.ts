import type { Posture } from '../machine/postures.ts'

/** What a move does to the machine, for whoever plans, guards or shows it. What is left out, it does not do. */
export interface Traits {
  /** It holds what its place names, until it is undone. */
  fastens?: true
  /** The part that comes away with it, by name. */
  part?: string
  /** The part that is new on the machine by it, by name. */
  renews?: string
  /** Zones that open when it is done and close when it is undone. */
  opens?: readonly string[]
  /** Water stands behind it: it is closed before water comes on. */
  wet?: true
  /** What is isolated by it. */
  isolates?: string
  /** What comes on again when it is undone. */
  restores?: 'water' | 'power'
  /** How the machine stands before and after. */
  turns?: { from: Posture; to: Posture }
  /** The machine is away from its wall until it is undone. */
  wall?: true
  /** It is in the machine for a time and must be counted out. */
  temporary?: true
  /** When the machine is turned it falls or swings; or it keeps what is near it from doing so. */
  whenTurned?: 'falls' | 'swings' | 'holds'
  /** The tub is empty afterwards. */
  drains?: true
  /** It is done to the machine as a whole: there is no place of it to be photographed. */
  unseen?: true
}
