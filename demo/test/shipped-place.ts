import type { Scene } from '../camera/scene.ts'
import type { Drawable, FaultKind, TrialPlace } from './place.ts'

const heights: Partial<Record<string, number>> = { line: 36, connector: 24, part: 40, fastener: 8, clip: 14, joint: 32 }
const wrongly: Partial<Record<string, FaultKind>> = {
  line: 'wrong side',
  connector: 'open plug',
  clip: 'missing clip',
  joint: 'missing clip',
  consumable: 'missing clip',
}

/** A place of the demo for trial photos: what the record can say is away is what can be put back wrongly. */
export function shippedPlace({ id, ground, things }: Scene): TrialPlace {
  const drawn = things.map((t): Drawable => {
    const kind = t.kind === 'line' && !t.path ? undefined : wrongly[t.kind]
    return {
      height: heights[t.kind] ?? 12,
      glyph: t.kind,
      ...(t.kind !== 'temporary' && t.at[0] >= 0 && { at: t.at }),
      right: () => t.paint(t.kind === 'temporary'),
      ...(kind && { wrong: { kind, draw: () => (kind === 'missing clip' ? '' : t.paint(true)) } }),
    }
  })
  return {
    id,
    things: [{ height: 0, glyph: 'mark', right: () => ground }, ...drawn],
    taps: [
      [200, 160],
      [1400, 160],
      [1400, 840],
      [200, 840],
    ],
  }
}
