import type { Photo } from '@dialytica/core/log'
import { alignTo, type ReturnStep } from '@dialytica/core/plan'
import { computed, ref, watch, type ComputedRef } from 'vue'
import type { ShownMark } from '../../parts/stage/shown-mark.ts'
import { useJob } from '../../stores/job.ts'

/** The marks that the step in hand is aligned to, and the photo of the one that lies on the stage instead of the step's own. */
export function useAligning(r: ComputedRef<ReturnStep | undefined>) {
  const job = useJob()
  const drawn = computed(() => (r.value ? alignTo(job.plan, r.value) : []))
  const aligning = ref<string>()
  watch(
    () => r.value?.step.id,
    () => (aligning.value = undefined),
  )
  const laid = computed<{ photo: Photo | undefined; marks: readonly ShownMark[]; title: string } | undefined>(() => {
    const mark = drawn.value.find(m => m.move === aligning.value)
    return (
      mark && {
        photo: mark.step.photos.at(-1),
        marks: mark.step.marks.filter(m => m.move === mark.move).map(m => ({ ...m, now: true })),
        title: mark.mark,
      }
    )
  })
  return { drawn, aligning, laid }
}
