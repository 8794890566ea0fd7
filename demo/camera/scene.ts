import type { Glyph } from '@dialytica/core/items'
import { frame, matrixOf, poseOf, project, type Pose } from './light.ts'
import type { Place } from './lines.ts'
import { defs } from './metal.ts'

/** One thing of a scene: where it is, of what kind, and how it looks in place and away. */
export interface Thing {
  id: string
  kind: Glyph
  at: Place
  /** Points past which a line runs, when it is one. */
  path?: readonly Place[]
  /** SVG of the thing; `away` is true when it is off, open, slack or, for a temporary, in place. */
  paint(away: boolean): string
}

/** A place of a machine as a camera sees it: a ground, and things from back to front. */
export interface Scene {
  id: string
  ground: string
  things: readonly Thing[]
}

/** A shot: which things are away, and the seed of angle and light. */
export interface Shot {
  away: ReadonlySet<string>
  seed: number
}

const lamp = ({ lamp: { x, y }, dusk, warmth }: Pose) => `
<radialGradient id="lamp" cx="${x.toFixed(2)}" cy="${y.toFixed(2)}" r=".75"><stop offset="0" stop-color="${warmth > 0 ? '#fff1d6' : '#e9f4ff'}" stop-opacity=".26"/><stop offset=".4" stop-color="#fff" stop-opacity=".04"/><stop offset="1" stop-color="#fff" stop-opacity="0"/></radialGradient>
<radialGradient id="dusk" cx="${x.toFixed(2)}" cy="${(y + 0.1).toFixed(2)}" r=".95"><stop offset=".35" stop-color="#05090a" stop-opacity="0"/><stop offset="1" stop-color="#05090a" stop-opacity="${dusk.toFixed(2)}"/></radialGradient>`

/** The picture of a scene as SVG, of so many pixels in width. */
export function shoot(scene: Scene, { away, seed }: Shot, width: number = frame.width): string {
  const pose = poseOf(seed)
  const all = `width="${frame.width}" height="${frame.height}"`
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${(width * frame.height) / frame.width}" viewBox="0 0 ${frame.width} ${frame.height}"><defs>${defs}${lamp(pose)}</defs>
<g transform="matrix(${matrixOf(pose)
    .map(n => n.toFixed(5))
    .join(' ')})">${scene.ground}${scene.things.map(t => t.paint(away.has(t.id))).join('')}</g>
<rect ${all} fill="url(#lamp)"/><rect ${all} fill="url(#dusk)"/></svg>`
}

/** Where a thing is on the photo of a seed, as a path of shares; what is out of the picture is left out. */
export function find(scene: Scene, id: string, seed: number): { x: number; y: number }[] {
  const thing = scene.things.find(t => t.id === id)
  if (!thing) throw new Error(`scene ${scene.id} has no ${id}`)
  const pose = poseOf(seed)
  return (thing.path ?? [thing.at]).flatMap(([x, y]) => project(pose, x, y) ?? [])
}

/** How far a mark may be from a thing, as a share of the frame's width, and still mean it. */
const reach = 0.06

/** The thing that a mark of a kind means: the nearest one of that kind, within reach. */
export function meant(scene: Scene, kind: Glyph, mark: { x: number; y: number }): string | undefined {
  let best: { id: string; far: number } | undefined
  for (const thing of scene.things) {
    if (thing.kind !== kind) continue
    const dx = thing.at[0] / frame.width - mark.x
    const dy = ((thing.at[1] / frame.height - mark.y) * frame.height) / frame.width
    const far = Math.hypot(dx, dy)
    if (far < reach && (!best || far < best.far)) best = { id: thing.id, far }
  }
  return best?.id
}
