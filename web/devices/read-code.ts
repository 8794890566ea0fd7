import { pixelsOf } from '../data/pixels.ts'
import { inWorker } from '../workers/in-worker.ts'

const readIn = inWorker<[ImageData], string | null>(
  () => new Worker(new URL('../workers/read-code.ts', import.meta.url), { type: 'module' }),
)
/** A code is found as well on a smaller picture, and sooner. */
const widest = 1200

/** The text of the square code on a photo or in a moving picture, or null when none is seen. Works in a worker. */
export async function readCode(source: Blob | HTMLVideoElement): Promise<string | null> {
  return readIn(await pixelsOf(source, widest, document.createElement('canvas')))
}
