import type { Trial } from '@dialytica/core/proof'
import { useTimestamp } from '@vueuse/core'
import { computed, ref, watch, type ComputedRef } from 'vue'

/** The wait of a trial: it counts from when somebody says that he looks, and begins anew with each entry. */
export function useLooking(trial: ComputedRef<Trial | undefined>, key: ComputedRef<string | undefined>) {
  const now = useTimestamp({ interval: 200 })
  const from = ref<number | null>(null)
  watch(key, () => (from.value = null))
  /** Seconds that are still to be looked. */
  const toLook = computed(() => {
    const { wait } = trial.value ?? {}
    if (!wait) return 0
    return from.value === null ? wait : Math.max(0, Math.ceil(wait - (now.value - from.value) / 1000))
  })
  const isLooking = computed(() => from.value !== null)
  const look = () => void (from.value = now.value = Date.now())
  return { toLook, isLooking, look }
}
