import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readTimed } from './timed.ts'

const read = (source: string) => {
  const timed = readTimed(source)
  if (!timed.ok) throw new Error(timed.problem)
  return timed.cues
}
const wrong = (source: string) => {
  const timed = readTimed(source)
  return timed.ok ? '' : timed.problem
}

describe('a text with times', () => {
  it('is WebVTT: header, notes, ids, settings, markup and voices are no words', () => {
    const cues = read(
      [
        'WEBVTT - bench',
        '',
        'NOTE nobody says this',
        '',
        'intro',
        '00:00:01.500 --> 00:00:04.000 align:start position:0%',
        '<v Ines>Lid <b>off</b>, two &amp; two',
        'more of it',
        '',
        '01:02:03.250 --> 01:02:05.000',
        '<00:01:00.000><c>drum</c> out',
      ].join('\n'),
    )
    expect(cues).toEqual([
      { from: 1.5, to: 4, text: 'Lid off, two & two more of it', who: 'Ines' },
      { from: 3723.25, to: 3725, text: 'drum out' },
    ])
  })
  it('is SubRip: numbers of blocks are no words, with and without an empty line between', () => {
    const source = '1\r\n00:00:01,000 --> 00:00:02,500\r\nlid off\r\n2\r\n00:00:03,000 --> 00:00:04,000\r\nfour T20\r\n'
    expect(read(source).map(c => [c.from, c.to, c.text])).toEqual([
      [1, 2.5, 'lid off'],
      [3, 4, 'four T20'],
    ])
  })
  it.each([
    ['1:05 lid off', 65, 'lid off'],
    ['[0:01:05] lid off', 65, 'lid off'],
    ['(1:05) lid off', 65, 'lid off'],
    ['1:05 - 1:09 lid off', 65, 'lid off'],
    ['01:05.500 | lid off', 65.5, 'lid off'],
    ['\uFEFF62:10 lid off', 3730, 'lid off'],
  ])('is lines: %s', (line, from, text) => {
    expect(read(line)[0]).toMatchObject({ from, text })
  })
  it('lines without a time go on with the one before; a size at the start of a line is no time', () => {
    expect(read('0:05 lid off\n3:1 is no time\n\n0:09 drum out').map(c => c.text)).toEqual([
      'lid off 3:1 is no time',
      'drum out',
    ])
  })
  it('captions that roll say each line once', () => {
    const cue = (at: number, ...lines: string[]) => `00:00:0${at}.000 --> 00:00:0${at + 1}.000\n${lines.join('\n')}\n`
    const rolled = [
      'WEBVTT',
      '',
      cue(1, 'so the lid comes'),
      cue(2, 'so the lid comes', 'off with two screws'),
      cue(3, 'off with two screws', 'at the back'),
    ]
    expect(read(rolled.join('\n')).map(c => c.text)).toEqual(['so the lid comes', 'off with two screws', 'at the back'])
  })
  it('names before a colon are who speaks where most lines have one; else they are headings', () => {
    expect(read('0:01 Ines: lid off\n0:03 Pavel: where to\n0:05 Ines: there').map(c => c.who)).toEqual([
      'Ines',
      'Pavel',
      'Ines',
    ])
    expect(read('0:01 Rods: off\n0:03 four of them\n0:05 and the drum').map(c => c.text)[0]).toBe('Rods: off')
  })
  it('text without a time is one run from 0', () => {
    expect(read('so the lid came off\nand then the drum')).toEqual([
      { from: 0, to: expect.any(Number) as number, text: 'so the lid came off and then the drum' },
    ])
  })
  it.each([
    ['', /no text/],
    ['WEBVTT\n\nNOTE x', /no cue/],
    ['0:05 \n0:09 ', /nothing is said/],
    ['00:99 lid off', /Line 1.*under 60/],
    ['2:00:05 late\n', /two hours/],
    ['0:01 x'.padEnd(1_000_001, 'x'), /million/],
  ])('%# is told with what to do', (source, says) => {
    expect(wrong(source)).toMatch(says)
  })
  it('any text is read or refused, in ascending times, and never fails', () => {
    const piece = fc.oneof(
      fc.string({ unit: 'binary', maxLength: 40 }),
      fc.constantFrom(
        '\n',
        '\n\n',
        '0:05 ',
        '00:00:01.000 --> 00:00:02.000\n',
        '1\n',
        'WEBVTT\n\n',
        '[1:2:3]',
        '-->',
        '<v',
      ),
    )
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 30 }), pieces => {
        const timed = readTimed(pieces.join(''))
        if (!timed.ok) return timed.problem.length > 10
        return timed.cues.every((c, i, all) => c.to >= c.from && (i === 0 || all[i - 1]!.from <= c.from))
      }),
      { numRuns: 2000 },
    )
  })
})
