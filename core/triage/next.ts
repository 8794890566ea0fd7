import type { Family } from '../machine/families.ts'
import { badUnder, type Belief, type Evidence } from './belief.ts'
import type { Check, Setting, Table } from './model.ts'

/** Bits of what is not known yet: the entropy of the shares (Shannon 1948). */
const bits = (shares: readonly number[]): number =>
  -shares.reduce((sum, p) => (p > 0 ? sum + p * Math.log2(p) : sum), 0)

/** A check that may come next: how many bits it is expected to tell, and how many for a minute. */
export interface NextCheck {
  check: Check
  bits: number
  perMinute: number
  /** Minutes from how the machine stands now. */
  minutes: number
}

/** Minutes to bring the machine into a setting; what is open stays open. */
const opening: Record<Setting, number> = { 'as it stands': 0, 'with power': 0, 'plug out': 1, 'panel off': 6 }
/** What is told with power must be told before it is isolated: it is worth more now than after the panel is off. */
const beforePlug = 1.15

/** The checks that are not done yet, what tells most for a minute first. What has been opened for one check costs the next nothing. */
export function nextChecks({ checks }: Table, build: Family, held: readonly Belief[], evidence: Evidence): NextCheck[] {
  const done = new Set(evidence.checked.map(c => c.check))
  const settings = new Set(checks.filter(c => done.has(c.id)).map(c => c.setting))
  const now = bits(held.map(b => b.share))
  return checks
    .filter(c => (c.builds === 'both' || c.builds === build) && !done.has(c.id))
    .map(check => {
      const joint = held.map(b => b.share * badUnder(check, b.cause))
      const bad = joint.reduce((sum, p) => sum + p, 0)
      const after = (shares: readonly number[], of: number) => (of > 0 ? of * bits(shares.map(p => p / of)) : 0)
      const good = held.map((b, i) => b.share - joint[i]!)
      const told = Math.max(0, now - after(joint, bad) - after(good, 1 - bad))
      // A check with the panel off counts its minutes with the opening in them; once it is off the next one has that for nothing.
      const minutes = Math.max(1, check.minutes - (settings.has(check.setting) ? opening[check.setting] : 0))
      const early = check.setting === 'with power' && !settings.has('panel off') ? beforePlug : 1
      return { check, bits: told, perMinute: (told * early) / minutes, minutes }
    })
    .filter(n => n.bits > 1e-6)
    .sort((a, b) => b.perMinute - a.perMinute)
}
