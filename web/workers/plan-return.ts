import { search, type Instance } from '@dialytica/core'

/** So many states are searched before the plan says how far from the best it may be. */
const most = 30_000

/** Orders a return as well as can be, off the thread of the hand. */
self.onmessage = ({ data: { id, on } }: MessageEvent<{ id: number; on: Instance }>) => {
  self.postMessage({ id, answer: search(on, on.n > 120 ? most / 20 : most) })
}
