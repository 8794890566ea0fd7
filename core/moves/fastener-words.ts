import type { Figure, Told } from '../grammar/grammar.ts'

/** Sizes of hexagon in mm that spanners come in; a lone figure among them is taken for one. */
const isSpanner = (mm: number) => mm >= 4 && mm <= 24

/** Figures beside fasteners: a length once the size is known, else a spanner or a length. */
export function figuresOfFasteners({ as, n }: Figure, told: Readonly<Record<string, unknown>>): Told | undefined {
  const sized = 'size' in told || 'thread' in told || 'drive' in told
  if (as === 'times' || sized) return { sets: { length: n }, certainty: 'likely' }
  if (as !== 'mm') return undefined
  return isSpanner(n)
    ? { sets: { size: `${n} mm`, drive: 'hex head' }, certainty: 'likely' }
    : { sets: { length: n }, certainty: 'likely' }
}

/** Colours of fasteners are how they look. */
export const colouredFasteners = (colours: readonly string[]): Told => ({
  sets: { look: colours.join('/') },
  certainty: 'likely',
})
