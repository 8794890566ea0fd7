import { compare, homographyOf } from '@dialytica/core/then-and-now'
import { expect, it } from 'vitest'
import { madePlace } from './made-place.ts'
import { developed } from './photograph.ts'
import { faultKinds } from './place.ts'
import { trialOf } from './trial.ts'

/** Places that the bench does not use; the whole measure is the bench's (`then-and-now-found`). */
const seeds = [9001, 9002, 9003]

it.each(faultKinds)('%s: is found on photos from up to 15 degrees aside, in another light', async kind => {
  let [found, of] = [0, 0]
  for (const seed of seeds) {
    const trial = await trialOf(madePlace(seed), kind, seed)
    if (!trial) continue
    const shots = await trial.take()
    const pictures = [await developed(shots.then), await developed(shots.now)] as const
    const laid = compare(...pictures, homographyOf(trial.taps)!, trial.marks)!
    of += 1
    if (
      laid.differences.some(d =>
        trial.wrong.some(p => p.x > d.x && p.x < d.x + d.width && p.y > d.y && p.y < d.y + d.height),
      )
    )
      found += 1
  }
  expect(of).toBeGreaterThan(1)
  expect(of - found).toBeLessThanOrEqual(1)
})

it('what was put back right is told of no more than once in three', async () => {
  let told = 0
  for (const seed of seeds) {
    const trial = (await trialOf(madePlace(seed), 'right', seed))!
    const { then, now } = await trial.take()
    const laid = compare(await developed(then), await developed(now), homographyOf(trial.taps)!, trial.marks)!
    if (laid.differences.length) told += 1
  }
  expect(told).toBeLessThanOrEqual(1)
})
