import type { Photo, Step } from '../log/step.ts'
import { limits } from '../schema/limits.ts'

/**
 * Steps of photos in the order of their time: those that were taken within so many seconds of the one before are one step.
 * Each step is titled by the moment of its first photo; what was done is told later.
 */
export function stepsOfPhotos(photos: readonly Photo[], seconds: number, id: () => string): Step[] {
  const steps: { at: number; photos: Photo[] }[] = []
  for (const photo of photos.toSorted((a, b) => (a.takenAt < b.takenAt ? -1 : 1))) {
    const at = Date.parse(photo.takenAt)
    const last = steps.at(-1)
    if (last && at - last.at <= seconds * 1000 && last.photos.length < limits.photos) {
      last.photos.push(photo)
      last.at = at
    } else steps.push({ at, photos: [photo] })
  }
  return steps.map(({ photos: some }, i) => ({
    id: id(),
    title: `Photo ${i + 1}`,
    photos: some,
    marks: [],
    moves: [],
  }))
}
