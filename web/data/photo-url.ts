import { addressOf, calls } from '@dialytica/core/wire'
import { ref, watchEffect, type Ref } from 'vue'
import { local } from './local.ts'

const urls = new Map<string, string>()

/** Keeps a photo that was just taken at hand, so that it is seen at once. */
export function remember(hash: string, blob: Blob): void {
  if (!urls.has(hash)) urls.set(hash, URL.createObjectURL(blob))
}

/** The address of a photo: from this device while it waits here, else from the server. */
export async function photoUrl(hash: string, size: 'stage' | 'thumb' | 'full'): Promise<string> {
  const near = urls.get(hash)
  if (near) return near
  const waiting = await local.shots
    .where('hash')
    .equals(hash)
    .first()
    .catch(() => undefined)
  if (waiting) remember(hash, waiting.blob)
  return urls.get(hash) ?? addressOf(calls.photo, { hash, size })
}

/** The address of a photo as a worker can fetch it. */
export const addressForWorker = async (hash: string): Promise<string> =>
  new URL(await photoUrl(hash, 'stage'), location.href).href

/** The address of the photo of a changing hash; empty while there is none. */
export function usePhotoUrl(hash: () => string | undefined, size: 'stage' | 'thumb'): Ref<string> {
  const url = ref('')
  watchEffect(() => {
    const wanted = hash()
    url.value = ''
    if (wanted) void photoUrl(wanted, size).then(found => (hash() === wanted ? (url.value = found) : undefined))
  })
  return url
}
