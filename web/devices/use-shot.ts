import type { Photo } from '@dialytica/core'
import { ref } from 'vue'
import { takePhoto } from '../data/take-photo.ts'

/** One photo at a time: kept on this device, handed to `keep`; `busy` while it is taken, `problem` where it was not. */
export function useShot(keep: (photo: Photo, blob: Blob) => unknown) {
  const busy = ref(false)
  const problem = ref('')
  async function take(blob: Promise<Blob> | Blob): Promise<void> {
    if (busy.value) return
    busy.value = true
    problem.value = ''
    try {
      const bytes = await blob
      await keep(await takePhoto(bytes), bytes)
    } catch (error) {
      problem.value = (error as Error).message
    } finally {
      busy.value = false
    }
  }
  return { busy, problem, take }
}
