import { compare, same, type Difference, type Homography, type Marked } from '@dialytica/core/then-and-now'
import { expose } from 'comlink'
import { readPhoto } from './read-photo.ts'

/** The map from shares of then to shares of now, and where they differ; or why they cannot be laid over each other. */
export type LaidOver = { ok: true; map: Homography; differences: Difference[] } | { ok: false; problem: string }

/** Without a first map they are tried as they are: whoever photographs the same place twice may stand nearly the same. */
const enough = { share: 0.4, found: 40 }

/** Lays two photos over each other, off the thread of the hand; the photos by their addresses. */
expose(async (thenAt: string, nowAt: string, start: Homography | null, marks: readonly Marked[]): Promise<LaidOver> => {
  const [then, now] = [await readPhoto(thenAt), await readPhoto(nowAt)]
  const found = compare(then, now, start ?? same, marks)
  if (!found || (!start && (found.share < enough.share || found.found < enough.found)))
    return {
      ok: false,
      problem: start
        ? 'Too little is seen on both to lay them over each other: tap four other places, or photograph it again from where the first one was taken.'
        : 'Tap four places that both show.',
    }
  return { ok: true, map: found.map, differences: found.differences }
})
