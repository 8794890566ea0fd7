import { onKeyStroke } from '@vueuse/core'

/** True while somebody writes. */
const isWriting = (event: KeyboardEvent) => {
  const at = event.target as HTMLElement
  return at.matches?.('input:not([type=radio]):not([type=checkbox]), textarea, [contenteditable]') ?? false
}
/** True where Space and Enter already mean something. */
const isPressable = (event: KeyboardEvent) =>
  (event.target as HTMLElement).matches?.('button, a, input, [role=radio], [role=button]') ?? false

/**
 * Keys of a view, by `event.key`, with `Shift ` before them where it is held with them; pedals send PageDown and PageUp. While somebody
 * writes only the pedals act, and a focused button keeps its own Space.
 */
export function useKeys(keys: Record<string, (event: KeyboardEvent) => void>): void {
  onKeyStroke(true, event => {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key
    const act = (event.shiftKey && keys[`Shift ${key}`]) || keys[key]
    const pedal = key === 'PageDown' || key === 'PageUp'
    if (!act || (isWriting(event) && !pedal) || ((key === ' ' || key === 'Enter') && isPressable(event))) return
    event.preventDefault()
    act(event)
  })
}
