import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { describe as inWords } from '../moves/move.ts'
import { off, screws, told } from '../test/told-machine.ts'
import { madeTruth, toldAnew } from '../test/told-anew.ts'
import { bookOf, type Book, type BookAct } from './book.ts'
import { nothingLaid, without, withRecording, type Laid } from './columns.ts'
import type { HandBody } from './hand.ts'

const laid: Laid = [
  told('job-a', 'front-loader', [
    screws('outside', 'rear panel', 8, 'T20', 2),
    off('outside', 'rear panel', 1),
    off('rear', 'wobble gadget', 1),
  ]),
  told('job-b', 'front-loader', [
    screws('outside', 'rear panel', 8, 'T20', 3),
    off('outside', 'rear panel', 1),
    off('rear', 'thingamajig', 3),
  ]),
  told('job-c', 'front-loader', [screws('outside', 'rear panel', 7, 'T20', 4), off('outside', 'rear panel', 1)]),
].reduce(withRecording, nothingLaid)
const acts = (book: Book): BookAct[] => book.steps.flatMap(s => s.acts)
const named = (book: Book, words: string) => acts(book).find(a => inWords(a.move).includes(words))
const plain = bookOf(laid)
let n = 0
const words = (...bodies: HandBody[]) => bodies.map(body => ({ id: `word-${(n += 1)}`, body }))
const gadget = named(plain, 'wobble gadget')!
const thing = named(plain, 'thingamajig')!

describe("the lead's hand", () => {
  it('puts two acts together that are one, with the jobs and minutes of both', () => {
    const book = bookOf(laid, words({ kind: 'merged', act: gadget.id, with: thing.id }))
    expect(acts(book)).toHaveLength(acts(plain).length - 1)
    expect(acts(book).find(a => a.id === gadget.id)).toMatchObject({
      jobs: ['job-a', 'job-b'],
      minutes: { median: 2, of: 2 },
    })
  })
  it('renames, pins, marks and warns; a later word on the same goes before an earlier one', () => {
    const of = { act: gadget.id }
    const book = bookOf(
      laid,
      words(
        { kind: 'renamed', ...of, name: 'first' },
        { kind: 'renamed', ...of, name: 'damper lever' },
        { kind: 'pinned', ...of, job: 'job-a', photo: 'a'.repeat(64) },
        { kind: 'standard', ...of },
        { kind: 'trap', ...of, says: 'it springs back' },
      ),
    )
    const act = named(book, 'damper lever')!
    expect(act).toMatchObject({ id: gadget.id, photo: { hash: 'a'.repeat(64) }, standard: true })
    expect(act.lessons[0]).toMatchObject({ kind: 'trap', says: 'it springs back', when: 'both' })
    expect(acts(book).filter(a => a.standard)).toHaveLength(1)
  })
  it('withdraws a recording with its share, and words that were said by its telling go on with the act', () => {
    const screw = acts(plain)[0]!
    expect(screw.id).toContain('job-a')
    const book = bookOf(
      laid,
      words(
        { kind: 'trap', act: screw.id, says: 'sharp edge' },
        { kind: 'withdrawn', job: 'job-a', reason: 'another model' },
      ),
    )
    const left = bookOf(without(laid, 'job-a'))
    expect(book.recordings).toEqual(left.recordings)
    expect(acts(book).map(a => a.jobs)).toEqual(acts(left).map(a => a.jobs))
    expect(named(book, 'wobble gadget')).toBeUndefined()
    expect(acts(book)[0]!.lessons.map(l => l.says)).toContain('sharp edge')
  })
  it('that is taken back leaves the book as it was, whatever was said and on whatever recordings', () => {
    const truth = madeTruth(4711, 30)
    const many = Array.from({ length: 4 }, (_, i) => toldAnew(truth, 0.2, i).recording).reduce(
      withRecording,
      nothingLaid,
    )
    const before = bookOf(many)
    const id = fc.constantFrom(...acts(before).map(a => a.id))
    const body = fc.oneof(
      fc.record({ kind: fc.constant('renamed' as const), act: id, name: fc.string({ minLength: 1, maxLength: 20 }) }),
      fc.record({ kind: fc.constant('merged' as const), act: id, with: id }),
      fc.record({ kind: fc.constant('standard' as const), act: id }),
      fc.record({ kind: fc.constant('trap' as const), act: id, says: fc.string({ minLength: 1, maxLength: 20 }) }),
      fc.record({
        kind: fc.constant('withdrawn' as const),
        job: fc.constantFrom(...before.recordings.map(r => r.job)),
        reason: fc.constant('x'),
      }),
    )
    fc.assert(
      fc.property(fc.array(body, { maxLength: 6 }), bodies => {
        const said = words(...bodies)
        const now = bookOf(many, said)
        // Nothing is told twice, nothing that stands is lost.
        const gone = new Set(bodies.flatMap(b => (b.kind === 'withdrawn' ? [b.job] : [])))
        const told = (b: Book) => acts(b).reduce((sum, a) => sum + a.jobs.filter(j => !gone.has(j)).length, 0)
        expect(told(now)).toBeLessThanOrEqual(told(before))
        expect(now.recordings.map(r => r.job)).toEqual(before.recordings.map(r => r.job).filter(j => !gone.has(j)))
        const undone = said.map((w): HandBody => ({ kind: 'undone', word: w.id }))
        expect(bookOf(many, [...said, ...words(...undone)])).toEqual(before)
      }),
      { numRuns: 60 },
    )
  })
})
