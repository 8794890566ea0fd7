import { describe, expect, it } from 'vitest'
import { foldAll } from '../log/fold.ts'
import { event, id, opening } from '../test/arbitrary-log.ts'
import { bookFrom } from '../test/told-machine.ts'
import { madeTruth, toldAnew } from '../test/told-anew.ts'
import type { Book } from './book.ts'
import { recordingOf, type Recording } from './recording.ts'

const actsOf = (book: Book) => book.steps.flatMap(s => s.acts)

describe('the book of a model', () => {
  it('says of each act in how many jobs of those that came so far it was done, and which', () => {
    const truth = madeTruth(31, 30)
    const told = Array.from({ length: 5 }, (_, k) => toldAnew(truth, 0, 60 + k).recording)
    const short: Recording = { ...told[0]!, job: 'short', doings: told[0]!.doings.slice(0, -6) }
    const book = bookFrom([...told, short])
    expect(actsOf(book).every(a => a.jobs.length >= 5 && a.of >= a.jobs.length)).toBe(true)
    expect(actsOf(book).at(-1)!.jobs).not.toContain('short')
  })
  it('a change of the series is told with the serial, chance is not', () => {
    const truth = madeTruth(32, 40)
    const at = truth.acts.findIndex(a => a.move.kind === 'remove-fasteners')
    const told = Array.from({ length: 14 }, (_, k): Recording => {
      const { recording } = toldAnew(truth, 0, 300 + k)
      const doings = recording.doings.map((d, i) =>
        i === at ? { ...d, move: { ...d.move, count: k < 6 ? 3 : 4 } as typeof d.move } : d,
      )
      return { ...recording, serial: `77-${k < 6 ? 1000 + k * 13 : 2000 + k * 17}`, doings }
    })
    const varied = actsOf(bookFrom(told)).flatMap(a => a.varies.filter(v => v.split))
    expect(varied).toMatchObject([
      { field: 'count', split: { by: 'serial', before: '3', after: '4', from: '77-2102' } },
    ])
  })
  it('ways in that differ stand apart, the commonest first', () => {
    const cover = (name: string, opens: string[]) => ({ kind: 'remove-part', part: { name, opens } })
    const job = (n: number, ...moves: object[]): Recording => {
      const steps = moves.map((m, i) =>
        event(
          'step-recorded',
          {
            step: {
              id: id(i + 1, `${n}`),
              zone: 'outside',
              photos: [],
              marks: [],
              moves: [{ id: id(i + 1, `a${n}`), way: 'down', ...m }],
            },
          },
          i + 2,
        ),
      )
      const { state } = foldAll([opening(), ...steps])
      return recordingOf(
        `job ${n}`,
        { ...state, closing: { at: '', by: '', clean: true, abandoned: false, owed: [] } },
        { serial: `${n}` },
      )!
    }
    const book = bookFrom([
      job(1, cover('back panel', ['rear'])),
      job(2, cover('front panel', ['front'])),
      job(3, cover('rear panel', ['rear'])),
    ])
    expect(book.ways).toEqual([
      { covers: ['rear panel'], jobs: ['job 1', 'job 3'] },
      { covers: ['front panel'], jobs: ['job 2'] },
    ])
  })
})

describe('what one job learnt', () => {
  const step = (n: number, move: object, minute: number) =>
    event(
      'step-recorded',
      {
        step: { id: id(n, 's'), zone: 'top', photos: [], marks: [], moves: [{ id: id(n, 'm'), way: 'down', ...move }] },
      },
      minute * 60,
    )
  const log = [
    opening(),
    event('phase-changed', { phase: 'descent' }, 1 * 60),
    step(1, { kind: 'remove-fasteners', place: 'bracket', count: 2, fastener: {}, condition: 'corroded' }, 3),
    step(2, { kind: 'remove-part', part: { name: 'bracket' } }, 5),
    event('note-added', { text: 'sharp edge behind it', step: id(2, 's') }, 6 * 60),
    event('constraint-added', { first: id(2, 's'), then: id(1, 's'), reason: 'its screw is covered' }, 7 * 60),
    event('phase-changed', { phase: 'return' }, 8 * 60),
    step(3, { kind: 'remove-fasteners', place: 'ground strap', count: 1, fastener: {} }, 9),
    event('gate-passed', { step: id(1, 's'), owed: [id(3, 'm')], reason: 'strap comes tomorrow' }, 10 * 60),
  ]
  const { state, refused } = foldAll(log)
  const closed = {
    ...state,
    closing: { at: '2026-01-02T00:00:00.000Z', by: 'x', clean: true, abandoned: false, owed: [] },
  }
  const recording = recordingOf('one', closed, { serial: '1' }, [
    { step: id(2, 's'), reason: 'the loom was behind it' },
  ])!

  it('is kept with the acts at which the next one hears it', () => {
    expect(refused).toEqual([])
    expect(recording.lessons.map(l => [l.kind, l.when, l.at])).toEqual([
      ['order said', 'both', [id(2, 'm'), id(1, 'm')]],
      ['seen on the way back', 'both', [id(3, 'm'), id(2, 'm')]],
      ['opened again', 'back', [id(2, 'm')]],
      ['closed with something owed', 'back', [id(1, 'm')]],
      ['found so', 'down', [id(1, 'm')]],
      ['noted', 'both', [id(2, 'm')]],
    ])
  })
  it('what made a new part fit, and a towel put in on the way back, were not overlooked', () => {
    const more = [
      ...log,
      step(4, { kind: 'place-temporary', thing: 'towel', count: 1 }, 11),
      step(5, { kind: 'adapt', part: { name: 'pump' }, work: 'turn its plug' }, 12),
      event(
        'part-adapted',
        { part: 'pump', point: 'plug side', says: 'turn its plug', step: id(5, 's'), scrapped: [] },
        13 * 60,
      ),
    ]
    const told = foldAll(more)
    expect(told.refused).toEqual([])
    const after = recordingOf('one', { ...told.state, closing: closed.closing }, { serial: '1' })!
    expect(after.lessons.filter(l => l.kind === 'seen on the way back')).toHaveLength(1)
    expect(after.doings.map(d => d.move.kind)).not.toContain('adapt')
  })
  it('minutes are of the way down only', () => {
    expect(recording.doings.map(d => d.minutes)).toEqual([undefined, 2, undefined])
  })
  it('a job that is not closed has none', () => {
    expect(recordingOf('one', state, { serial: '1' })).toBeNull()
  })
  it('stands at its acts in the book, said once where two jobs say the same', () => {
    const book = bookFrom([recording, { ...recording, job: 'two' }])
    const at = (name: string) => actsOf(book).find(a => JSON.stringify(a.move).includes(name))!
    expect(at('ground strap').lessons).toMatchObject([{ kind: 'seen on the way back', job: 'one' }])
    expect(actsOf(book)[1]!.lessons.map(l => l.kind)).toEqual([
      'order said',
      'seen on the way back',
      'opened again',
      'noted',
    ])
  })
})
