/** Where the lamp stands, how the camera leans; all of it follows from the seed of a shot. */
export interface Pose {
  /** Degrees of roll. */
  roll: number
  skew: number
  zoom: number
  dx: number
  dy: number
  /** Lamp, as shares of the frame. */
  lamp: { x: number; y: number }
  /** How dark the edges are, 0 to 1. */
  dusk: number
  /** Tint of the lamp: warm above 0, cold below. */
  warmth: number
}

/** The frame of every scene, in scene units; photos are drawn at the same shape. */
export const frame = { width: 1600, height: 1000 } as const

/** Numbers from 0 to 1 that follow from a seed (mulberry32). */
export function dice(seed: number): () => number {
  let a = seed >>> 0
  return () => {
    a = (a + 0x6d2b79f5) >>> 0
    let t = Math.imul(a ^ (a >>> 15), 1 | a)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** The pose of a shot: near enough to straight that a place is found again, never quite the same. */
export function poseOf(seed: number): Pose {
  const roll = dice(seed * 7919 + 13)
  const about = (spread: number) => (roll() - 0.5) * 2 * spread
  return {
    roll: about(2.6),
    skew: about(2.2),
    zoom: 1.07 + roll() * 0.05,
    dx: about(22),
    dy: about(16),
    lamp: { x: 0.2 + roll() * 0.6, y: 0.05 + roll() * 0.5 },
    dusk: 0.3 + roll() * 0.28,
    warmth: about(1),
  }
}

const centre = { x: frame.width / 2, y: frame.height / 2 }
const radians = (degrees: number) => (degrees * Math.PI) / 180

/** The affine map from scene to frame, as the six numbers of an SVG matrix. */
export function matrixOf({ roll, skew, zoom, dx, dy }: Pose): [number, number, number, number, number, number] {
  const c = Math.cos(radians(roll)) * zoom
  const s = Math.sin(radians(roll)) * zoom
  const t = Math.tan(radians(skew))
  const [a, b, e, d] = [c, s, c * t - s, s * t + c]
  return [a, b, e, d, centre.x + dx - a * centre.x - e * centre.y, centre.y + dy - b * centre.x - d * centre.y]
}

/** How the camera of a pose stands: the map from shares of the scene to shares of the photo, row by row. */
export function standOf(pose: Pose): number[] {
  const [a, b, c, d, e, f] = matrixOf(pose)
  const ratio = frame.width / frame.height
  return [a, c / ratio, e / frame.width, b * ratio, d, f / frame.height, 0, 0, 1]
}

/** A place of the scene as shares of the photo, 0 to 1 from the top left; `null` when it is out of the picture. */
export function project(pose: Pose, x: number, y: number): { x: number; y: number } | null {
  const [a, b, c, d, e, f] = matrixOf(pose)
  const px = (a * x + c * y + e) / frame.width
  const py = (b * x + d * y + f) / frame.height
  return px < 0 || px > 1 || py < 0 || py > 1 ? null : { x: Number(px.toFixed(4)), y: Number(py.toFixed(4)) }
}
