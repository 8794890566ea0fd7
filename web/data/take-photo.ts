import type { Photo } from '@dialytica/core/log'
import { transfer } from 'comlink'
import { inWorker } from '../workers/in-worker.ts'
import { timeNow } from './clock.ts'
import { remember } from './photo-url.ts'
import { keepShot } from './waiting.ts'
import { isFull, lookForRoom } from './room.ts'

const hashIn = inWorker<[ArrayBuffer], string>(
  () => new Worker(new URL('../workers/photo-hash.ts', import.meta.url), { type: 'module' }),
)

/** The SHA-256 of a blob, computed in a worker. */
async function hashInWorker(blob: Blob): Promise<string> {
  const bytes = await blob.arrayBuffer()
  return hashIn(transfer(bytes, [bytes]))
}

/** When a picture was taken, as far as it says itself: a file knows when it was written. */
const takenAt = (blob: Blob) => new Date(blob instanceof File && blob.lastModified ? blob.lastModified : timeNow())

/** The diagonal of the film to which cameras compare their lenses (36 by 24 mm). */
const film = Math.hypot(36, 24)
/** The focal length of the lens in widths of the picture, where the camera wrote it into the file. */
async function lensOf(blob: Blob, width: number, height: number): Promise<number | undefined> {
  const { default: exifr } = await import('exifr')
  const tags = (await exifr.parse(blob, ['FocalLengthIn35mmFormat']).catch(() => null)) as {
    FocalLengthIn35mmFormat?: number
  } | null
  const mm = tags?.FocalLengthIn35mmFormat
  const lens = mm && (mm / film) * (Math.hypot(width, height) / width)
  return lens && lens > 0.2 && lens < 20 ? lens : undefined
}

/** Keeps a photo on this device for who took it, and for the job that stands open, and says how it is known. Throws with what to do when the picture cannot be read. */
export async function takePhoto(blob: Blob, actor: string, job?: string, at = takenAt(blob)): Promise<Photo> {
  const bitmap = await createImageBitmap(blob).catch(() => {
    throw new Error('This is not a picture that can be shown: choose a JPEG, PNG or WebP.')
  })
  const { width, height } = bitmap
  bitmap.close()
  const hash = await hashInWorker(blob)
  await keepShot({ hash, actor, blob, bytes: blob.size, ...(job && { job }) }).catch((error: unknown) => {
    if (!isFull(error)) throw error
    throw new Error(
      'This device is full: the photo was not kept. Let what waits go up, or free room on the device, then take it again.',
    )
  })
  remember(hash, blob)
  void lookForRoom()
  const lens = await lensOf(blob, width, height)
  return { hash, width, height, takenAt: at.toISOString(), ...(lens && { lens }) }
}
