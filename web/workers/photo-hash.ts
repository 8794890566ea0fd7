import { hashOf } from '../data/hash.ts'

/** Hashes a photo off the main thread. */
self.addEventListener('message', async ({ data: { id, bytes } }: MessageEvent<{ id: number; bytes: ArrayBuffer }>) => {
  self.postMessage({ id, answer: await hashOf(bytes) })
})
