/** Seconds of a recording as they are read: `1:05`, `1:02:03`. */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds))
  const two = (n: number) => String(n).padStart(2, '0')
  const [h, m, s] = [Math.floor(whole / 3600), Math.floor(whole / 60) % 60, whole % 60]
  return h ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`
}
