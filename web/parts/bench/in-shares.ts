import { after, type Homography } from '@dialytica/core/then-and-now'

/** A map from pixels of one photo to pixels of another, as one from shares to shares. */
export const inShares = (
  map: Homography,
  from: { width: number; height: number },
  to: { width: number; height: number },
): Homography =>
  after([1 / to.width, 0, 0, 0, 1 / to.height, 0, 0, 0, 1], after(map, [from.width, 0, 0, 0, from.height, 0, 0, 0, 1]))
