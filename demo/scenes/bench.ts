import { drawBench, type BenchPart } from '../camera/bench-part.ts'
import type { Scene } from '../camera/scene.ts'

const corners = (across: number, up: number, bore: number) =>
  [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ].map(([x, y]) => ({ x: (x! * across) / 2, y: (y! * up) / 2, bore }))

/** The old pump and the one that came for it: its plug on the other side, its neck eight millimetres longer. */
const pump: BenchPart = {
  body: { width: 74, height: 54, fill: 'white' },
  holes: corners(52, 38, 5),
  boss: { x: 0, y: 0, across: 27, shaft: 9 },
  plug: { side: 'left', ways: 2 },
  stub: { side: 'bottom', bore: 22, length: 24 },
  marks: 'PL-30 34 W',
}
const newPump: BenchPart = {
  ...pump,
  plug: { side: 'right', ways: 2 },
  stub: { ...pump.stub!, length: 32 },
  marks: 'PL-31 34 W',
}
/** Any other part, and the same again. */
const plain: BenchPart = {
  body: { width: 66, height: 48, fill: 'black' },
  holes: corners(48, 32, 4.5),
  boss: { x: 0, y: 0, across: 24, shaft: 8 },
  plug: { side: 'right', ways: 3 },
}

/** A part of the demo on the bench, the old one or the new one, with a coin of 23.5 mm and a card of 85.6 by 54 mm beside it. */
export function benchScene(name: string, isNew: boolean): Scene {
  const part = /pump/i.test(name) ? (isNew ? newPump : pump) : plain
  const ground = drawBench(part, { x: 146, y: 62 }, isNew ? 8 : -5, [
    { is: 'card', x: 48, y: 62, width: 54, height: 85.6, turn: isNew ? -3 : 2 },
    { is: 'coin', x: 102, y: 112, across: 23.5 },
  ])
  return { id: `bench ${name} ${isNew ? 'new' : 'old'}`, ground, things: [] }
}
