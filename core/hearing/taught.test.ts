import { describe, expect, it } from 'vitest'
import { corrections, parseLine } from '../quick-line/index.ts'
import { flatten } from './flat.ts'
import { hear, heardWith } from './hear.ts'
import { namesAtHand, taughtBy, teachable } from './taught.ts'
import type { TaughtWord } from '../moves/taught-word.ts'

const read = (line: string, ...words: TaughtWord[]) => flatten(hear(line, heardWith(taughtBy(words))).acts)
let n = 0
const context = { family: 'front-loader', around: { posture: 'upright', isolated: [] }, id: () => String(n++) } as const

describe('words of the shop', () => {
  it.each([
    ['blip two at the top', 'blip', 'release-clips', { kind: 'release-clips', count: 2 }],
    ['blipped two at the top', 'blip', 'release-clips', { kind: 'release-clips', count: 2 }],
    ['clunked the lid', 'clunked', 'remove-part', { kind: 'remove-part', name: 'lid' }],
    ['both goolies out, 2 T20', 'goolie', 'part', { kind: 'remove-part' }],
  ] as const)('%s, where %s is %s', (line, word, means, expected) => {
    expect(read(line, { word, means })[0]).toMatchObject(expected)
  })
  it('of each the last that was said counts, and what is forgotten is as before', () => {
    const before = read('blip two at the top')
    expect(read('blip two at the top', { word: 'blip', means: 'release-clips' }, { word: 'Blip' })).toEqual(before)
    expect(taughtBy([{ word: 'blip', means: 'part' }, { word: 'blip' }])).toBeNull()
  })
  it('another word of the shop changes no line that does not say it', () => {
    const lines = ['4x T20 pump bracket', 'lid off, two PH2 at the back', 'unplugged the motor, white, 6 way']
    for (const line of lines) expect(read(line, { word: 'gubbins', means: 'part' })).toEqual(read(line))
  })
  it('what a part of this machine was called is a part from then on, where the trade does not know the word', () => {
    expect(namesAtHand(['gloop', 'rear panel', 'pump', 'Gloop cover', 'gloop'])).toEqual([
      { word: 'gloop', means: 'part' },
      { word: 'gloop cover', means: 'part' },
    ])
  })
  it('are words, not figures and not sentences', () => {
    expect([
      teachable('the Gubbins,'),
      teachable('toe board'),
      teachable('4x'),
      teachable('T20'),
      teachable('it came off by itself'),
    ]).toEqual(['gubbins', 'toe board', undefined, undefined, undefined])
  })
  it('a correction says what it teaches', () => {
    const line = '2x T20 gubbins'
    const parsed = parseLine(line, context)
    const clause = parsed.clauses.find(c => c.tokens.some(t => t.text.includes('gubbins')))!
    const token = clause.tokens.find(t => t.text.includes('gubbins'))!
    const lessons = corrections(line, clause, token).flatMap(c => c.teaches ?? [])
    expect(lessons).toContainEqual({ word: 'gubbins', means: 'look' })
  })
  it('a verb that was taken for another kind teaches that kind', () => {
    const line = 'take off name=lid'
    const said = parseLine('popped the lid', context)
    const clause = said.clauses.find(c => c.move)!
    const act = clause.tokens.find(t => t.role === 'act')
    const lessons = act ? corrections(line, clause, act).flatMap(c => c.teaches ?? []) : []
    expect(lessons.every(l => l.word === 'popped')).toBe(true)
  })
})
