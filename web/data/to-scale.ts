import type { Known } from '@dialytica/core/side-by-side'
import type { Spot } from '@dialytica/core/then-and-now'
import type { Photo } from '@dialytica/core/log'
import { ref, shallowRef, watch } from 'vue'
import { inWorker } from '../workers/in-worker.ts'
import type { Scaled } from '../workers/to-scale.ts'
import { addressForWorker } from './photo-url.ts'

const inThread = inWorker<[string, Known | null, readonly Spot[], number | undefined], Scaled>(
  () => new Worker(new URL('../workers/to-scale.ts', import.meta.url), { type: 'module' }),
)

/** A photo to scale, worked out anew where its photo, what is known on it, or the taps change; what comes too late is let go. */
export function useScaled(photo: () => Photo | undefined, known: () => Known | undefined, taps: () => readonly Spot[]) {
  const scaled = shallowRef<Scaled | null>(null)
  const problem = ref('')
  watch(
    [() => photo()?.hash, () => JSON.stringify(known() ?? null), () => JSON.stringify(taps())],
    async ([of, is, at], [before]) => {
      if (of !== before) scaled.value = null
      problem.value = ''
      if (!of) return
      try {
        const found = await inThread(
          await addressForWorker(of),
          JSON.parse(is) as Known | null,
          JSON.parse(at) as Spot[],
          photo()?.lens,
        )
        if (of !== photo()?.hash || at !== JSON.stringify(taps()) || is !== JSON.stringify(known() ?? null)) return
        scaled.value = found
        problem.value = found.problem
      } catch (error) {
        problem.value = (error as Error).message
      }
    },
    { immediate: true },
  )
  return { scaled, problem }
}
