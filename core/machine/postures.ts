/** How a machine can stand. */
export const postures = [
  'upright',
  'tipped back',
  'on its back',
  'on its front',
  'on its left side',
  'on its right side',
] as const
/** How a machine stands or lies. */
export type Posture = (typeof postures)[number]

/** What a turn takes: people at the machine, and minutes. Our own estimates: one person tips it back and lets it down again, two lay it down. */
export const effortOf = (from: Posture, to: Posture): { people: number; minutes: number } =>
  [from, to].every(p => p === 'upright' || p === 'tipped back') ? { people: 1, minutes: 1 } : { people: 2, minutes: 2 }
