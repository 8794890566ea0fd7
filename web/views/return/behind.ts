import { asItWasBehind, type Gate } from '@dialytica/core/plan'
import { computed, ref, watch, type ComputedRef } from 'vue'
import { useJob } from '../../stores/job.ts'

/** What lies behind the gate of the step in hand, as it was: one of these photos can lie on the stage, to be held against now. */
export function useBehind(gate: ComputedRef<Gate | undefined>, index: ComputedRef<number>) {
  const job = useJob()
  const behind = computed(() =>
    gate.value && gate.value.at === index.value ? asItWasBehind(gate.value, job.plan) : [],
  )
  const asked = ref<string>()
  watch(
    () => gate.value?.step,
    () => (asked.value = undefined),
  )
  const inside = computed(() => behind.value.find(b => b.step.id === asked.value))
  const laid = computed(
    () =>
      inside.value && {
        photo: inside.value.photo,
        marks: inside.value.step.marks,
        title: `Behind it, as it was, step ${inside.value.number}`,
      },
  )
  /** Lays the photo of a step behind the gate on the stage; once more, and the step in hand is back. */
  const look = (step: string) => (asked.value = asked.value === step ? undefined : step)
  return { behind, inside, laid, look }
}
