/** How a machine can stand. */
export const postures = [
  'upright',
  'tipped back',
  'on its back',
  'on its front',
  'on its left side',
  'on its right side',
] as const
export type Posture = (typeof postures)[number]
