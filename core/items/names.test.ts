import { describe, expect, it } from 'vitest'
import { clips } from './clip.ts'
import { connectorName } from './connector.ts'
import { fastenerName, fasteners, fittingNotes, type Fastener } from './fastener.ts'
import { partCautions, seatNotes } from './part.ts'
import { waypointName } from './route.ts'
import { english } from '../words/english.ts'

describe('a fastener is called by what is known of it', () => {
  it.each<[Fastener, string]>([
    [{}, 'screw'],
    [{ size: 'T20' }, 'T20'],
    [{ size: 'T20', length: 18 }, 'T20 × 18'],
    [{ drive: 'torx', length: 18 }, 'torx × 18'],
    [{ size: '8 mm', thread: 'M5', length: 20, look: 'stainless' }, '8 mm M5 × 20 stainless'],
    [{ head: 'nut', size: '13 mm' }, '13 mm nut'],
    [{ size: '1/4 in' }, '1/4 in'],
    [{ length: 30 }, '30'],
    [{ size: '17 mm', hand: 'left' }, '17 mm left-hand'],
  ])('%j', (f, name) => expect(english(fastenerName(f))).toBe(name))

  it('in the plural where it has a noun', () => {
    expect(english(fasteners(4, {}))).toBe('four screws')
    expect(english(fasteners(2, { head: 'nut', size: '13 mm' }))).toBe('two 13 mm nuts')
    expect(english(fasteners(1, {}))).toBe('one screw')
    expect(english(fasteners(20, { size: 'T20' }))).toBe('20 T20')
  })
})

describe('fitting it again', () => {
  it.each<[number, Fastener, string[]]>([
    [1, {}, []],
    [4, {}, ['Start all by hand before any is tightened']],
    [
      4,
      { pattern: 'circle', torque: 25 },
      ['Start all by hand before any is tightened', 'Tighten crosswise, in two rounds', 'Tighten to 25 N·m'],
    ],
    [3, { pattern: 'row' }, ['Start all by hand before any is tightened', 'Tighten from the middle outwards']],
    [1, { hand: 'left' }, ['Left-hand thread: tightens anticlockwise']],
    [1, { into: 'plastic', feel: 'snug' }, ['Goes into plastic: only until it seats', 'Tighten snug']],
    [1, { feel: 'firm', torque: 9 }, ['Tighten to 9 N·m']],
    [1, { feel: 'finger' }, ['Tighten finger tight']],
    [1, { washers: 1 }, ['With its washer']],
    [2, { washers: 2 }, ['Start all by hand before any is tightened', 'With two washers each']],
    [1, { secured: 'thread-lock' }, ['New thread-lock']],
    [1, { secured: 'grease' }, ['A little grease on the thread']],
  ])('%i of %j', (n, f, notes) => expect(fittingNotes(n, f).map(said => english(said.says))).toEqual(notes))
})

describe('other things', () => {
  it('clips by kind', () => {
    const all = [clips(1, {}), clips(3, { type: 'push-pin' }), clips(2, { type: 'tab', fragile: true })]
    expect(all.map(english)).toEqual(['one clip', 'three push-pins', 'two fragile tabs'])
  })
  it('plugs by label, housing, ways and wires', () => {
    expect(english(connectorName({}))).toBe('plug')
    expect(english(connectorName({ label: 'P1', housing: 'white', ways: 3, wires: ['red', 'blue'] }))).toBe(
      'P1, white plug, 3 ways, red/blue',
    )
    expect(english(connectorName({ ways: 1 }))).toBe('plug, 1 way')
  })
  it('waypoints by how the line passes them', () => {
    expect(english(waypointName({ by: 'behind', of: 'spring' }))).toBe('behind the spring')
    expect(english(waypointName({ by: 'retainer', of: 'tub rim' }))).toBe('in the retainer at the tub rim')
    expect(english(waypointName({ by: 'over' }))).toBe('over it')
    expect(english(waypointName({ by: 'tie' }))).toBe('in the tie')
  })
  it('parts by how they face and seat, with what can hurt', () => {
    const notes = seatNotes({ name: 'x', orientation: 'Arrow up', seat: 'click', fragile: true })
    expect(notes.map(n => english(n.says))).toEqual(['Arrow up', 'Hear it click', 'Fragile: do not lever'])
    expect(partCautions({ name: 'x', people: 2, stores: 'charge' })).toEqual(['heavy', 'capacitor'])
    expect(partCautions({ name: 'x', people: 1 })).toEqual([])
  })
})
