import type { JobState } from '@dialytica/core/log'
import type { Family } from '@dialytica/core/machine'
import { costOf, noCost, planReturn, type Found, type Instance } from '@dialytica/core/plan'
import { computed, shallowRef, watch, type Ref } from 'vue'
import { inWorker } from '../workers/in-worker.ts'

const searchLonger = inWorker<[Instance], Found>(
  () => new Worker(new URL('../workers/plan-return.ts', import.meta.url), { type: 'module' }),
)

/** An order that was found before, for what is left of it; null where it does not hold any more. */
function still(known: readonly string[], on: Instance, steps: readonly string[]): Found | null {
  const order = known.map(id => steps.indexOf(id)).filter(i => i >= 0)
  if (order.length < on.n) return null
  const at = new Array<number>(on.n)
  order.forEach((s, i) => (at[s] = i))
  if (on.arcs.some(([a, b]) => at[a]! > at[b]!)) return null
  return { order, cost: costOf(on, order), proven: false, bound: noCost }
}

/**
 * The plan of a return: at once as well as a short search finds it, or as the plan before has it for what is left; where that is not
 * proven best, a longer search in a worker goes on.
 */
export function usePlanned(state: Ref<JobState>, family: Ref<Family>) {
  const best = shallowRef<{ key: string; found: Found; order: string[] } | null>(null)
  const keyOf = (on: Instance | null) => (on ? JSON.stringify(on) : '')
  const planned = computed(() => {
    const known = best.value
    return planReturn(state.value, family.value, (on, steps, quick) => {
      if (known && known.key === keyOf(on)) return known.found
      return (known && still(known.order, on, steps)) ?? quick(on)
    })
  })
  const asked = computed(() => (planned.value.proven ? '' : keyOf(planned.value.on)))
  watch(
    asked,
    async key => {
      const { on, left } = planned.value
      if (!key || !on || best.value?.key === key || typeof Worker === 'undefined') return
      const found = await searchLonger(on).catch(() => null)
      if (!found || asked.value !== key) return
      best.value = { key, found, order: found.order.map(i => left[i]!) }
    },
    { immediate: true },
  )
  return planned
}
