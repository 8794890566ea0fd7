import { describe, expect, it } from 'vitest'
import { bookFrom, off, screws, told } from '../test/told-machine.ts'
import { proseOf } from './prose.ts'

const descent = (n: string, count: number) =>
  told(n, 'front-loader', [
    screws('outside', 'rear panel', count, 'T20', 2),
    off('outside', 'rear panel', 1, ['rear']),
    { zone: 'drive', minutes: 1, move: { kind: 'cut', consumable: 'tie', count: 2, place: 'motor loom' } },
  ])

describe('a book in prose', () => {
  const { down, back } = proseOf(bookFrom([descent('a', 6), descent('b', 8), descent('c', 8)]), 'front-loader')
  it('tells every step down, with its tool and what varies', () => {
    expect(down.map(s => s.number)).toEqual([1, 2, 3])
    expect(down[0]!.says[0]).toBe('Rear panel: take out eight T20.')
    expect(down[0]!.tools).toEqual(['T20 driver'])
    expect(down[0]!.minds.join()).toContain('8 (2×), 6 (1×)')
  })
  it('tells the way back as its mirror, in the words of the return', () => {
    expect(back.map(s => s.number)).toEqual([3, 2, 1])
    expect(back[0]!.says[0]).toBe('Motor loom: put on two new ties.')
    expect(back[2]!.says.join(' ')).toContain('start all eight T20 by hand')
  })
  it('of an empty book is empty', () => {
    expect(proseOf(bookFrom([]), 'top-loader')).toEqual({ down: [], back: [] })
  })
})
