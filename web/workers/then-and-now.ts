import {
  compare,
  same,
  type Difference,
  type Homography,
  type Marked,
  type Picture,
} from '@dialytica/core/then-and-now'
import { expose } from 'comlink'
import { pixelsOf } from '../data/pixels.ts'

/** Photos are compared at most so wide, in pixels. */
const wide = 1600

/** The map from shares of then to shares of now, and where they differ; or why they cannot be laid over each other. */
export type LaidOver = { ok: true; map: Homography; differences: Difference[] } | { ok: false; problem: string }

async function read(address: string): Promise<Picture> {
  const reply = await fetch(address)
  if (!reply.ok) throw new Error('This photo is still on the device that took it.')
  const { width, height, data } = await pixelsOf(await reply.blob(), wide, new OffscreenCanvas(1, 1))
  return { width, height, data: data as Uint8ClampedArray }
}

/** Without a first map they are tried as they are: whoever photographs the same place twice may stand nearly the same. */
const enough = { share: 0.4, found: 40 }

/** Lays two photos over each other, off the thread of the hand; the photos by their addresses. */
expose(async (thenAt: string, nowAt: string, start: Homography | null, marks: readonly Marked[]): Promise<LaidOver> => {
  const [then, now] = [await read(thenAt), await read(nowAt)]
  const found = compare(then, now, start ?? same, marks)
  if (!found || (!start && (found.share < enough.share || found.found < enough.found)))
    return {
      ok: false,
      problem: start
        ? 'Too little is seen on both to lay them over each other: tap four other places, or photograph it again from where the first one was taken.'
        : 'Tap four places that both show.',
    }
  return { ok: true, map: found.map, differences: found.differences }
})
