import type { Glyph } from '@dialytica/core/items'
import type { Place } from '../camera/lines.ts'
import type { Thing } from '../camera/scene.ts'
import { screw, type Drive } from '../camera/screws.ts'
import { clamp, plug, tab } from '../camera/things.ts'

/** A group of like screws, named `a1`, `a2` … */
export const screws = (name: string, drive: Drive, r: number, places: readonly Place[]): Thing[] =>
  places.map((at, i) => ({
    id: `${name}${i + 1}`,
    kind: 'fastener',
    at,
    paint: out => screw(at[0], at[1], r, drive, (at[0] * 7 + at[1] * 3) % 60, out),
  }))

export const plugAt = (id: string, at: Place, colour: string, wires: readonly string[], end: Place): Thing => ({
  id,
  kind: 'connector',
  at,
  paint: open => plug(at[0], at[1], colour, wires, end, open),
})

export const tabs = (name: string, turn: number, places: readonly Place[]): Thing[] =>
  places.map((at, i) => ({ id: `${name}${i + 1}`, kind: 'clip', at, paint: open => tab(at[0], at[1], turn, open) }))

export const clampAt = (id: string, at: Place, turn: number, hour: number): Thing => ({
  id,
  kind: 'joint',
  at,
  paint: open => clamp(at[0], at[1], turn, hour, open),
})

/** A thing drawn in place and drawn away. */
export const thing = (id: string, kind: Glyph, at: Place, here: string, away = '', path?: readonly Place[]): Thing => ({
  id,
  kind,
  at,
  ...(path && { path }),
  paint: isAway => (isAway ? away : here),
})

/** What belongs to the picture and never moves. */
export const still = (svg: string): Thing => ({ id: 'still', kind: 'mark', at: [-999, -999], paint: () => svg })
