import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readRitual, ritualText } from './notation.ts'
import { begin, play, type Played, type Playing } from './play.ts'
import { scheduled } from './schedule.ts'
import { beatsOf, most, type Ritual, type RitualStep } from './ritual.ts'

const read = (text: string): Ritual => {
  const found = readRitual(text)
  if (!found.ok) throw new Error(`${found.at}: ${found.reason}`)
  return found.ritual
}
const refused = (text: string): string => {
  const found = readRitual(text)
  return found.ok ? 'read' : `${found.at}: ${found.reason}`
}

const word = fc.constantFrom(
  'selector left',
  'press START',
  'lid open',
  'power off',
  'turn dial to 4',
  'STOP',
  'door shut',
)
const seconds = fc.integer({ min: 1, max: most.seconds })
const step: fc.Arbitrary<RitualStep> = fc.oneof(
  seconds.map(wait => ({ wait })),
  fc.constantFrom('all lamps off', 'the code is gone', 'd 03').map(see => ({ see })),
  fc
    .record({
      acts: fc.array(
        fc.oneof(
          word.map(say => ({ say })),
          fc.integer({ min: 1, max: 9 }).map(hold => ({ say: 'hold START', hold })),
        ),
        { minLength: 1, maxLength: 3 },
      ),
      times: fc.integer({ min: 1, max: 4 }),
      within: fc.option(fc.integer({ min: 220, max: 600 }), { nil: undefined }),
      apart: fc.option(fc.integer({ min: 1, max: 9 }), { nil: undefined }),
    })
    .map(({ acts, times, within, apart }) => ({ acts, times, ...(within && { within }), ...(apart && { apart }) })),
)
const ritual = fc.array(step, { minLength: 1, maxLength: 6 })

describe('the notation of a ritual', () => {
  it('reads holds, repeats in brackets within a time, pauses, and what is seen', () => {
    expect(read('hold START 6 s; (selector left, right) x3 in 20 s; wait 2 min; see "all lamps off"')).toEqual([
      { acts: [{ say: 'hold START', hold: 6 }], times: 1 },
      { acts: [{ say: 'selector left' }, { say: 'selector right' }], times: 3, within: 20 },
      { wait: 120 },
      { see: 'all lamps off' },
    ])
  })
  it.each([
    ['', '0: say the first act, like: hold START 6 s'],
    ['hold START', '0: say how long it is held: hold START 6 s'],
    ['wait', '4: say how long after "wait", like wait 20 s'],
    ['wait 5', '5: say the unit of 5: s or min'],
    ['wait 0 s', '5: a time is more than 0 s'],
    ['wait 31 min', '5: a time is 30 min at most'],
    ['see all lamps', '4: put what is to be seen in quotes: see "all lamps off"'],
    ['see "all', '4: this quote is not closed'],
    ['(lid open, shut x3', '0: this bracket is not closed'],
    ['press A; press B x0', '17: between x1 and x60'],
    ['press A x2 x3', '11: how many times is said twice'],
    ['hold A 6 s x4 in 20 s', '0: this takes 24 s and is to be done in 20 s'],
    ['press A) x3', '7: ")" is not understood here: end the step with ;'],
    ['press A x60; (press A, press B, press C) x60', '0: 240 beats are too many: 200 at most'],
    [`press ${'A'.repeat(50)}`, '0: shorten this to 40 characters'],
  ])('refuses %j with its place and the reason', (text, why) => expect(refused(text)).toBe(why))

  it('any text is read or refused, with a place in it', () => {
    const pieces = fc.constantFrom(
      'hold',
      'START',
      '6 s',
      ';',
      '(',
      ')',
      ',',
      'x3',
      'in',
      'every',
      '"',
      'see',
      'wait',
      '9e9 s',
      'x999',
      ' ',
      'left',
    )
    const text = fc.oneof(
      fc.string({ unit: 'binary', maxLength: 300 }),
      fc.array(pieces, { maxLength: 40 }).map(p => p.join(' ')),
    )
    fc.assert(
      fc.property(text, said => {
        const found = readRitual(said)
        if (found.ok) return beatsOf(found.ritual).length <= most.beats
        return found.at >= 0 && found.at <= said.length && found.reason.length > 0
      }),
      { numRuns: 3000 },
    )
  })

  it('written and read again is the same ritual', () => {
    fc.assert(
      fc.property(ritual, r => {
        expect(read(ritualText(r))).toEqual(r)
      }),
      { numRuns: 500 },
    )
  })

  it('played in time comes to its end, whatever it is', () => {
    fc.assert(
      fc.property(ritual, r => {
        const beats = beatsOf(r)
        let now = 100
        let playing = begin(now)
        const does = (what: Played['does']) => (playing = play(playing, beats, { does: what, now }))
        for (let guard = 0; playing.at < beats.length && guard < 500; guard++) {
          const beat = beats[playing.at]!
          if (beat.kind === 'wait') {
            now += beat.seconds!
            does('tick')
            continue
          }
          now += beat.apart ?? 0
          does('press')
          if (beat.kind === 'hold') {
            now += beat.seconds!
            does('release')
          }
        }
        expect(playing).toMatchObject({ at: beats.length, tries: 1 })
      }),
      { numRuns: 300 },
    )
  })
})

