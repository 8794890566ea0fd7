import { describe, expect, it } from 'vitest'
import { parseLine } from '../quick-line/parse.ts'
import { besides, compare, lookAlikes, type LookAlike } from './find.ts'
import { lotOf, type Lot } from './lot.ts'
import { warningOf } from './words.ts'
import { english } from '../words/english.ts'

let n = 0
/** The lot of a quick line in a zone: `door: 2x T20 @A1`. */
function lot(line: string): Lot {
  const id = () => `00000000-0000-4000-8000-${String(++n).padStart(12, '0')}`
  const parsed = parseLine(line, { family: 'front-loader', around: { posture: 'upright', isolated: [] }, id })
  const step = { id: id(), zone: parsed.zone ?? 'rear', photos: [], marks: [], moves: parsed.moves }
  const found = parsed.moves.length === 1 ? lotOf(parsed.moves[0]!, step, n, 'front-loader') : null
  if (!found) throw new Error(`${line} is no lot`)
  return found
}
const worded = (pair: LookAlike) => {
  const { head, why, act } = warningOf(pair)
  return { head: english(head), why: english(why), act: english(act) }
}
const held = (a: string, b: string) => compare('front-loader', lot(a), lot(b))
const said = (a: string, b: string) => {
  const pair = held(a, b)
  return pair ? [pair.danger, pair.effects.map(e => english(e.says)).join('; ')] : null
}

describe('pairs that a tired eye would swap, and what the swap would do', () => {
  it.each<[string, string, string, RegExp]>([
    // length
    ['4x T20x16 tub front', '4x T20x18 pump bracket', 'harm', /^2 mm more reach the tub wall/],
    ['4x T20x18 pump bracket', '4x T20x16 tub front', 'harm', /^2 mm more reach the tub wall/],
    ['2x T20x12 console', '2x T20x20 lid', 'harm', /8 mm more reach a wire/],
    ['2x M6x20 damper', '2x M6x25 brace', 'trouble', /5 mm more reach what lies behind/],
    ['2x T15x12 lid', '2x T15 bracket', 'unknown', /not measured/],
    ['2x #8 x 1/2 board', '2x #8 x 3/4 lid', 'harm', /6.4 mm more reach a wire/],
    ['1x M8x30 motor', '1x M8x45 weight', 'harm', /15 mm more reach a wire/],
    ['2x T20x16 bellows ring', '2x T20x18 lid', 'harm', /reach the tub wall/],
    // thread
    ['2x M4x16 lid', '2x 4.2x16 into plastic drawer', 'trouble', /machine thread does not hold in plastic/],
    ['2x M4x16 frame', '2x 4.2x16 rail', 'trouble', /self-tapping screw ruins a machine thread/],
    ['2x M5x16 frame', '2x M6x16 rail', 'trouble', /thick one strips/],
    ['2x M8x1.25x30 weight', '2x M8x1x30 weight', 'trouble', /jams after two turns/],
    ['2x #8 x 1/2 lid', '2x #10 x 1/2 lid', 'trouble', /thick one strips/],
    // finish
    ['drawer: 2x T20 stainless', '2x T20 zinc lid', 'trouble', /rusts in/],
    ['2x 10 af stainless pump', '2x 10 af plain rail', 'trouble', /rusts in/],
    ['2x T20 stainless frame', '2x T20 lid', 'unknown', /Stainless belongs where it gets wet/],
    // hand
    ['1x 17 mm nut left hand pulley', '1x 17 mm nut damper', 'harm', /winds itself off/],
    ['1x 13 mm nut left hand brace', '1x 13 mm nut frame', 'trouble', /strips the thread/],
    // washers, thread-lock, earth, head, drive
    ['2x M6 with washer pump', '2x M6 no washer lid', 'trouble', /Without its washer/],
    ['3x T25 thread lock rotor', '3x T25 weight', 'harm', /shakes loose/],
    ['3x T25 thread lock frame', '3x T25 weight', 'trouble', /shakes loose/],
    ['1x T20 green earth', '1x T20 lid', 'harm', /earth is only as good/],
    ['2x flange M6 damper', '2x pan M6 rail', 'trouble', /Without its flange/],
    ['2x PH2 lid', '2x PZ2 hinge', 'unknown', /climbs out/],
    ['2x 8 mm lid', '2x 5/16 in hinge', 'unknown', /nearly fits/],
    ['2x T20 lid', '2x T25 hinge', 'trouble', /different screws/],
    ['2x 7 mm lid', '2x 8 mm hinge', 'trouble', /different screws/],
    // connectors
    ['plug white 3w red/blue/green', 'plug white 3w red/black/green', 'harm', /crosses the circuits/],
    ['plug white 3w red/blue/green', 'plug white 3w red/blue/green', 'harm', /Nothing but a label/],
    ['plug white 2w', 'plug white 2w', 'harm', /may fit each other/],
    ['plug white 3w red/blue/green', 'plug 3w red/blue/green', 'harm', /Nothing but a label/],
    ['plug black 2w brown/blue', 'plug white 2w red/blue', 'trouble', /in spite of their colours/],
    ['plug 1w brown heater', 'plug 1w blue heater', 'harm', /wrong terminals/],
    ['plug P1 white 3w', 'plug white 3w', 'harm', /may fit each other/],
    ['top: plug white 2w', 'console: plug white 2w', 'harm', /may fit/],
    ['front: plug white 2w reach 450', 'rear: plug white 2w', 'harm', /may fit/],
  ])('%s / %s: %s', (a, b, danger, says) => {
    const [found, words] = said(a, b) ?? []
    expect(found).toBe(danger)
    expect(words).toMatch(says)
    expect(said(b, a)).toEqual([found, words])
  })

  it.each<[string, string, string]>([
    ['4x T20x18 lid', '2x T20x18 frame', 'the same screw'],
    ['4x T20 lid', '2x PH2 frame', 'another drive'],
    ['1x T20x12 lid', '1x T20x40 frame', 'lengths seen at a glance'],
    ['1x 10 mm nut lid', '1x 10 mm bolt frame', 'a nut is no screw'],
    ['2x T20 black lid', '2x T20 stainless frame', 'finishes seen at a glance'],
    ['2x countersunk PH2 lid', '2x pan head PH2 frame', 'heads seen at a glance'],
    ['2x M4x16 lid', '2x M8x16 frame', 'threads seen at a glance'],
    ['2x T20 lid', '2x T40 frame', 'sizes far apart'],
    ['2x 8 mm lid', '2x 13 mm frame', 'spanners far apart'],
    ['6x T20', '6x T20', 'nothing is known to differ'],
    ['plug white 3w', 'plug white 4w', 'other ways'],
    ['plug white 3w keyed', 'plug black 3w', 'keyed and of another colour'],
    ['plug P1 white 3w', 'plug P2 white 3w', 'labelled apart'],
    ['front: plug white 2w', 'rear: plug white 2w', 'out of reach'],
    ['plug white 3w tab lock', 'plug white 3w slider', 'other locks'],
    ['plug 1w on terminal L1', 'plug 1w on terminal L2', 'terminals named'],
    ['plug white 3w', '2x T20', 'a plug is no screw'],
  ])('%s / %s: nothing to say, %s', (a, b) => {
    expect(held(a, b)).toBeNull()
    expect(held(b, a)).toBeNull()
  })
})

