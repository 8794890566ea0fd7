import type { Photo } from '@dialytica/core/log'
import { useLocalStorage } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, reactive, ref, shallowRef } from 'vue'
import { takePhoto } from '../data/take-photo.ts'
import type { Errand, ErrandKind, Shot } from '../devices/camera.ts'
import { readCode } from '../devices/read-code.ts'
import { useJob } from './job.ts'
import { useOutbox } from './outbox.ts'
import { useSession } from './session.ts'

/**
 * Where every photo comes from. Who works in a shop gets the camera of the device, a file or a folder; a person of the demo gets the
 * simulated camera, unless they chose the device's.
 */
export const useCamera = defineStore('camera', () => {
  const session = useSession()
  const isDemo = computed(() => Boolean(session.person?.demo))
  const chosen = useLocalStorage<'simulated' | 'device'>('camera', 'simulated')
  const simulated = computed(() => isDemo.value && chosen.value === 'simulated')
  /** The errand for which the camera stands open. */
  const errand = shallowRef<Errand | null>(null)
  /** How many shots of each kind are on their way, and what was wrong with the last one. */
  const under = reactive<Partial<Record<ErrandKind, number>>>({})
  const wrong = reactive<Partial<Record<ErrandKind, string>>>({})
  const shots = ref(0)

  const isBusy = (...kinds: ErrandKind[]) => kinds.some(k => (under[k] ?? 0) > 0)
  const problem = (...kinds: ErrandKind[]) => kinds.flatMap(k => wrong[k] ?? [])[0] ?? ''

  /** A photo is wanted: the simulated camera takes it at once, any other is opened. */
  function ask(of: Errand): void {
    delete wrong[of.kind]
    if (!simulated.value) errand.value = of
    else if (!isBusy(of.kind)) void bring(of, simulate(of))
  }
  async function simulate(of: Errand): Promise<Shot> {
    const view = await of.simulated()
    if (!view) throw new Error('The simulated camera has nothing before it: choose a file, or type it.')
    const { simulatedCamera } = await import('../devices/simulated-camera.ts')
    return simulatedCamera.take(view)
  }

  /** Keeps a photo for who took it and the job that stands open; it goes up at once. */
  async function keep(blob: Blob, by = session.person?.id ?? '', at?: Date): Promise<Photo> {
    const photo = await takePhoto(blob, by, useJob().id ?? undefined, at)
    useOutbox().photoKept()
    return photo
  }
  async function takeIn(of: Errand, { blob, stand }: Shot, by: string): Promise<void> {
    if (of.read) {
      const text = await readCode(blob).catch(() => null)
      if (!text) throw new Error('No code is seen: hold it flat, with light from the side.')
      await of.read(text)
      return
    }
    const photo = await keep(blob, by)
    await of.keep(stand ? { ...photo, stand } : photo, blob)
    shots.value += 1
  }

  /** One shot on its errand, in the order in which it was taken; what goes wrong is said for its kind. */
  let line: Promise<unknown> = Promise.resolve()
  function bring(of: Errand, coming: Blob | Shot | Promise<Blob | Shot>): Promise<void> {
    const { kind } = of
    // Whoever works here when it is taken: it goes up as theirs.
    const by = session.person?.id ?? ''
    under[kind] = (under[kind] ?? 0) + 1
    delete wrong[kind]
    const shot = Promise.resolve(coming).then(of => (of instanceof Blob ? { blob: of } : of))
    // It may fail before its turn comes.
    shot.catch(() => undefined)
    const turn = line.then(async () => {
      try {
        await takeIn(of, await shot, by)
      } catch (error) {
        wrong[kind] = (error as Error).message
      } finally {
        under[kind] = (under[kind] ?? 1) - 1
      }
    })
    line = turn
    return turn
  }
  const leave = () => (errand.value = null)
  /** The camera of the device from now on, and open for this errand. */
  function useDevice(of: Errand): void {
    chosen.value = 'device'
    ask(of)
  }
  /** The simulated camera from now on, in the demo. */
  function useSimulated(): void {
    const of = errand.value
    chosen.value = 'simulated'
    leave()
    if (of) ask(of)
  }
  return { isDemo, simulated, errand, shots, isBusy, problem, keep, ask, bring, leave, useDevice, useSimulated }
})
