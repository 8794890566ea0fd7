import { ref } from 'vue'

/** A photo as this product keeps it until it is sent, in bytes: our own estimate. */
const photo = 3_000_000
/** So many photos before the room is out it is said. */
const few = 60

/** How many more photos this device has room for; null while that is not known or not near. */
export const roomLeft = ref<number | null>(null)

/** Looks how much room is left. */
export async function lookForRoom(): Promise<void> {
  const { quota, usage } = (await globalThis.navigator?.storage?.estimate?.().catch(() => undefined)) ?? {}
  if (quota === undefined || usage === undefined) return
  const left = Math.floor((quota - usage) / photo)
  roomLeft.value = left < few ? Math.max(0, left) : null
}

let asked = false
/** Asks the browser, once, not to clear what is kept here by itself. */
export async function askToPersist(): Promise<void> {
  if (asked) return
  asked = true
  await globalThis.navigator?.storage?.persist?.().catch(() => false)
}

/** True when something could not be kept because the device is full. */
export const isFull = (error: unknown): boolean => {
  const { name, inner } = (error ?? {}) as { name?: string; inner?: { name?: string } }
  return name === 'QuotaExceededError' || inner?.name === 'QuotaExceededError'
}
