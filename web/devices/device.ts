import { v4 } from 'uuid'

/** The name of this device in the log; made once and kept. */
export const device: string = (() => {
  const kept = localStorage.getItem('device')
  if (kept) return kept
  const made = `web-${v4().slice(0, 8)}`
  localStorage.setItem('device', made)
  return made
})()
