import { dice, type Dice } from '@dialytica/core/test/dice.ts'
import { through, type Picture, type Spot } from '@dialytica/core/then-and-now'
import { drawBench, perMm, type BenchPart, type BenchPlace, type Beside } from '../camera/bench-part.ts'
import { developed, lightOf, photograph } from './photograph.ts'
import { planeAt, standWithin, type Stand } from './stand.ts'

/** A part that nobody designed: a body with holes in its corners, a head, a neck and a plug at some side. */
export function madePart(seed: number): BenchPart {
  const d = dice(seed * 97 + 3)
  const width = 60 + d.int(0, 30)
  const height = 44 + d.int(0, 20)
  const bore = 4 + d() * 3
  const [hx, hy] = [width / 2 - 7 - d() * 3, height / 2 - 7 - d() * 3]
  const sides = ['left', 'right', 'top', 'bottom'] as const
  const [one, other] = [d.int(0, 3), d.int(1, 3)]
  return {
    body: { width, height, fill: d.pick(['white', 'white', 'black', 'zinc'] as const) },
    holes: [
      [-hx, -hy],
      [hx, -hy],
      [hx, hy],
      [-hx, hy],
    ].map(([x, y]) => ({ x: x!, y: y!, bore })),
    boss: { x: d() * 6 - 3, y: 0, across: 22 + d() * 8, shaft: 8 + d() * 4 },
    plug: { side: sides[one]!, ways: d.int(2, 4) },
    stub: { side: sides[(one + other) % 4]!, bore: 16 + d() * 6, length: 18 + d() * 14 },
    marks: `KP ${d.int(100, 999)}-${d.int(10, 99)}`,
  }
}

/** A photo of a part with what lies beside it: taken with a lean of so many degrees at most. */
export interface PartPhoto {
  /** Where a place on the bench, in mm, is on the photo, in pixels. */
  seen(place: BenchPlace): Spot
  /** Where a place of the part, from its middle, is on the photo. */
  onPart(place: BenchPlace): Spot
  beside: Beside
  /** The focal length of its lens in widths of the photo, as a picture says it: to a whole millimetre. */
  lens: number
  /** Taps on the corners of the card beside it; none where a coin lies there. */
  corners(): Spot[]
  /** Where a finger taps that means a place. */
  tapped(at: Spot): Spot
  take(): Promise<Picture>
}

export function partPhoto(part: BenchPart, beside: 'coin' | 'card', degrees: number, seed: number): PartPhoto {
  const d: Dice = dice(seed * 61 + 11)
  const stand: Stand = standWithin(d, degrees)
  const lit = { ...lightOf(d), glare: undefined }
  const at = { x: 136 + d() * 8, y: 66 + d() * 8 }
  const turn = d() * 40 - 20
  const by: Beside =
    beside === 'coin'
      ? {
          is: 'coin',
          x: at.x - part.body.width / 2 - 14 - d() * 4,
          y: at.y - part.body.height / 2 - 12 - d() * 4,
          across: 23.5,
        }
      : { is: 'card', x: 26 + d() * 8, y: 68 + d() * 8, width: 85.6, height: 20, turn: 90 + d() * 6 - 3 }
  const seen = (p: BenchPlace) => through(planeAt(stand, 0), { x: p.x * perMm, y: p.y * perMm })
  const [c, s] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)]
  const tapped = (p: Spot) => ({ x: p.x + d() * 10 - 5, y: p.y + d() * 10 - 5 })
  const onCard = ({ x, y, width, height, turn }: Beside & { is: 'card' }) => {
    const [cos, sin] = [Math.cos((turn * Math.PI) / 180), Math.sin((turn * Math.PI) / 180)]
    return [
      [-1, -1],
      [1, -1],
      [1, 1],
      [-1, 1],
    ].map(([u, v]) => {
      const [dx, dy] = [(u! * width) / 2, (v! * height) / 2]
      return tapped(seen({ x: x + cos * dx - sin * dy, y: y + sin * dx + cos * dy }))
    })
  }
  return {
    seen,
    onPart: p => seen({ x: at.x + c * p.x - s * p.y, y: at.y + s * p.x + c * p.y }),
    beside: by,
    lens: (Math.round(stand.zoom * 45) / 45) * (2000 / 1600),
    corners: () => (by.is === 'card' ? onCard(by) : []),
    tapped,
    take: async () =>
      developed(await photograph([{ height: 0, svg: drawBench(part, at, turn, [by]) }], stand, lit, seed)),
  }
}
