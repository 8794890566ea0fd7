import { describe, expect, it } from 'vitest'
import { text } from '../words/language.ts'
import { seldomAtHand, standIns } from './stand-ins.ts'

const may = (tool: string) => standIns(tool).may.map(text).join(' · ')
const not = (tool: string) => standIns(tool).not.map(text).join(' · ')

describe('what may stand in for a tool', () => {
  it.each([
    ['8 mm spanner', '5/16 in', '3/8 in'],
    ['11 mm spanner', '7/16 in', '1/2 in'],
    ['16 mm spanner', '5/8 in', '11/16 in'],
    ['1/4 in driver', 'a socket', '7 mm'],
    ['7/16 in spanner', '11 mm', '10 mm'],
  ])('for %s, by what fits the flats: %s; never %s', (tool, fits, never) => {
    expect(may(tool)).toContain(fits)
    expect(may(tool)).not.toContain(never)
  })
  it.each([
    ['10 mm spanner', '7/16 in: it is loose'],
    ['13 mm spanner', '9/16 in: it is loose'],
    ['3/8 in spanner', '10 mm: it is loose'],
    ['T20 driver', 'one size smaller'],
    ['PH2 driver', '(PZ)'],
    ['clamp pliers', 'side cutters'],
    ['discharge resistor', 'screwdriver across'],
  ])('not for %s: %s', (tool, words) => {
    expect(not(tool)).toContain(words)
  })
  it('nothing is said of a tool that is not known', () => {
    expect(standIns('feeler of the third kind')).toEqual({ may: [], not: [] })
  })
  it('one big socket is told to be seldom at hand', () => {
    expect(['T20 driver', '22 mm spanner', '3/4 in spanner', 'puller'].map(seldomAtHand)).toEqual([
      false,
      true,
      true,
      true,
    ])
  })
})
