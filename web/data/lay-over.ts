import type { Homography, Marked } from '@dialytica/core/then-and-now'
import { inWorker } from '../workers/in-worker.ts'
import type { LaidOver } from '../workers/then-and-now.ts'
import { addressForWorker } from './photo-url.ts'

const inThread = inWorker<[string, string, Homography | null, readonly Marked[]], LaidOver>(
  () => new Worker(new URL('../workers/then-and-now.ts', import.meta.url), { type: 'module' }),
)

/** Lays the photo of now over that of then in a worker; `start` is null where nobody has said how they lie. */
export async function layOver(
  then: string,
  now: string,
  start: Homography | null,
  marks: readonly Marked[],
): Promise<LaidOver> {
  try {
    return await inThread(await addressForWorker(then), await addressForWorker(now), start, [...marks])
  } catch (error) {
    return { ok: false, problem: (error as Error).message }
  }
}
