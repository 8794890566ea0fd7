import { describe, expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { blank } from '../log/state.ts'
import type { Photo } from '../log/step.ts'
import { parseLine } from '../quick-line/parse.ts'
import { opening, recorded } from '../test/arbitrary-log.ts'
import { draftsOf, stepsIn } from './drafts.ts'
import { narrate } from './narrate.ts'
import { corrected, lineOf, merged, split, stepOf, withPhotos } from './review.ts'

let n = 0
const id = () => `00000000-0000-4000-8000-${String(++n).padStart(12, '0')}`
const context = { family: 'front-loader', around: { posture: 'upright', isolated: [] }, id } as const
function drafts(source: string) {
  const heard = narrate(source)
  if (!heard.ok) throw new Error(heard.problem)
  return draftsOf(heard, context)
}
const three =
  '0:05 two T20 at the back, lid off\n0:30 four T30, front panel off\n1:00 motor plug off, two 10 mm bolts, motor out'
const start = new Date('2031-04-02T08:00:00Z')
const photo = (second: number): Photo => ({
  hash: String(second).padStart(64, '0'),
  width: 640,
  height: 480,
  takenAt: new Date(start.getTime() + second * 1000).toISOString(),
})
const kinds = (of: ReturnType<typeof drafts>) => of.map(d => d.moves.map(m => m.move.kind))

describe('drafts of steps', () => {
  it('end where something came away; a rest begins the next', () => {
    expect(kinds(drafts(three))).toEqual([
      ['remove-fasteners', 'remove-part'],
      ['remove-fasteners', 'remove-part'],
      ['unplug', 'remove-fasteners', 'remove-part'],
    ])
    expect(kinds(drafts('0:05 two T20 at the top\n1:30 two T25 at the bottom'))).toHaveLength(2)
    expect(drafts(three).map(d => Math.round(d.from))).toEqual([5, 30, 60])
  })
  it('what is isolated is one step of its own', () => {
    expect(kinds(drafts('0:05 power off, tap shut\n0:12 lid off'))).toEqual([['isolate', 'isolate'], ['remove-part']])
    const told = parseLine('power off; lid off; two T20; drum out', context)
    expect(stepsIn(told.moves)).toBe(3)
  })
  it('stand as a line that says them again', () => {
    const [first] = drafts(three)
    const step = { moves: first!.moves.map(m => m.move) }
    const again = parseLine(lineOf(step), context)
    expect(again.moves.map(m => m.kind)).toEqual(first!.moves.map(m => m.move.kind))
    expect(corrected(first!, again, step).moves).toEqual(first!.moves)
  })
})

describe('looking at them', () => {
  it('a corrected line tells the draft; what it leaves as it was keeps its certainty', () => {
    const [first] = drafts(three)
    const step = { moves: first!.moves.map(m => m.move) }
    const line = `${lineOf(step).replace('2x', '3x')}; plug white 3w`
    const now = corrected(first!, parseLine(line, context), step)
    expect(now.moves.map(m => m.move.kind)).toEqual(['remove-fasteners', 'remove-part', 'unplug'])
    expect(now.moves[0]!.likelihood).toBe(1)
    expect(now.moves[1]).toEqual(first!.moves[1])
  })
  it('two become one, and one two: nothing of them is lost', () => {
    const all = drafts(three)
    const one = merged(all, 0)
    expect(one).toHaveLength(2)
    expect(one[0]!.moves).toEqual([...all[0]!.moves, ...all[1]!.moves])
    const parted = split(one, 0, 2, id(), start)
    expect(kinds(parted)).toEqual(kinds(all))
    expect([merged(all, 2), split(all, 0, 0, id(), start)]).toEqual([all, all])
    const kept = all.with(1, { ...all[1]!, state: 'kept' as const })
    expect(merged(kept, 0)).toEqual(kept)
  })
  it('photos go to the draft that was told when they were taken; the others are left over', () => {
    const { drafts: out, left } = withPhotos(drafts(three), [photo(7), photo(62), photo(4000)], start)
    expect(out.map(d => d.photos.length)).toEqual([1, 0, 1])
    expect(left).toEqual([photo(4000)])
    const parted = split(merged(out, 1), 1, 2, id(), start)
    expect(parted.map(d => d.photos.length)).toEqual([1, 0, 1])
  })
  it('a step of it has a free cell for each loose group that names none', () => {
    const screws = { kind: 'remove-fasteners', fastener: { size: 'T20' }, count: 2, cell: 'A1' }
    const { state } = foldAll([opening(), recorded(1, 'outside', screws)], blank)
    const [one] = drafts('0:05 two T15 at the top, four T30 at the bottom, one M6 x 30 in the middle, cell C2')
    const step = stepOf(state, 'front-loader', one!, 'front')
    const cells = step.moves.map(m => m.cell)
    expect(new Set(cells).size).toBe(step.moves.length)
    expect(cells).not.toContain('A1')
    expect(cells).toContain('C2')
    expect(step.zone).toBe('front')
  })
})
