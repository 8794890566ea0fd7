import type { Picture } from '@dialytica/core/then-and-now'
import { pixelsOf } from '../data/pixels.ts'

/** Photos are looked at at most so wide, in pixels. */
const wide = 1600

/** The pixels of a photo by its address, in a worker. Throws with what to do where it cannot be had. */
export async function readPhoto(address: string): Promise<Picture> {
  const reply = await fetch(address)
  if (!reply.ok) throw new Error('This photo is still on the device that took it.')
  const { width, height, data } = await pixelsOf(await reply.blob(), wide, new OffscreenCanvas(1, 1))
  return { width, height, data: data as Uint8ClampedArray }
}
