import { computed, ref, type Ref } from 'vue'
import { fit } from './contain.ts'

interface Size {
  width: number
  height: number
}
const most = 6

/** A picture fitted into a frame, which can be enlarged and shifted; `area` is where it stands, in pixels of the frame. */
export function useZoom(picture: Ref<Size>, frame: Ref<Size>) {
  const scale = ref(1)
  const shift = ref({ x: 0, y: 0 })
  const base = computed(() => fit(picture.value, frame.value))
  const area = computed(() => {
    const { x, y, width, height } = base.value
    return {
      x: x + shift.value.x - (width * (scale.value - 1)) / 2,
      y: y + shift.value.y - (height * (scale.value - 1)) / 2,
      width: width * scale.value,
      height: height * scale.value,
    }
  })
  /** The picture never leaves its frame further than its edge. */
  function hold(): void {
    const room = (long: number, frameLong: number) => Math.max(0, (long * scale.value - frameLong) / 2)
    const [x, y] = [room(base.value.width, frame.value.width), room(base.value.height, frame.value.height)]
    shift.value = {
      x: Math.max(-x, Math.min(x, shift.value.x)),
      y: Math.max(-y, Math.min(y, shift.value.y)),
    }
  }
  function pan(dx: number, dy: number): void {
    shift.value = { x: shift.value.x + dx, y: shift.value.y + dy }
    hold()
  }
  /** Enlarges by a factor; the point of the frame at `x`, `y` stays where it is. */
  function zoomAt(factor: number, x: number, y: number): void {
    const next = Math.max(1, Math.min(most, scale.value * factor))
    const grown = next / scale.value
    const middle = { x: frame.value.width / 2 + shift.value.x, y: frame.value.height / 2 + shift.value.y }
    scale.value = next
    shift.value = {
      x: shift.value.x + (x - middle.x) * (1 - grown),
      y: shift.value.y + (y - middle.y) * (1 - grown),
    }
    hold()
  }
  function whole(): void {
    scale.value = 1
    shift.value = { x: 0, y: 0 }
  }
  return { area, scale, pan, zoomAt, whole }
}
