import { ref, type Ref } from 'vue'
import { takePhoto } from '../../data/take-photo.ts'
import { viewOf } from '../../devices/away.ts'
import { simulatedCamera } from '../../devices/simulated-camera.ts'
import { useDraft } from '../../stores/draft.ts'
import { useJob } from '../../stores/job.ts'

interface Region {
  x: number
  y: number
  width: number
  height: number
}

/** Photos of the step in hand: one more, a clearer one in the place of another, a close-up of a framed region. */
export function useShots(fixed: Ref<boolean>) {
  const job = useJob()
  const draft = useDraft()
  const busy = ref(false)
  const problem = ref('')
  const framing = ref(false)
  let replaces = false
  let shows: (Region & { photo: string }) | null = null

  async function keep(blob: Promise<Blob> | Blob): Promise<void> {
    busy.value = true
    problem.value = ''
    try {
      const taken = await takePhoto(await blob)
      if (replaces) draft.clearer(taken)
      else draft.addPhoto(shows ? { ...taken, closeUpOf: shows } : taken)
      replaces = false
      shows = null
    } catch (error) {
      problem.value = (error as Error).message
    } finally {
      busy.value = false
    }
  }
  function simulate(): void {
    if (fixed.value || busy.value) return
    const view = viewOf(job.state, job.family, draft.step.zone, draft.step)
    void keep(simulatedCamera.take({ ...view, ...(shows && { region: shows }) }))
  }
  function clearer(): void {
    replaces = true
    simulate()
  }
  /** A region was framed on the photo of the stage: the next photo is its close-up. */
  function frame(region: Region): void {
    framing.value = false
    if (!draft.photo || region.width < 0.02 || region.height < 0.02) return
    shows = { photo: draft.photo, ...region }
    simulate()
  }
  return { busy, problem, framing, keep, simulate, clearer, frame }
}
