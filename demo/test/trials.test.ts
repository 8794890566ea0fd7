import { expect, it } from 'vitest'
import { madePlace } from './made-place.ts'
import { faultKinds } from './place.ts'
import { trialOf, tried } from './trial.ts'

/** Places that the bench does not use; the whole measure is the bench's (`then-and-now-found`). */
const seeds = [9001, 9002, 9003]

it.each(faultKinds)('%s: is found on photos from up to 15 degrees aside, in another light', async kind => {
  let [found, of] = [0, 0]
  // A missing screw is hard to see on a photo, and told by counting first: of more places, some.
  const isScrew = kind === 'missing screw'
  for (const seed of isScrew ? [...seeds, 9004, 9005, 9006] : seeds) {
    const trial = await trialOf(madePlace(seed), kind, seed)
    if (!trial) continue
    of += 1
    const told = await tried(trial)
    expect(told.laid).toBe(true)
    if (told.found) found += 1
  }
  expect(of).toBeGreaterThan(1)
  expect(found).toBeGreaterThanOrEqual(isScrew ? 2 : of - 1)
})

it('what was put back right is told of no more than once in three', async () => {
  let told = 0
  for (const seed of seeds) {
    const right = await tried((await trialOf(madePlace(seed), 'right', seed))!)
    expect(right.laid).toBe(true)
    if (right.told) told += 1
  }
  expect(told).toBeLessThanOrEqual(1)
})
