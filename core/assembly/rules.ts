import { say, type Phrase } from '../words/phrase.ts'

/** From what a liaison follows. */
export const rules = {
  said: say`somebody said so`,
  'its place': say`its place names it`,
  shares: say`it lies under its head`,
  'just before': say`it was undone just before, in the same zone`,
  'after it': say`it was taken from it after that had come off`,
  'its way': say`the line runs past it`,
  'reached after': say`it was reached only after that had come off`,
} as const satisfies Record<string, Phrase>
export type Rule = keyof typeof rules
