import { scaleLinear } from 'd3-scale'
import { area, curveStepAfter } from 'd3-shape'
import { itemKinds, type Glyph, type ItemKind } from '../items/kinds.ts'
import type { Profile, Tile } from './profile.ts'

/** A tile of the Valley on the paper: one step, or a run of steps where there is no room for each. */
export interface Placed {
  x: number
  y: number
  size: number
  way: 'down' | 'back'
  tiles: Tile[]
  glyphs: Glyph[]
  state: Tile['state']
}
/** A thread from a step of the descent to its counterpart, at its own depth. */
export interface Thread {
  x1: number
  x2: number
  y: number
  moved: boolean
}
export interface GateBar {
  x: number
  step: string
  /** What it does, in words. */
  does: string
  behind: number
  /** True when it is about to close over something. */
  held: boolean
}
/** A gate that is to be drawn, before its place is known. */
export type Closing = Omit<GateBar, 'x'>
export interface ValleyLayout {
  placed: Placed[]
  threads: Thread[]
  bars: GateBar[]
  /** One closed path for each kind that was ever open, deepest first. */
  tide: { kind: ItemKind; d: string }[]
  /** The outline of the V itself. */
  floor: string
  levels: number[]
  /** The height of the tide along the foot. */
  foot: number
}

/** What a Valley is drawn on: lengths in the unit of the box, pixels or points. */
export interface Ground {
  margin: number
  /** The width that a tile needs, before steps are grouped, and the most that it is given. */
  pitch: readonly [least: number, most: number]
  size: readonly [least: number, most: number]
  /** Between two tiles. */
  gap: number
  /** The height of the tide: at most, and at most this share of the whole. */
  foot: readonly [most: number, share: number]
}
export const screen: Ground = { margin: 14, pitch: [15, 46], size: [10, 24], gap: 4, foot: [40, 0.28] }
export const paper: Ground = { margin: 3, pitch: [7, Infinity], size: [5, 14], gap: 1, foot: [Infinity, 0.2] }

/** Runs of neighbouring tiles, so many that each has room. */
function runs(tiles: readonly Tile[], room: number): Tile[][] {
  const per = Math.max(1, Math.ceil(tiles.length / Math.max(1, room)))
  return Array.from({ length: Math.ceil(tiles.length / per) }, (_, i) => tiles.slice(i * per, i * per + per))
}

const stateOf = (tiles: readonly Tile[]): Tile['state'] =>
  tiles.some(t => t.state === 'now') ? 'now' : tiles.every(t => t.state === 'done') ? 'done' : 'ahead'

/**
 * Lays a job out as a V in a box: time to the right, depth downwards, the tide along the foot. Pure: the same
 * profile in the same box gives the same picture. Steps are grouped into runs where there are more than fit.
 */
export function layOut(
  profile: Profile,
  gates: readonly Closing[],
  width: number,
  height: number,
  { margin, pitch: [least, most], size: [smallest, largest], gap, foot: [highest, share] }: Ground = screen,
): ValleyLayout {
  const foot = Math.min(highest, height * share)
  const half = (width - 2 * margin) / 2
  const room = Math.floor(half / least)
  const sides = { down: runs(profile.down, room), back: runs(profile.back, room) }
  const longer = Math.max(sides.down.length, sides.back.length, 1)
  const pitch = Math.min(most, half / (longer + 0.6))
  const size = Math.max(smallest, Math.min(largest, pitch - gap))
  const depth = scaleLinear([0, Math.max(1, profile.deepest)], [margin + size / 2, height - foot - size / 2 - 8])
  const xDown = (i: number) => margin + pitch * (i + 0.5)
  const xBack = (i: number) => width - margin - pitch * (sides.back.length - i - 0.5)
  const place =
    (way: 'down' | 'back', x: (i: number) => number) =>
    (tiles: Tile[], i: number): Placed => ({
      x: x(i),
      y: depth(tiles.reduce((sum, t) => sum + t.depth, 0) / tiles.length),
      size,
      way,
      tiles,
      glyphs: [...new Set(tiles.flatMap(t => t.glyphs))],
      state: stateOf(tiles),
    })
  const placed = [...sides.down.map(place('down', xDown)), ...sides.back.map(place('back', xBack))]
  const at = (way: 'down' | 'back') =>
    new Map(placed.filter(p => p.way === way).flatMap(p => p.tiles.map(t => [t.step, p] as const)))
  const [down, back] = [at('down'), at('back')]
  const order = profile.back.map(t => t.number)
  const threads = placed
    .filter(p => p.way === 'back')
    .flatMap(p => {
      const far = down.get(profile.down[p.tiles[0]!.number - 1]?.step ?? '')
      const i = order.indexOf(p.tiles[0]!.number)
      const moved = i > 0 && order[i - 1]! < order[i]!
      return far ? [{ x1: far.x + size / 2, x2: p.x - size / 2, y: p.y, moved }] : []
    })
  const bars = gates.flatMap(g => {
    const tile = back.get(g.step)
    return tile ? [{ x: tile.x - pitch / 2, ...g }] : []
  })
  return {
    placed,
    threads,
    bars,
    tide: tideOf(profile, placed, width, height, foot),
    floor: floorOf(placed, size),
    levels: depth.ticks(3).map(depth),
    foot,
  }
}

/** The line of the V under its tiles. */
function floorOf(placed: readonly Placed[], size: number): string {
  return placed.map((p, i) => `${i ? 'L' : 'M'}${p.x.toFixed(1)} ${(p.y + size / 2 + 4).toFixed(1)}`).join('')
}

/** The tide as stacked steps, over what has happened: the way back only as far as something was settled. */
function tideOf(
  profile: Profile,
  placed: readonly Placed[],
  width: number,
  height: number,
  foot: number,
): ValleyLayout['tide'] {
  const reached = Math.max(
    -1,
    ...placed.filter(p => p.way === 'back').map((p, i) => (p.tiles.some(t => t.state === 'done') ? i : -1)),
  )
  let backs = -1
  const points = placed.flatMap(p => {
    if (p.way === 'back') backs += 1
    return p.way === 'down' || backs <= reached ? [{ x: p.x, tide: p.tiles.at(-1)!.tide }] : []
  })
  if (points.length === 0) return []
  const last = points.at(-1)!
  const series = [...points, { x: Math.min(width, last.x + 20), tide: last.tide }]
  const sum = (tide: Tile['tide'], upTo: number) => itemKinds.slice(0, upTo).reduce((n, k) => n + tide[k], 0)
  const highest = Math.max(1, ...[...profile.down, ...profile.back].map(t => sum(t.tide, itemKinds.length)))
  const y = scaleLinear([0, highest], [height - 3, height - foot])
  return itemKinds
    .map((kind, i) => ({
      kind,
      used: series.some(p => p.tide[kind] > 0),
      d: area<(typeof series)[number]>(
        p => p.x,
        p => y(sum(p.tide, i)),
        p => y(sum(p.tide, i + 1)),
      ).curve(curveStepAfter)(series)!,
    }))
    .filter(s => s.used)
    .map(({ kind, d }) => ({ kind, d }))
}
