import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { findPlates, readsAs, readPlate } from './plate.ts'

const known = ['FL-84', 'FL-70', 'TL-60', 'WB1080', 'FL-8'].map(code => ({ id: code, code }))
const found = (typed: string) => findPlates(typed, known).map(m => `${m.how} ${m.of.code}${m.rest && ` ${m.rest}`}`)

describe('a plate as it is typed', () => {
  it.each([
    ['FL-84 2231-0417', 'same FL-84 2231-0417'],
    ['fl84 2231', 'same FL-84 2231'],
    ['fl842231', 'same FL-84 2231'],
    ['FL-B4 2231', 'misread FL-84 2231'],
    ['F1-84', 'misread FL-84'],
    ['TL-6O 0098', 'misread TL-60 0098'],
    ['WBI0B0 7', 'misread WB1080 7'],
    ['TL', 'begun TL-60'],
    ['WB1O', 'begun WB1080'],
    ['WB1180 12', 'near WB1080 12'],
  ])('%s is %s', (typed, best) => expect(found(typed)[0]).toBe(best))
  it('offers all models that it may become, the longest code first', () => {
    expect(found('FL')).toEqual(['begun FL-84', 'begun FL-70', 'begun FL-8'])
    expect(found('FL-84')).toEqual(['same FL-84', 'same FL-8 4'])
  })
  it('finds nothing for what is not near', () => {
    expect([found(''), found('--'), found('QX-11')]).toEqual([[], [], []])
  })
  it('finds every code whatever letters were taken for figures in it', () => {
    const worn: Record<string, string> = { '0': 'O', '1': 'I', '8': 'B', '5': 'S', B: '8', I: '1', O: '0', L: '1' }
    fc.assert(
      fc.property(fc.constantFrom(...known), fc.nat(255), (of, bits) => {
        const typed = [...of.code].map((c, i) => ((bits >> (i % 8)) & 1 ? (worn[c] ?? c) : c)).join('')
        expect(findPlates(typed, known).some(m => m.of === of)).toBe(true)
      }),
    )
  })
  it('never throws', () => {
    fc.assert(fc.property(fc.string({ unit: 'binary', maxLength: 60 }), typed => void findPlates(typed, known)))
  })
  it('knows a serial by how it reads', () => {
    expect([readsAs('5500-0126', 'SSOO 0I26'), readsAs('5500-0126', '5500-0127')]).toEqual([true, false])
  })
})

describe('a plate in its fields', () => {
  const known = [
    { id: '1', code: 'FL-84' },
    { id: '2', code: 'KW' },
  ]
  it.each([
    ['FL-84 2231-0417', 'FL-84', '2231-0417'],
    ['fl84 2231-0417', 'FL-84', '2231-0417'],
    ['KW 2750 11/348221', 'KW 2750', '11/348221'],
    ['kw 11/348221', 'KW', '11/348221'],
    ['TL 60 S 0099', 'TL 60 S', '0099'],
    ['XQ7', 'XQ7', ''],
    ['', '', ''],
  ])('%s', (typed, code, serial) => expect(readPlate(typed, known)).toEqual({ code, serial }))
})
