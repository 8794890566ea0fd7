import { ref } from 'vue'
import { slop } from './zoom.ts'

interface At {
  x: number
  y: number
}
/** What a hand can do on the picture besides a tap. All points are pixels of the window. */
export interface Doing {
  /** What one finger that moves does when it began on the bare picture. */
  oneFinger(): 'draw' | 'frame' | 'nothing'
  /** True when marks can be dragged. */
  drags(): boolean
  stroke(path: readonly At[]): void
  frame(from: At, to: At): void
  drag(mark: string, index: number, at: At): void
}

const away = (a: At, b: At) => Math.hypot(a.x - b.x, a.y - b.y)

/** Tells strokes, frames and drags on the picture apart; taps are left to `click`, which `wasMoved` filters. Two fingers do none of it: they enlarge. */
export function useGestures(does: Doing) {
  const fingers = new Set<number>()
  const path = ref<At[]>([])
  const doing = ref<'nothing' | 'draw' | 'frame' | 'drag'>('nothing')
  let grasped: { mark: string; index: number } | null = null
  let moved = false

  function down(event: PointerEvent): void {
    if (event.pointerType === 'mouse' && event.button !== 0) return
    if (fingers.size === 0) moved = false
    fingers.add(event.pointerId)
    if (fingers.size === 2) {
      doing.value = 'nothing'
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
    doing.value = grasped && does.drags() ? 'drag' : does.oneFinger()
    if (doing.value !== 'nothing') (event.currentTarget as Element).setPointerCapture?.(event.pointerId)
  }
  function move(event: PointerEvent): void {
    if (!fingers.has(event.pointerId)) return
    const now = { x: event.clientX, y: event.clientY }
    if (!moved && path.value[0] && away(now, path.value[0]) > slop) begin(event)
    if (doing.value === 'draw' || doing.value === 'frame') path.value = [...path.value, now]
    if (doing.value === 'drag' && grasped) does.drag(grasped.mark, grasped.index, now)
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
