import { ref } from 'vue'

interface At {
  x: number
  y: number
}
/** What a hand can do on the picture besides a tap. All points are pixels of the window. */
export interface Doing {
  /** What one finger that moves does when it began on the bare picture. */
  oneFinger(): 'draw' | 'frame' | 'pan' | 'nothing'
  /** True when marks can be dragged. */
  drags(): boolean
  pan(dx: number, dy: number): void
  pinch(factor: number, at: At): void
  stroke(path: readonly At[]): void
  frame(from: At, to: At): void
  drag(mark: string, index: number, at: At): void
}

/** A finger that moved less than this many pixels has tapped. */
const slop = 8
const away = (a: At, b: At) => Math.hypot(a.x - b.x, a.y - b.y)

/** Tells strokes, drags, pans and pinches on the picture apart; taps are left to `click`, which `wasMoved` filters. */
export function useGestures(does: Doing) {
  const fingers = new Map<number, At>()
  const path = ref<At[]>([])
  const doing = ref<'nothing' | 'draw' | 'frame' | 'pan' | 'pinch' | 'drag'>('nothing')
  let grasped: { mark: string; index: number } | null = null
  let moved = false

  function down(event: PointerEvent): void {
    if (event.pointerType === 'mouse' && event.button !== 0) return
    if (fingers.size === 0) moved = false
    fingers.set(event.pointerId, { x: event.clientX, y: event.clientY })
    if (fingers.size === 2) {
      doing.value = 'pinch'
      moved = true
      path.value = []
      return
    }
    const mark = (event.target as Element).closest<SVGElement>('[data-mark]')
    const knot = (event.target as Element).closest<SVGElement>('[data-knot]')
    grasped = mark ? { mark: mark.dataset.mark!, index: Number(knot?.dataset.knot ?? 0) } : null
    path.value = [{ x: event.clientX, y: event.clientY }]
  }

  function begin(event: PointerEvent): void {
    moved = true
    ;(event.currentTarget as Element).setPointerCapture?.(event.pointerId)
    doing.value = grasped && does.drags() ? 'drag' : does.oneFinger()
  }
  function move(event: PointerEvent): void {
    const was = fingers.get(event.pointerId)
    if (!was) return
    const now = { x: event.clientX, y: event.clientY }
    if (doing.value === 'pinch') {
      const other = [...fingers].find(([id]) => id !== event.pointerId)?.[1]
      if (other) {
        const middle = { x: (now.x + other.x) / 2, y: (now.y + other.y) / 2 }
        does.pinch(away(now, other) / Math.max(1, away(was, other)), middle)
        does.pan((now.x - was.x) / 2, (now.y - was.y) / 2)
      }
    } else if (!moved && path.value[0] && away(now, path.value[0]) > slop) begin(event)
    if (doing.value === 'pan') does.pan(now.x - was.x, now.y - was.y)
    if (doing.value === 'draw' || doing.value === 'frame') path.value = [...path.value, now]
    if (doing.value === 'drag' && grasped) does.drag(grasped.mark, grasped.index, now)
    fingers.set(event.pointerId, now)
  }
  function up(event: PointerEvent): void {
    if (!fingers.delete(event.pointerId) || fingers.size) return
    const first = path.value[0]
    const last = path.value.at(-1)
    if (event.type !== 'pointercancel' && first && last && path.value.length > 1) {
      if (doing.value === 'draw') does.stroke(path.value)
      if (doing.value === 'frame') does.frame(first, last)
    }
    doing.value = 'nothing'
    grasped = null
    path.value = []
  }
  /** True once after something other than a tap: the click that follows it is not one. */
  function wasMoved(): boolean {
    const was = moved
    moved = false
    return was
  }
  return { down, move, up, path, doing, wasMoved }
}
