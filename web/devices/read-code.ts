import { inWorker } from '../workers/in-worker.ts'

const readIn = inWorker<[ImageData], string | null>(
  () => new Worker(new URL('../workers/read-code.ts', import.meta.url), { type: 'module' }),
)
/** A code is found as well on a smaller picture, and sooner. */
const widest = 1200

/** The text of the square code on a photo or in a moving picture, or null when none is seen. Works in a worker. */
export async function readCode(source: Blob | HTMLVideoElement): Promise<string | null> {
  const bitmap = await createImageBitmap(source)
  const scale = Math.min(1, widest / bitmap.width)
  const canvas = document.createElement('canvas')
  canvas.width = Math.round(bitmap.width * scale)
  canvas.height = Math.round(bitmap.height * scale)
  const pen = canvas.getContext('2d', { willReadFrequently: true })!
  pen.drawImage(bitmap, 0, 0, canvas.width, canvas.height)
  bitmap.close()
  return readIn(pen.getImageData(0, 0, canvas.width, canvas.height))
}
