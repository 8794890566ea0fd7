import { entriesOf, type Photo } from '@dialytica/core/log'
import { byStands, byTaps, through, type Homography, type Marked, type Matched } from '@dialytica/core/then-and-now'
import { computed, shallowRef, watch } from 'vue'
import { layOver } from '../../data/lay-over.ts'
import { useJob } from '../../stores/job.ts'
import type { LaidOver } from '../../workers/then-and-now.ts'
import type { ShownMark } from '../stage/shown-mark.ts'

/**
 * The photo of now laid over that of then: by where the camera stood, else by places that somebody tapped on both, else as they are. What
 * was worked out before is worked out again only when one of these changes.
 */
export function useLaying(
  then: () => Photo | undefined,
  now: () => Photo | undefined,
  marks: () => readonly ShownMark[],
) {
  const job = useJob()
  const found = shallowRef<LaidOver | null>(null)
  const busy = shallowRef(false)
  const matched = computed<Matched | undefined>(
    () =>
      entriesOf(job.state, 'photos-matched').findLast(
        ({ body }) => body.then === then()?.hash && body.now === now()?.hash,
      )?.body.places,
  )
  const start = computed<Homography | null>(() => {
    const [a, b] = [then(), now()]
    const tapped = matched.value && byTaps(matched.value)
    return tapped && 'map' in tapped ? tapped.map : a && b ? byStands(a, b) : null
  })
  const marked = (): Marked[] =>
    marks().flatMap(m => (m.photo === then()?.hash ? m.path.map(p => ({ ...p, glyph: m.glyph })) : []))

  /** Lays them; what comes too late for another pair is let go. */
  async function lay(): Promise<void> {
    const [a, b] = [then(), now()]
    if (!a || !b) return
    busy.value = true
    const answer = await layOver(a.hash, b.hash, start.value, marked())
    if (a.hash !== then()?.hash || b.hash !== now()?.hash) return
    busy.value = false
    found.value = answer
  }
  // Where it is known how they lie, nobody has to ask; the same map told anew, by an event of the job, is no reason to lay them again.
  watch(
    [() => then()?.hash, () => now()?.hash, () => start.value?.join()],
    () => {
      found.value = null
      busy.value = false
      if (start.value) void lay()
    },
    { immediate: true },
  )

  const laid = computed(() => (found.value?.ok ? found.value : null))
  /** The marks of then where they are on the photo of now. */
  const carried = computed<ShownMark[]>(() => {
    const [a, b, on] = [then(), now(), laid.value]
    if (!a || !b || !on) return []
    return marks().flatMap(m => {
      if (m.photo !== a.hash) return []
      const path = m.path.map(p => through(on.map, p))
      return path.every(p => p.x >= 0 && p.x <= 1 && p.y >= 0 && p.y <= 1) ? [{ ...m, photo: b.hash, path }] : []
    })
  })
  const problem = computed(() => (found.value && !found.value.ok ? found.value.problem : ''))
  return { lay, laid, busy, problem, carried }
}
