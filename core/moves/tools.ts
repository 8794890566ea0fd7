import type { Fastener } from '../items/fastener.ts'

/** The driver for a fastener, as asked for on the bench; empty when the drive is not known. */
export function driver(f: Fastener): string[] {
  if (f.drive === 'hex head' || f.drive === 'nut') return [f.size ? `${f.size} spanner` : 'spanner']
  if (f.size) return [`${f.size} driver`]
  return f.drive ? [`${f.drive} driver`] : []
}
