import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { placeLabels } from './label-places.ts'

const box = (l: { x: number; y: number; width: number }) => ({ ...l, right: l.x + l.width, bottom: l.y + 24 })

describe('labels of marks', () => {
  it('of two neighbours do not cover each other, nor the other mark', () => {
    const marks = [
      { x: 300, y: 200, label: 'D1' },
      { x: 330, y: 180, label: 'P1' },
    ]
    const [a, b] = placeLabels(marks, 800, 500).map(box)
    expect(a!.right <= b!.x || b!.right <= a!.x || a!.bottom <= b!.y || b!.bottom <= a!.y).toBe(true)
  })
  it('stay in the picture, wherever a lone mark is', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 800 }), fc.integer({ min: 0, max: 500 }), (x, y) => {
        const [l] = placeLabels([{ x, y, label: 'C12' }], 800, 500).map(box)
        expect(l!.x >= 0 && l!.y >= 0 && l!.right <= 800 && l!.bottom <= 500).toBe(true)
      }),
    )
  })
})
