import type { Photo } from '@dialytica/core'
import { local } from './local.ts'
import { remember } from './photo-url.ts'

let worker: Worker | undefined
let asked = 0

/** The SHA-256 of a blob, computed in a worker. */
async function hashInWorker(blob: Blob): Promise<string> {
  worker ??= new Worker(new URL('../workers/photo-hash.ts', import.meta.url), { type: 'module' })
  const at = worker
  const id = ++asked
  const bytes = await blob.arrayBuffer()
  return new Promise((done, fail) => {
    const hear = ({ data }: MessageEvent<{ id: number; hash: string }>) => {
      if (data.id !== id) return
      at.removeEventListener('message', hear)
      done(data.hash)
    }
    at.addEventListener('message', hear)
    at.addEventListener('error', () => fail(new Error('The photo could not be read: take it again.')), { once: true })
    at.postMessage({ id, bytes }, [bytes])
  })
}

/** Keeps a photo on this device and says how it is known. Throws with what to do when the picture cannot be read. */
export async function takePhoto(blob: Blob, now = new Date()): Promise<Photo> {
  const bitmap = await createImageBitmap(blob).catch(() => {
    throw new Error('This is not a picture that can be shown: choose a JPEG, PNG or WebP.')
  })
  const { width, height } = bitmap
  bitmap.close()
  const hash = await hashInWorker(blob)
  await local.photos.put({ hash, blob })
  remember(hash, blob)
  return { hash, width, height, takenAt: now.toISOString() }
}
