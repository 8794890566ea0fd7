import type { Phrase } from './phrase.ts'

/** The usual cautions, each with what can happen and what to do. Local codes and licensed practice have the last word. */
export const cautions = {
  mains: 'Mains can kill. Pull the plug and check that the machine is dead before you touch a terminal.',
  capacitor: 'A capacitor holds its charge after the plug is out. Discharge it through a resistor, then measure.',
  water: 'Hoses and tub hold water under pressure. Close the taps, ease a joint slowly, keep a tray under it.',
  heavy: 'This can crush a foot or a hand. Lift with a second person and support it before the last fastener.',
  sharp: 'Sheet metal edges cut. Wear gloves and keep fingers out of the seam.',
  spring: 'A spring under load can fly. Hook it with a puller and keep your face out of its line.',
  magnet: 'Strong magnets pinch fingers and pull tools. Hold by the rim and keep steel away.',
  hot: 'This may still be hot. Let it cool or test it with the back of the hand first.',
  tip: 'A tipped machine can fall on you. Prop it on a block before you reach under it.',
  glass: 'Door glass breaks when it stands on its edge. Lay it flat on a towel.',
} as const

export type Caution = keyof typeof cautions

/** A caution, to be said. */
export const warn = (of: Caution): Phrase => ({ say: cautions[of] })
