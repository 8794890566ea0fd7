import type { StepState } from '../log/state.ts'
import type { Photo } from '../log/step.ts'
import type { Gate } from './gates.ts'
import type { ReturnStep } from './mirror.ts'

/** A place behind a gate as it was before anything there was touched: the first step there that has a photo, and that photo. */
export interface AsItWas {
  zone: string
  step: StepState
  number: number
  photo: Photo
}

/**
 * What to hold against the machine before a gate hides it: of each zone behind it the first photo that was taken there. Zones in the
 * order in which they were opened.
 */
export function asItWasBehind({ hides }: Pick<Gate, 'hides'>, plan: readonly ReturnStep[]): AsItWas[] {
  const behind = plan.filter(r => hides.includes(r.step.id)).sort((a, b) => a.number - b.number)
  const zones = new Map<string, AsItWas>()
  for (const { step, number } of behind) {
    const { zone } = step
    const [photo] = step.photos
    if (photo && zone && !zones.has(zone)) zones.set(zone, { zone, step, number, photo })
  }
  return [...zones.values()]
}
