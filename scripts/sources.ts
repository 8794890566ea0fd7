import { readdirSync } from 'node:fs'
import { join } from 'node:path'
// @ts-expect-error The scripts run before anything is installed: they are plain JavaScript.
import { root } from './paths.mjs'

export const home = root as string

/** The files under a folder of the project whose names fit, without what is installed or built. */
export const sources = (folder: string, fits: RegExp): string[] =>
  readdirSync(join(home, folder), { recursive: true, encoding: 'utf8' })
    .filter(f => fits.test(f) && !/node_modules|dist/.test(f))
    .map(f => join(home, folder, f))
