import { say } from '../words/phrase.ts'
import { measured } from './meter.ts'
import type { Typed } from './typed.ts'
import { figures, type Verdict } from './verdict.ts'

/** What needs neither sheet nor plate: that a part is open, or has fewer ohms across it than any that is sound; undefined where it is neither. */
export function openOrShorted(across: Typed, least: number): Verdict | undefined {
  const seen = measured(across)
  if (across.value === Infinity)
    return { says: 'bad', because: say`It is open`, formula: 'OL across it', measured: seen }
  if (seen.high >= least) return undefined
  return { says: 'bad', because: say`It is shorted`, formula: `${figures(across.value)} Ω across it`, measured: seen }
}
