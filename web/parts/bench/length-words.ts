import type { KnownThing, Measured, ToScale, longerBy } from '@dialytica/core/side-by-side'

type Unit = ToScale['unit']
const lengthsOf: Record<KnownThing, string> = { coin: 'coins', card: 'cards', length: 'of that length' }

/** A length on one photo, with what it may be off; in lengths of the known thing where nobody knows its size. */
export function lengthSays(m: Measured | null, unit: Unit, thing: KnownThing): string {
  if (!m) return '…'
  if (!m.told) return 'cannot tell: nearer to the card, straighter from above'
  return unit === 'mm'
    ? `${m.mm.toFixed(1)} ± ${m.off.toFixed(1)} mm`
    : `${m.mm.toFixed(2)} ± ${m.off.toFixed(2)} ${lengthsOf[thing]}`
}

/** By how much the new one is longer: in mm, or in the hundred where the size of what is known is not. */
export function overSays(over: ReturnType<typeof longerBy>, old: Measured, unit: Unit): string {
  if (over.says === 'cannot tell') return ''
  if (over.says === 'same') return 'no difference that shows'
  const sign = over.mm > 0 ? '+' : '−'
  const by = Math.abs(over.mm)
  return unit === 'mm' ? `${sign}${by.toFixed(1)} mm` : `${sign}${((by / old.mm) * 100).toFixed(1)} %`
}
