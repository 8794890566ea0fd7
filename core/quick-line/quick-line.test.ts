import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Move } from '../moves/registry.ts'
import { moveSchema } from '../moves/registry.ts'
import { check } from '../schema/check.ts'
import { arbitraryMoveOf, kindNames } from '../test/arbitrary-move.ts'
import { fieldsOf, read, written } from '../moves/fields-of.ts'
import { formatMove } from './format.ts'
import type { LineContext } from './context.ts'
import { parseLine } from './parse.ts'
import { lexicon } from '../hearing/lexicon.ts'

const context: LineContext = {
  family: 'front-loader',
  around: { posture: 'upright', isolated: [] },
  id: () => '00000000-0000-4000-8000-000000000001',
}
const bare = (move: Move) => ({ ...move, id: context.id() })
const parse = (line: string, more: Partial<LineContext> = {}) => parseLine(line, { ...context, ...more })

describe('a move written as a line and read again is the move', () => {
  it.each(kindNames)('%s', kind =>
    fc.assert(
      fc.property(arbitraryMoveOf(kind), move => {
        const line = formatMove(move)
        expect(parse(line).moves, line).toEqual([bare(move)])
      }),
      { numRuns: 200 },
    ),
  )

  /** Any text where a kind takes any text: quotes, signs, words of the trade, other scripts. */
  const text = fc.oneof(
    fc.string({ unit: 'binary', minLength: 1, maxLength: 40 }),
    fc.constantFrom(...lexicon().entries.keys(), '"', '\\', 'a;b', '4x T20', 'none', 'yes', '@A1', 'note', 'x="y"'),
  )
  it('whatever its words are', () =>
    fc.assert(
      fc.property(
        fc
          .constantFrom(...kindNames)
          .chain(kind => fc.tuple(arbitraryMoveOf(kind), fc.array(text, { minLength: 3, maxLength: 3 }))),
        ([move, texts]) => {
          const free = [
            'place',
            'note',
            'look',
            'label',
            'housing',
            'name',
            'orientation',
            'lies',
            'slack',
            'mark',
            'why',
            'hose',
          ]
          const told = fieldsOf[move.kind]
            .filter(leaf => free.includes(leaf.name) && read(move, leaf) !== undefined)
            .reduce((m, leaf, i) => written(m, leaf, texts[i % 3]), move)
          expect(parse(formatMove(told)).moves).toEqual([bare(told)])
        },
      ),
      { numRuns: 600 },
    ))
})

describe('no line fails or loses text', () => {
  const trade = fc.constantFrom(
    ...lexicon().entries.keys(),
    ';',
    ',',
    ':',
    '>',
    '@',
    '@B3',
    '4x',
    'T20x18',
    'M6x16',
    '10 mm',
    '"',
    '=',
    'note',
  )
  const line = fc.oneof(
    fc.string({ unit: 'binary', maxLength: 500 }),
    fc.string({ unit: 'grapheme', maxLength: 200 }),
    fc
      .array(fc.oneof(trade, trade, fc.string({ maxLength: 6 })), { maxLength: 40 })
      .map(words => words.join(' ').slice(0, 500)),
  )
  const inHand = fc.option(fc.constantFrom(...kindNames).chain(arbitraryMoveOf), { nil: undefined })

  it('every character lies in one token; what was not understood stands in a move or in the words', () =>
    fc.assert(
      fc.property(line, inHand, inHand, (text, hand, last) => {
        const parsed = parse(text, { inHand: hand, last })
        const tokens = parsed.clauses.flatMap(c => c.tokens)
        let at = 0
        for (const t of tokens) {
          expect(text.slice(at, t.start).trim()).toBe('')
          expect(t.text).toBe(text.slice(t.start, t.end))
          at = t.end
        }
        expect(text.slice(at).trim()).toBe('')
        const kept = JSON.stringify([parsed.words, parsed.clauses.map(c => c.move)])
        for (const t of tokens)
          if (t.certainty === 'text') {
            const [whole, inside] = [t.text, t.text.slice(1, -1).replace(/\\([^])/gu, '$1')]
            expect(
              kept.includes(JSON.stringify(whole).slice(1, -1)) || kept.includes(JSON.stringify(inside).slice(1, -1)),
              t.text,
            ).toBe(true)
          }
      }),
      {
        numRuns: 1500,
        examples: [
          [
            '" \\E- note',
            { id: '00000000-0000-1000-8000-000000000000', kind: 'drain', way: 'down', by: 'filter' },
            undefined,
          ],
        ],
      },
    ))

  it('never fails, whatever is typed', () =>
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 60 }), text => {
        expect(parse(text).text).toBe(text)
      }),
      { numRuns: 10_000 },
    ))

  it('every move that comes out fits its schema', () =>
    fc.assert(
      fc.property(line, inHand, (text, last) => {
        for (const clause of parse(text, { last }).clauses)
          if (clause.move) expect(check(moveSchema, clause.move), text).toMatchObject({ ok: true })
      }),
      { numRuns: 1500 },
    ))
})

describe('a line in its place', () => {
  const hand: Move = {
    id: context.id(),
    kind: 'remove-fasteners',
    way: 'down',
    fastener: { size: 'T20' },
    count: 4,
    cell: 'B2',
  }
  it('tells of the move in hand where it names no act', () => {
    const { clauses, moves } = parse('stainless, long', { inHand: hand })
    expect(moves).toEqual([])
    expect(clauses[0]).toMatchObject({ adds: true, said: { look: 'stainless long' } })
  })
  it('takes the next cell of the tray, a named one, or that of the move before', () => {
    const around = { ...context.around, cell: 'C1' }
    const cells = parse('2x T20; 2x T15 @D4; 1x T25 @', { around }).moves.map(m => m.cell)
    expect(cells).toEqual(['C1', 'D4', 'D4'])
  })
  it('goes on from the last move recorded', () => {
    expect(parse('same again, bottom edge', { last: hand }).moves).toEqual([{ ...hand, place: 'bottom edge' }])
  })
  it('names the zone for what follows', () => {
    expect(parse('rear: 2x T20')).toMatchObject({ zone: 'rear', moves: [{ count: 2 }] })
    expect(parse('zone door and bellows, unclip 1 spring clip').zone).toBe('door')
  })
  it('keeps what a schema refuses as text', () => {
    expect(parse('sump hose spring clamp 14 oclock').moves).toMatchObject([
      { joint: { clamp: 'spring' }, note: '14 oclock' },
    ])
    expect(parse('900x T20').moves).toMatchObject([{ count: 1, note: '900x' }])
  })
  it('counts what hangs on its sign, where no screw is so short; a long one is a length, and not sure', () => {
    expect(parse('T20 x4').moves).toMatchObject([{ count: 4 }])
    expect(parse('T30 x2 hinge').moves).toMatchObject([{ count: 2, place: 'hinge' }])
    const { moves, clauses } = parse('8 mm x14')
    expect(moves).toMatchObject([{ count: 1, fastener: { size: '8 mm', length: 14 } }])
    expect(clauses[0]!.tokens).toContainEqual(
      expect.objectContaining({ text: 'x14', role: 'length', certainty: 'guess' }),
    )
  })
  it('keeps words that belong to no act', () => {
    expect(parse('hm, where was that').words).toBe('hm, where was that')
  })
})
