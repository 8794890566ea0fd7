import { offsetAfter, putRight, type Offset } from '@dialytica/core/log'
import { computed, shallowRef } from 'vue'

/** What is known of the clock of this device; kept, so that it is known without the server too. */
const known = shallowRef<Offset | null>(kept())
function kept(): Offset | null {
  try {
    return JSON.parse(localStorage.getItem('clock') ?? 'null') as Offset | null
  } catch {
    return null
  }
}

/** The time now, in milliseconds since 1970: the clock of this device, put right by what the server's showed. */
export const timeNow = (): number => putRight(Date.now(), known.value)

/** Hears when the server was asked and answered, by this clock, and what its own showed. */
export function hearTime(asked: number, server: string | null): void {
  if (!server) return
  const now = offsetAfter(known.value, asked, Date.now(), Date.parse(server))
  if (now === known.value) return
  known.value = now
  localStorage.setItem('clock', JSON.stringify(known.value))
}

/** From so much on a person is told, in milliseconds. */
const told = 60_000
/** How far the clock of this device is ahead, in milliseconds, less than nothing where it is behind; 0 where nobody needs to know. */
export const clockAhead = computed(() => (known.value && Math.abs(known.value.ms) >= told ? -known.value.ms : 0))
