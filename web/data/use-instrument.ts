import { onUnmounted } from 'vue'
import type { Instrument } from '../devices/instrument.ts'

/** An instrument that is read while its control is on the screen, one at a time; `unchosen` says what to do where none was chosen. */
export function useInstrument<T>(tell: (shown: T) => void, problem: (why: string) => void, unchosen: string) {
  let end: (() => void) | null = null
  function leave(): void {
    end?.()
    end = null
  }
  async function start(instrument: Instrument<T>): Promise<void> {
    leave()
    try {
      end = await instrument.read(tell, problem)
    } catch {
      problem(unchosen)
    }
  }
  onUnmounted(leave)
  return { start, leave }
}
