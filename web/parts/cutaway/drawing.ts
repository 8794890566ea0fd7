/** A section of a machine: drawn layers, and a region with an anchor for each zone of the family's anatomy. */
export interface Drawing {
  /** Always drawn: cabinet, tub, drum. */
  hull: string
  /** What works: motor, pump, weights, springs. */
  works: string
  /** Hoses, belt, looms. */
  lines: string
  /** Detail for large pictures only. */
  fine: string
  zones: Record<string, { d: string; at: readonly [x: number, y: number] }>
}

/** Box of every drawing. */
export const box = { width: 400, height: 440 } as const
