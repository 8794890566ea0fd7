import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { flatten } from '../hearing/flat.ts'
import { taughtBy } from '../hearing/taught.ts'
import { narrate } from './narrate.ts'
import { readNarration } from './read-narration.ts'

function told(source: string) {
  const heard = narrate(source)
  if (!heard.ok) throw new Error(heard.problem)
  return heard
}
const acts = (source: string) =>
  flatten(told(source).acts.map(a => a.act)).map(({ kind, count, name, what, to }) =>
    [kind, count, name ?? what ?? to].flatMap(x => (x === undefined ? [] : [x as string])).join(' '),
  )

describe('what is said twice is one act', () => {
  it.each([
    [
      'shown, then done',
      '0:05 there are two screws at the back, T20\n0:12 so I take those two out',
      ['remove-fasteners 2'],
    ],
    [
      'counted along',
      '0:05 four T20 round the ring\n0:09 one, two, three\n0:15 and that is all four out',
      ['remove-fasteners 4'],
    ],
    ['a part that is off is off', '0:05 lid off\n0:40 lid is off and out of the way', ['remove-part lid']],
    [
      'a sum of what was told one by one',
      '0:05 two T20 at the top\n0:15 one T20 at the bottom\n0:25 so that is three in all',
      ['remove-fasteners 2', 'remove-fasteners 1'],
    ],
    [
      'one of several that is told apart',
      '0:05 two 10 mm bolts on the motor\n0:12 the top one is the long one\n0:20 both bolts out',
      ['remove-fasteners 2'],
    ],
  ])('%s', (_, source, expected) => {
    expect(acts(source)).toEqual(expected)
  })
  it.each([
    [
      'another of the same',
      '0:05 two T20 at the top\n0:15 two more T20 at the bottom',
      ['remove-fasteners 2', 'remove-fasteners 2'],
    ],
    [
      'the panel of another moment',
      '0:05 front panel off\n6:00 four T20 in the rear panel\n6:20 panel off',
      ['remove-part front panel', 'remove-fasteners 4', 'remove-part panel'],
    ],
    [
      'the other hose',
      '0:05 sump hose off the pump, spring clamp\n0:15 the other hose off too, spring clamp',
      ['open-joint', 'open-joint'],
    ],
  ])('but not %s', (_, source, expected) => {
    expect(acts(source)).toEqual(expected)
  })
})

describe('what is not done now is no act', () => {
  it.each([
    ['asked', '0:05 should I take the belt off?'],
    ['talk to who watches', '0:05 welcome back everyone, thanks for watching'],
    ['later', '0:05 later I lay it on its side for the pump'],
    ['left as it is', '0:05 that weight has three 13 mm bolts\n0:10 we do not need to touch that, leave it'],
    ['a tale', '0:05 my wife says I should wear gloves'],
  ])('%s', (_, source) => {
    expect(acts(source)).toEqual([])
  })
  it('intent is: what somebody is going to do he does', () => {
    expect(acts('0:05 I am going to take the lid off')).toEqual(['remove-part lid'])
  })
})

describe('what belongs to the way back stands apart', () => {
  it('a sentence of it, before the turn', () => {
    const heard = told('0:05 heater out\n0:10 when it goes back together the seal wants soap\n0:20 pump off')
    expect(heard.acts).toHaveLength(2)
    expect(heard.back.map(l => l.from)).toEqual([10])
  })
  it('all of it, after the turn', () => {
    const heard = told('0:05 pump off\n0:10 okay now we go the other way\n0:20 four T20 in the panel\n0:30 lid on')
    expect(heard.acts).toHaveLength(1)
    expect(heard.back).toHaveLength(3)
  })
})

describe('a narration', () => {
  it('says when each act is told, and keeps all that was said in order', () => {
    const heard = told('0:05 lid off\n1:10 and that was a lot of dust\n2:00 pump off')
    expect(heard.acts.map(a => Math.round(a.from))).toEqual([5, 120])
    expect(heard.spoken.map(s => s.tells)).toEqual(['acts', 'talk', 'acts'])
  })
  it('names what is only pointed at by what was named before', () => {
    expect(acts('0:05 front panel, two T20 at the bottom edge\n0:20 it lifts off')).toEqual([
      'remove-fasteners 2',
      'remove-part front panel',
    ])
  })
  it('is read with the words of the shop', () => {
    const heard = narrate('0:05 blip two at the top', taughtBy([{ word: 'blip', means: 'release-clips' }]))
    expect(heard.ok && heard.acts.map(a => a.act.kind)).toEqual(['release-clips'])
  })
  it('a run without punctuation is parted in steps', () => {
    const run =
      'so power is off and the tap is shut then I took two T20 out of the lid and lifted the lid off and the drawer came out ' +
      'and behind that two T15 and then the front panel is off with four T30 and after that the pump plug two wires and three T20 and the pump is out'
    const read = readNarration(run, 'front-loader')
    expect(read.ok && read.stretches.length).toBeGreaterThan(2)
  })
  it('any text is heard, and each act is told within the time of the recording', () => {
    const words =
      'lid off two T20 and then the pump plug so okay later? one, three screws out. back on it is 10 mm'.split(' ')
    const line = fc.array(fc.oneof(fc.constantFrom(...words), fc.string({ unit: 'binary', maxLength: 6 })), {
      maxLength: 25,
    })
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 8 }), lines => {
        const source = lines.map((l, i) => `${i}:00 x ${l.join(' ').replace(/[\r\n]/g, ' ')}`).join('\n')
        const heard = narrate(source)
        return !heard.ok || heard.acts.every(a => a.from >= 0 && a.to >= a.from)
      }),
      { numRuns: 400 },
    )
  })
})
