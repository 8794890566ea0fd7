import { readTyped } from '../readings/typed.ts'
import { say, type Phrase } from '../words/phrase.ts'
import { adapt, harmless, no, same, type Judged } from './judged.ts'
import { isProblem, rule, type Problem, type Rule } from './rule.ts'

const mm = (n: number) => `${Math.round(n * 100) / 100} mm`

/** A length in mm. */
function length(text: string): number | Problem {
  const read = readTyped(text, 'length')
  return 'problem' in read ? read : Number.isFinite(read.value) ? read.value : { problem: 'Type a length, like 52 mm.' }
}
/** A length that is judged by how much the new one is over the old one, in mm. */
const byDifference = (judge: (over: number, old: number) => Judged): Rule =>
  rule({ as: 'length' }, length, (old, fresh) => judge(fresh - old, old))
const within = (over: number, tolerance: number) => Math.abs(over) <= tolerance + 1e-9
const off = (over: number): Phrase =>
  over > 0 ? say`the new one has ${mm(over)} more` : say`the new one has ${mm(-over)} less`

/** It must be the same within so many mm, else it does not go on. */
export const exact = (tolerance: number, why: Phrase): Rule =>
  byDifference(over => (within(over, tolerance) ? same : no(say`${off(over)}: ${why}`)))

/** A neck for a hose: rubber takes a little, a clamp does not take much. */
export const neck: Rule = byDifference(over =>
  within(over, 0.7)
    ? same
    : within(over, 1.2)
      ? harmless(say`${off(over)}: the hose takes that`)
      : no(say`${off(over)}: the hose leaks or does not go on`),
)

/** How far a neck stands out: what is too long is taken from the hose. */
export const neckLength: Rule = byDifference(over =>
  within(over, 2)
    ? same
    : over > 0
      ? adapt(off(over), 'work', say`shorten the hose by ${mm(over)}, and try it on dry`)
      : over >= -8
        ? adapt(off(over), 'work', say`push the hose on by ${mm(-over)} more; the clamp sits behind the bead`)
        : no(say`${off(over)}: the clamp does not hold on it`),
)

/** A lead: what is over is tied up, what is a little short goes a shorter way. It is never lengthened. */
export const lead: Rule = byDifference((over, old) =>
  within(over, 10)
    ? same
    : over > 0
      ? adapt(off(over), 'tie', say`tie up ${mm(over)} of the lead, clear of what turns and of the heater`)
      : -over <= 0.15 * old
        ? adapt(off(over), 'route', say`lay the lead a shorter way; it must not pull`)
        : no(say`${off(over)}: it does not reach, and a lead is not lengthened here`),
)

/** A hose: it may be cut or laid in a loop, never stretched. */
export const hose: Rule = byDifference((over, old) =>
  within(over, Math.max(10, 0.02 * old))
    ? same
    : over > 0
      ? adapt(off(over), 'work', say`cut the hose by ${mm(over)}, or lay it in a loop that cannot kink`)
      : no(say`${off(over)}: it would be pulled off its neck`),
)

/** The width or the thickness of a carbon brush in its holder. */
export const brush: Rule = byDifference(over =>
  within(over, 0.1)
    ? same
    : over > 0.4
      ? no(say`${off(over)}: it does not go into its holder`)
      : over > 0
        ? adapt(off(over), 'work', say`skim the brush on a flat sheet of abrasive until it slides by its own weight`)
        : no(say`${off(over)}: it tilts in its holder and sparks`),
)
/** How long a brush is: the old one is worn. */
export const brushLength: Rule = byDifference(over =>
  within(over, 0.5)
    ? same
    : over > 0
      ? harmless(say`the old one is worn`)
      : no(say`${off(over)}: it is more worn than the old one`),
)

/** An element in its sump: a shorter one of the same watts reaches less far, a longer one touches the drum. */
export const elementLength: Rule = byDifference(over =>
  within(over, 5)
    ? same
    : over < 0
      ? harmless(say`${off(over)}, with the same watts`)
      : no(say`${off(over)}: it can touch the drum`),
)

/** The length of a belt, within a hundredth. */
export const belt: Rule = byDifference((over, old) =>
  within(over, 0.01 * old) ? same : no(say`${off(over)}: ${over > 0 ? say`it slips` : say`it loads the bearings`}`),
)

/** One of several that a kit holds must be the old one: several lengths, with `or`, a comma or a stroke between them. */
export const oneOfKit = rule(
  { as: 'length' },
  (text): number[] | Problem => {
    const all = text.split(/\s*(?:,\s|\s\/\s|\bor\b|\band\b)\s*/).map(length)
    return all.find(isProblem) ?? (all as number[])
  },
  (old, fresh) => {
    const right = fresh.filter(f => old.some(o => within(f - o, 0.3)))
    if (right.length === 0) return no(say`none of the new ones has ${old.map(mm).join(', ')}`)
    if (right.length === fresh.length) return same
    return adapt(say`the kit holds more than one`, 'work', say`take the one of ${mm(right[0]!)}; put the other aside`)
  },
)
