import { select } from 'd3-selection'
import { zoom, zoomIdentity, type D3ZoomEvent } from 'd3-zoom'
import { computed, shallowRef, watch, type Ref } from 'vue'
import { fit } from './contain.ts'

interface Size {
  width: number
  height: number
}
/** A finger that moved less than this many pixels has tapped. */
export const slop = 8
const most = 6

/**
 * A picture of the size `picture` fitted into `frame`, enlarged by wheel and by two fingers; one finger shifts it where `pans` says so of what it began on.
 * `area` is where it stands, in pixels of the frame. It never leaves the frame further than by its edge.
 */
export function useZoom(
  frame: Ref<HTMLElement | null>,
  room: Ref<Size>,
  picture: Ref<Size>,
  pans: (from: Element) => boolean,
) {
  const transform = shallowRef(zoomIdentity)
  const base = computed(() => fit(picture.value, room.value))
  const behaviour = zoom<HTMLElement, unknown>()
    .scaleExtent([1, most])
    .clickDistance(slop)
    .extent(() => [
      [0, 0],
      [room.value.width, room.value.height],
    ])
    .filter((event: MouseEvent) => event.type !== 'mousedown' || (event.button === 0 && pans(event.target as Element)))
    .on('zoom', (event: D3ZoomEvent<HTMLElement, unknown>) => (transform.value = event.transform))

  const on = (does: (of: ReturnType<typeof select<HTMLElement, unknown>>) => void) =>
    frame.value && does(select<HTMLElement, unknown>(frame.value))
  watch(frame, () =>
    on(of => {
      of.call(behaviour).on('dblclick.zoom', null)
      // A single finger that does not shift the picture is left to the page, which scrolls, and to strokes and marks.
      const moved = of.on('touchmove.zoom') as ((this: HTMLElement, event: TouchEvent) => void) | undefined
      if (moved)
        of.on('touchmove.zoom', function (event: TouchEvent) {
          if (event.touches.length > 1 || pans(event.target as Element)) moved.call(this, event)
        })
    }),
  )
  watch(base, ({ x, y, width, height }) => {
    behaviour.translateExtent([
      [x, y],
      [x + width, y + height],
    ])
    on(of => behaviour.scaleBy(of, 1))
  })

  const scale = computed(() => transform.value.k)
  const area = computed(() => ({
    x: transform.value.applyX(base.value.x),
    y: transform.value.applyY(base.value.y),
    width: base.value.width * scale.value,
    height: base.value.height * scale.value,
  }))
  /** Enlarges by a factor; the middle of the frame stays where it is. */
  const enlarge = (factor: number) => on(of => behaviour.scaleBy(of, factor))
  const whole = () => on(of => behaviour.transform(of, zoomIdentity))
  return { area, scale, enlarge, whole }
}