describe('the warning', () => {
  it('says what looks like what, what a swap would do, what to do now', () => {
    const [pair] = lookAlikes('front-loader', [lot('4x T20x16 tub @A4'), lot('4x T20x18 pump bracket @B3')])
    expect(worded(pair!)).toEqual({
      head: 'T20 × 18 looks like T20 × 16 in A4.',
      why: '2 mm more reach the tub wall.',
      act: 'Put them into cells that do not touch.',
    })
  })
  it('asks for a label or a photo of plugs', () => {
    const [pair] = lookAlikes('front-loader', [lot('plug white 2w'), lot('plug white 2w')])
    expect(worded(pair!).act).toBe('Label one, or photograph both, before the second comes off.')
    const [seen] = lookAlikes('front-loader', [
      { ...lot('plug white 2w'), marked: true },
      { ...lot('plug white 2w'), marked: true },
    ])
    expect(worded(seen!).act).toBe('Label one of them.')
  })
  it('comes before a look-alike goes into the same cell or one that touches it', () => {
    const lots = [lot('4x T20x16 tub @B2'), lot('4x T20x18 lid')]
    const pairs = lookAlikes('front-loader', lots)
    expect(['B2', 'C3', 'B4', 'D2'].map(cell => besides(pairs, lots[1]!.id, cell).length)).toEqual([1, 1, 0, 0])
  })
  it('puts the worst first', () => {
    const lots = [lot('2x PH2 lid'), lot('2x PZ2 hinge'), lot('4x T20x16 tub'), lot('4x T20x18 lid')]
    expect(lookAlikes('front-loader', lots).map(p => p.danger)).toEqual(['harm', 'unknown'])
  })
})
