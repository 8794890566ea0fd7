import type { Photo } from '@dialytica/core/log'
import { computed, ref, type Ref } from 'vue'
import type { Errand, ErrandKind, View } from '../../devices/camera.ts'
import { useCamera } from '../../stores/camera.ts'
import { useDraft } from '../../stores/draft.ts'
import { useJob } from '../../stores/job.ts'
import { useMarking } from '../../stores/marking.ts'

interface Region {
  x: number
  y: number
  width: number
  height: number
}
const kinds: ErrandKind[] = ['step', 'clearer', 'close-up']

/** Photos of the step in hand: one more, a clearer one in the place of another, a close-up of a framed region. */
export function useShots(fixed: Ref<boolean>, letPhoneIn: () => (() => void) | undefined) {
  const job = useJob()
  const draft = useDraft()
  const marking = useMarking()
  const camera = useCamera()
  const framing = ref(false)
  const busy = computed(() => camera.isBusy(...kinds))
  const problem = computed(() => camera.problem(...kinds))

  /** An errand for the step that is in hand now. Should another be in hand when the photo comes, it is added to the recorded one. */
  function errand(kind: ErrandKind, words: string, keep: (photo: Photo) => void, more: Partial<View> = {}): Errand {
    const step = draft.step.id
    return {
      kind,
      words,
      many: kind === 'step',
      byPhone: letPhoneIn(),
      async simulated() {
        const { viewOf } = await import('../../devices/away.ts')
        return { ...viewOf(job.state, job.family, draft.step.zone, draft.step), ...more }
      },
      keep(photo) {
        if (draft.step.id === step) return keep(photo)
        const refusal = job.says('photo-added', { step, photo })
        if (refusal) throw new Error('The step that this photo was for is no longer in hand: take it again.')
      },
    }
  }
  const another = () => errand('step', 'Photograph the place as it is now.', marking.addPhoto)
  const shoot = () => {
    if (!fixed.value) camera.ask(another())
  }
  function clearer(): void {
    const old = marking.photo
    if (old && !fixed.value)
      camera.ask(errand('clearer', 'Photograph the same again, clearer.', photo => marking.clearer(old, photo)))
  }
  /** A region was framed on the photo of the stage: the next photo is its close-up. */
  function frame(region: Region): void {
    framing.value = false
    if (!marking.photo || region.width < 0.02 || region.height < 0.02) return
    const closeUpOf = { photo: marking.photo, ...region }
    const keep = (photo: Photo) => marking.addPhoto({ ...photo, closeUpOf })
    camera.ask(errand('close-up', 'Photograph what was framed, from near.', keep, { region }))
  }
  return { busy, problem, framing, another, shoot, clearer, frame }
}
