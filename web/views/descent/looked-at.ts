import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { useDraft } from '../../stores/draft.ts'
import { useJob } from '../../stores/job.ts'
import { useMarking } from '../../stores/marking.ts'
import { toStep } from '../../ways.ts'

/** An earlier step is looked at when the address names it; else the step in hand. */
export function useLookedAt() {
  const job = useJob()
  const draft = useDraft()
  const marking = useMarking()
  const route = useRoute()
  const router = useRouter()
  const looked = computed(() => {
    const id = route.query.step
    return typeof id === 'string' ? job.state.steps.get(id) : undefined
  })
  const chosen = ref<string | null>(null)
  watch(looked, () => (chosen.value = null))
  const step = computed(() => looked.value ?? draft.step)
  const photo = computed(() =>
    looked.value
      ? (looked.value.photos.find(p => p.hash === chosen.value) ?? looked.value.photos.at(-1))
      : marking.shot,
  )
  /** Where it stands in the descent: 1 is the first. */
  const number = computed(() => {
    const { order } = job.state
    const of = looked.value?.id ?? draft.amends ?? draft.before
    return of ? order.indexOf(of) + 1 : order.size + 1
  })
  const at = computed(() => {
    const of = looked.value?.id ?? draft.amends
    return of ? { step: of, way: 'down' as const } : undefined
  })
  const go = (id: string | undefined) => void router.replace(toStep(id))
  const leave = () => go(undefined)
  function back(): void {
    const { order } = job.state
    const here = looked.value ? order.indexOf(looked.value.id) : order.size
    if (here > 0) go(order.get(here - 1))
  }
  const forth = () => looked.value && go(job.state.order.get(job.state.order.indexOf(looked.value.id) + 1))
  const show = (hash: string) => void (chosen.value = hash)
  return { looked, step, photo, number, at, leave, back, forth, show }
}
