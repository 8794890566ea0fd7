import type { Summary } from './features.ts'
import { pairs } from './pairs.ts'

const ofAct = pairs((a, b) => `${a}:${b}`)
const then = pairs((a, b) => `${a}>${b}`)

/** Features that are the same for every kind of act: what speaks for a remark, whatever act it would be. */
export const ofAnyAct = (s: Summary): string[] => ['~act', ...s.remarks.map(name => ofAct('~a', name))]
/** Features that are the same for every kind: does the verb mean it, does the thing. */
export function ofReading(s: Summary, reading: string): string[] {
  if (reading === 'note' || reading === 'head') return [`~${reading}`]
  const found: string[] = []
  if (s.firstKinds.size) found.push(s.firstKinds.has(reading) ? '~first-noun' : '~not-first-noun')
  if (s.verbKinds.size) found.push(s.verbKinds.has(reading) ? '~verb' : '~other-verb')
  if (s.nounKinds.size) found.push(s.nounKinds.has(reading) ? '~noun' : '~other-noun')
  if (s.verbKinds.has(reading) && s.nounKinds.has(reading)) found.push('~both')
  if (s.verbKinds.has(reading) && s.verbKinds.size === 1) found.push('~only-verb')
  return found
}
/** Both together, as they are learnt. */
export const shared = (s: Summary, reading: string): string[] =>
  reading === 'note' || reading === 'head' ? ofReading(s, reading) : [...ofAnyAct(s), ...ofReading(s, reading)]
/** The same of how a stretch goes on from what stands before it. */
export function following(s: Summary, reading: string, before: string | undefined): string[] {
  const pair = then(before ?? '', reading)
  if (reading === 'note' || reading === 'head')
    return before ? [pair, `~${reading}<${before === 'note' ? before : 'act'}`] : [pair]
  const found = [pair]
  if (s.bare) found.push(before === reading ? '~goes-on' : '~bare')
  if (before === reading) found.push('~same')
  return found
}
