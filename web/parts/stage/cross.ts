import type { Point } from '@dialytica/core/capture'
import { ref } from 'vue'
import type { ShownMark } from './shown-mark.ts'

/** A share of the photo, 0 to 1, to four places. */
export const share = (n: number): number => Math.min(1, Math.max(0, Number(n.toFixed(4))))

const arrows: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
}
const middle: Point = { x: 0.5, y: 0.5 }

/** The cross that the arrow keys move over the photo; a mark that is taken up is moved instead, in finer steps. */
export function useCross(does: {
  /** The mark that is taken up. */
  chosen(): ShownMark | undefined
  drag(mark: string, index: number, to: Point): void
  tap(at: Point): void
  zoom(factor: number): void
}) {
  const cross = ref<Point | null>(null)
  /** Takes a key; Enter marks where it was pressed on the picture itself. */
  function press(event: KeyboardEvent, onPicture: boolean): void {
    const by = arrows[event.key]
    if (by) {
      event.preventDefault()
      const mark = does.chosen()
      const step = (event.shiftKey ? 0.1 : 0.02) / (mark ? 4 : 1)
      const index = mark?.point ?? 0
      const from = mark?.path[index] ?? cross.value ?? middle
      const to = { x: share(from.x + by[0] * step), y: share(from.y + by[1] * step) }
      if (mark) does.drag(mark.id, index, to)
      else cross.value = to
    } else if (event.key === 'Enter' && onPicture) {
      event.preventDefault()
      does.tap(cross.value ?? middle)
    } else if (event.key === '[' || event.key === ']') does.zoom(event.key === ']' ? 1.4 : 1 / 1.4)
  }
  return { cross, press }
}
