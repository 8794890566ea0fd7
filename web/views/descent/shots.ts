import { ref, type Ref } from 'vue'
import { viewOf } from '../../devices/away.ts'
import { simulatedCamera } from '../../devices/simulated-camera.ts'
import { useShot } from '../../devices/use-shot.ts'
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
  const framing = ref(false)
  let replaces = false
  let shows: (Region & { photo: string }) | null = null

  const { busy, problem, take } = useShot(taken => {
    if (replaces) draft.clearer(taken)
    else draft.addPhoto(shows ? { ...taken, closeUpOf: shows } : taken)
    replaces = false
    shows = null
  })
  function simulate(): void {
    if (fixed.value || busy.value) return
    const view = viewOf(job.state, job.family, draft.step.zone, draft.step)
    void take(simulatedCamera.take({ ...view, ...(shows && { region: shows }) }))
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
  return { busy, problem, framing, keep: take, simulate, clearer, frame }
}
