import type { Point } from '@dialytica/core/capture'
import { computed, type Ref } from 'vue'
import { useGestures } from './gestures.ts'

/** A rectangle between two corners. */
const between = (a: Point, b: Point) => ({
  x: Math.min(a.x, b.x),
  y: Math.min(a.y, b.y),
  width: Math.abs(a.x - b.x),
  height: Math.abs(a.y - b.y),
})

/** What is drawn or dragged on `picture`, told in shares of the photo, and how it looks while it is drawn: a line, or a box. */
export function useStrokes(
  picture: Ref<HTMLElement | null>,
  onPhoto: (window: Point) => Point,
  does: {
    tool(): 'draw' | 'frame' | 'nothing'
    drags(): boolean
    stroke(path: Point[]): void
    frame(region: ReturnType<typeof between>): void
    drag(mark: string, index: number, at: Point): void
  },
) {
  const gestures = useGestures({
    oneFinger: does.tool,
    drags: does.drags,
    stroke: path => does.stroke(path.map(onPhoto)),
    frame: (from, to) => does.frame(between(onPhoto(from), onPhoto(to))),
    drag: (id, index, at) => does.drag(id, index, onPhoto(at)),
  })
  /** The path of the finger, in pixels of the picture. */
  const sketch = computed(() => {
    const at = picture.value?.getBoundingClientRect()
    return at ? gestures.path.value.map(p => ({ x: p.x - at.left, y: p.y - at.top })) : []
  })
  const line = computed(() =>
    gestures.doing.value === 'draw' && sketch.value.length > 1
      ? `M${sketch.value.map(s => `${s.x} ${s.y}`).join('L')}`
      : undefined,
  )
  const box = computed(() => {
    const [a, b] = [sketch.value[0], sketch.value.at(-1)]
    return gestures.doing.value === 'frame' && a && b ? between(a, b) : null
  })
  return { ...gestures, line, box }
}