describe('a ritual that is played', () => {
  const beats = beatsOf(read('hold START 6 s; (selector left, right) x3 in 20 s; wait 5 s; press START x2 every 2 s'))
  const after = (...what: readonly (readonly [Played['does'], number])[]): Playing =>
    what.reduce((p, [does, now]) => play(p, beats, { does, now }), begin(0))
  const held = [
    ['press', 1],
    ['release', 7.5],
  ] as const

  it('goes on beat by beat', () => {
    expect(after(...held)).toMatchObject({ at: 1, stepSince: 7.5, tries: 1 })
    expect(after(...held, ['press', 9])).toMatchObject({ at: 2 })
  })
  it('begins again when a hold is let go before its time', () => {
    expect(after(['press', 1], ['release', 6.9])).toMatchObject({ at: 0, missed: { why: 'let go', beat: 0 }, tries: 2 })
  })
  it('begins again when the time of the step is over, even if nobody presses', () => {
    expect(after(...held, ['tick', 27.5])).toMatchObject({ at: 1 })
    expect(after(...held, ['tick', 27.6])).toMatchObject({ at: 0, missed: { why: 'too late', beat: 1 } })
  })
  it('is too early in a wait, or nearer than it may be, and a wait ends by itself', () => {
    const turned = [...held, ...[8, 9, 10, 11, 12, 13].map(t => ['press', t] as const)]
    expect(after(...turned, ['press', 15])).toMatchObject({ at: 0, missed: { why: 'too early', beat: 7 } })
    expect(after(...turned, ['tick', 18])).toMatchObject({ at: 8 })
    expect(after(...turned, ['press', 18.2])).toMatchObject({ at: 9 })
    expect(after(...turned, ['press', 18.2], ['press', 19])).toMatchObject({ missed: { why: 'too early', beat: 9 } })
    expect(after(...turned, ['press', 18.2], ['press', 20.3])).toMatchObject({ at: 10, tries: 1 })
  })
})

describe('the even times of a step', () => {
  const times = (text: string) => scheduled(beatsOf(read(text)))
  it('spreads beats over the time that they have, and keeps apart what must be', () => {
    expect(times('(selector left, right) x3 in 20 s').map(d => d.from)).toEqual([0, 3.4, 6.8, 10.2, 13.6, 17])
    expect(times('press A x3 every 5 s').map(d => d.from)).toEqual([0, 5, 10])
    expect(times('press A x3').map(d => d.from)).toEqual([0, 2, 4])
    expect(times('hold A 6 s')).toEqual([{ from: 0, to: 6 }])
  })
  it('played at its even times, any ritual comes to its end at the first try', () => {
    fc.assert(
      fc.property(ritual, r => {
        const beats = beatsOf(r)
        let playing = begin(0)
        let from = 0
        for (let step = 0; step < r.length; step++) {
          const own = beats.filter(b => b.step === step)
          scheduled(own).forEach((due, i) => {
            // Each act a little after it falls due.
            const late = 1e-4 * (i + 1)
            const does = (what: Played['does'], now: number) =>
              (playing = play(playing, beats, { does: what, now: from + now + late }))
            if (own[i]!.kind === 'wait') does('tick', due.to)
            else does('press', due.from)
            if (own[i]!.kind === 'hold') does('release', due.to + 1e-5)
            if (i === own.length - 1) from += due.to + late
          })
        }
        expect(playing).toMatchObject({ at: beats.length, tries: 1 })
      }),
      { numRuns: 300 },
    )
  })
})
