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
