import type { Family } from '@dialytica/core/machine'
import type { Drawing } from './drawing.ts'
import { frontLoader } from './front-loader.ts'
import { topLoader } from './top-loader.ts'

/** The drawing of each family. */
export const drawings: Record<Family, Drawing> = { 'front-loader': frontLoader, 'top-loader': topLoader }
