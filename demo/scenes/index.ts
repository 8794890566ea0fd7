import type { Family } from '@dialytica/core/machine'
import type { Scene } from '../camera/scene.ts'
import { frontLoaderBase } from './front-loader-base.ts'
import { frontLoaderFront } from './front-loader-front.ts'
import { frontLoaderOutside } from './front-loader-outside.ts'
import { frontLoaderRear } from './front-loader-rear.ts'
import { frontLoaderTop } from './front-loader-top.ts'
import { topLoaderBase } from './top-loader-base.ts'
import { topLoaderConsole } from './top-loader-console.ts'
import { topLoaderOutside } from './top-loader-outside.ts'
import { topLoaderTop } from './top-loader-top.ts'

const scenes: Record<Family, { outside: Scene; zones: Record<string, Scene> }> = {
  'front-loader': {
    outside: frontLoaderOutside,
    zones: {
      top: frontLoaderTop,
      console: frontLoaderFront,
      drawer: frontLoaderTop,
      valves: frontLoaderTop,
      front: frontLoaderFront,
      door: frontLoaderFront,
      tub: frontLoaderFront,
      rear: frontLoaderRear,
      drive: frontLoaderRear,
      base: frontLoaderBase,
    },
  },
  'top-loader': {
    outside: topLoaderOutside,
    zones: {
      console: topLoaderConsole,
      valves: topLoaderConsole,
      top: topLoaderTop,
      tub: topLoaderTop,
      suspension: topLoaderTop,
      front: topLoaderBase,
      base: topLoaderBase,
      drive: topLoaderBase,
      rear: topLoaderOutside,
    },
  },
}

/** What a camera sees of a zone; the outside when no zone is known. */
export const sceneOf = (family: Family, zone?: string): Scene =>
  scenes[family].zones[zone ?? 'outside'] ?? scenes[family].outside

export const allScenes: readonly Scene[] = [
  ...new Set(Object.values(scenes).flatMap(f => [f.outside, ...Object.values(f.zones)])),
]
