import { addressOf, calls } from '@dialytica/core/wire'

/** The cache that the service worker answers photos from; the same name stands in `vite.config.ts`. */
const name = 'photos'
const address = (hash: string, size: 'stage' | 'thumb') => addressOf(calls.photo, { hash, size })

/** Keeps a photo at hand after the server has it, so that it is seen without the server too. */
export async function keepShown(hash: string, blob: Blob): Promise<void> {
  if (!('caches' in globalThis)) return
  const cache = await caches.open(name)
  for (const size of ['stage', 'thumb'] as const) await cache.put(address(hash, size), new Response(blob))
}

/** Brings photos to this device one after the other; stops at the first that does not come. */
export async function fetchShown(hashes: readonly string[]): Promise<void> {
  if (!('caches' in globalThis) || !navigator.serviceWorker?.controller) return
  const cache = await caches.open(name)
  for (const hash of hashes) {
    if (await cache.match(address(hash, 'stage'))) continue
    const came = await fetch(address(hash, 'stage')).catch(() => null)
    if (!came?.ok) return
    await fetch(address(hash, 'thumb')).catch(() => null)
  }
}

/** Forgets all photos that were kept to be shown. */
export const dropShown = async (): Promise<unknown> => ('caches' in globalThis ? caches.delete(name) : false)
