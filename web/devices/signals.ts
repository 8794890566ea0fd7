import { useLocalStorage } from '@vueuse/core'

/** Sounds and vibration; can be off, kept on this device. */
export const signals = useLocalStorage('signals', true)
let audio: AudioContext | undefined

function tone(hertz: number, seconds: number): void {
  try {
    audio ??= new AudioContext()
    const [o, g] = [audio.createOscillator(), audio.createGain()]
    o.frequency.value = hertz
    g.gain.setValueAtTime(0.08, audio.currentTime)
    g.gain.exponentialRampToValueAtTime(0.0001, audio.currentTime + seconds)
    o.connect(g).connect(audio.destination)
    o.start()
    o.stop(audio.currentTime + seconds)
  } catch {
    // No sound on this device: the screen says it too.
  }
}

/** One thing is done. */
export function done(): void {
  if (!signals.value) return
  tone(660, 0.12)
  navigator.vibrate?.(30)
}
/** A gate: something is about to be closed in. */
export function gate(): void {
  if (!signals.value) return
  tone(220, 0.35)
  navigator.vibrate?.([60, 60, 60])
}
/** A beat falls due: short and high, so that it is heard over a running pump. */
export function beat(): void {
  if (signals.value) tone(990, 0.05)
}
/** It was too early or too late. */
export function wrong(): void {
  if (!signals.value) return
  tone(180, 0.4)
  navigator.vibrate?.(200)
}
