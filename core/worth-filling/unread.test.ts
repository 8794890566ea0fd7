import { describe, expect, it } from 'vitest'
import { parseLine } from '../quick-line/parse.ts'
import { english } from '../words/english.ts'
import { unread } from './unread.ts'

let n = 0
const asked = (line: string) =>
  unread(
    parseLine(line, {
      family: 'front-loader',
      around: { posture: 'upright', isolated: [] },
      id: () => `00000000-0000-4000-8000-${String(++n).padStart(12, '0')}`,
    }),
    'step',
  ).map(g => english(g.ask))

describe('a figure that fits nowhere', () => {
  it.each(['four clips 13 55 top', 'pump off, 2 T20, 44 something'])('is asked for: %s', line => {
    expect(asked(line)).toHaveLength(1)
  })
  it.each(['4x T20x18 pump bracket @D1', 'lid off, mind the 400 volts', ''])('is none: %s', line => {
    expect(asked(line)).toEqual([])
  })
})
