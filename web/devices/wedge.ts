import { labelSign } from '@dialytica/core/labels'
import { useEventListener } from '@vueuse/core'

/** A scanner that types: from the sign of our labels up to Enter, the keys are its own and no key of the application. */
export function useWedge(read: (text: string) => void): void {
  let text: string | null = null
  const isWriting = (event: KeyboardEvent) => (event.target as HTMLElement).matches?.('input, textarea') ?? false
  useEventListener(
    window,
    'keydown',
    (event: KeyboardEvent) => {
      if (text === null && (event.key !== labelSign || isWriting(event))) return
      event.preventDefault()
      event.stopImmediatePropagation()
      if (event.key === 'Enter') {
        const whole = text!
        text = null
        read(whole)
      } else if (event.key === 'Escape') text = null
      else if (event.key.length === 1) text = ((text ?? '') + event.key).slice(0, 60)
    },
    { capture: true },
  )
}
