import type { Glyph } from '@dialytica/core/items'
import type { Dice } from '@dialytica/core/test/dice.ts'
import type { Place } from '../camera/lines.ts'
import type { Layer } from './photograph.ts'

/** What was put back wrongly. */
export const faultKinds = ['wrong side', 'open plug', 'missing clip', 'missing screw'] as const
export type FaultKind = (typeof faultKinds)[number]

/** One thing of a place as it can be drawn: as it was, as it is when it was put back right, and as it is when it was not. */
export interface Drawable {
  height: number
  /** Where the record marks it, when it is a thing that is undone. */
  at?: Place
  glyph: Glyph
  /** `again` is where the thing was put back: screws end at another angle, lines lie a little otherwise. */
  right(again: Dice | null): string
  wrong?: { kind: FaultKind; draw(again: Dice | null): string }
}

/** A place of a machine for trial photos; `taps` are four places on it that a finger finds again. */
export interface TrialPlace {
  id: string
  things: readonly Drawable[]
  taps: readonly [Place, Place, Place, Place]
}

/** The things of a place as layers; the thing at `wrong` is drawn as it must not be. */
export function layersOf(place: TrialPlace, again: Dice | null, wrong?: Drawable): Layer[] {
  const layers: Layer[] = []
  for (const thing of place.things) {
    const svg = thing === wrong ? thing.wrong!.draw(again) : thing.right(again)
    const last = layers.at(-1)
    if (last?.height === thing.height) last.svg += svg
    else layers.push({ height: thing.height, svg })
  }
  return layers
}
