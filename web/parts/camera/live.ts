import { useIntervalFn } from '@vueuse/core'
import { nextTick, onBeforeUnmount, ref, shallowRef, type Ref } from 'vue'
import type { Camera } from '../../devices/camera.ts'
import { openCamera } from '../../devices/device-camera.ts'
import { readCode } from '../../devices/read-code.ts'

/** The camera of this device while it runs, shown in `video`: its light, its release, the code before it, and why it was refused. */
export function useLive(video: Ref<HTMLVideoElement | null>) {
  const live = shallowRef<Camera | null>(null)
  const lit = ref(false)
  const refused = ref('')

  /** Which opening is the last one: an earlier one that comes late is shut again. */
  let opening = 0
  async function open(lens?: string): Promise<void> {
    shut()
    refused.value = ''
    const mine = (opening += 1)
    try {
      const opened = await openCamera(lens)
      if (mine !== opening) return opened.close()
      live.value = opened
      await nextTick()
      if (video.value) video.value.srcObject = opened.stream
    } catch (error) {
      refused.value = (error as Error).message
    }
  }
  function shut(): void {
    opening += 1
    live.value?.close()
    live.value = null
    lit.value = false
  }
  onBeforeUnmount(shut)

  async function light(): Promise<void> {
    await live.value?.torch?.(!lit.value).then(
      () => (lit.value = !lit.value),
      () => (refused.value = 'The light of this lens cannot be switched.'),
    )
  }
  /** One release is one picture, however often the pedal bounces. */
  let released = false
  async function shoot(take: (picture: Promise<Blob>) => void): Promise<void> {
    if (!live.value || released) return
    released = true
    const picture = live.value.shoot()
    take(picture)
    await picture.catch(() => undefined)
    released = false
  }
  /** Looks for a code in the moving picture, again and again, and tells the first one that is seen while `wanted`. */
  function lookForCodes(wanted: () => boolean, seen: (text: string) => void): void {
    let reading = false
    useIntervalFn(() => void look(), 400)
    async function look(): Promise<void> {
      if (!wanted() || !live.value || !video.value?.videoWidth || reading) return
      reading = true
      const text = await readCode(video.value).catch(() => null)
      reading = false
      if (text && wanted()) seen(text)
    }
  }
  return { live, lit, refused, open, shut, light, shoot, lookForCodes }
}
