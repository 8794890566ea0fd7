import { planReturn, type Family, type Found, type Instance, type JobState } from '@dialytica/core'
import { computed, shallowRef, watch, type Ref } from 'vue'
import { ask } from '../workers/ask.ts'

let worker: Worker | null = null
const planWorker = () =>
  (worker ??= new Worker(new URL('../workers/plan-return.ts', import.meta.url), { type: 'module' }))

/** The plan of a return: at once as well as a short search finds it; where that did not prove it best, a longer one in a worker goes on. */
export function usePlanned(state: Ref<JobState>, family: Ref<Family>) {
  const quick = computed(() => planReturn(state.value, family.value))
  const longer = shallowRef<{ key: string; found: Found } | null>(null)
  const key = (on: Instance | null) => (on ? JSON.stringify(on) : '')
  const asked = computed(() => (quick.value.proven ? '' : key(quick.value.on)))
  watch(
    asked,
    async now => {
      if (!now || typeof Worker === 'undefined') return
      const found = await ask<Found>(planWorker(), { on: quick.value.on! }).catch(() => null)
      if (found && asked.value === now) longer.value = { key: now, found }
    },
    { immediate: true },
  )
  return computed(() => {
    const { key: known, found } = longer.value ?? {}
    return found && known === asked.value ? planReturn(state.value, family.value, () => found) : quick.value
  })
}
