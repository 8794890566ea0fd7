import { compareParts, kindOf, type Told } from '@dialytica/core/fit'
import {
  cornersAt,
  lengthBetween,
  lightOf,
  longerBy,
  meantBy,
  placeError,
  planesOf,
  toScale,
} from '@dialytica/core/side-by-side'
import type { Spot } from '@dialytica/core/then-and-now'
import { describe, expect, it } from 'vitest'
import type { BenchPart } from '../camera/bench-part.ts'
import { partPhoto } from './part-photo.ts'
import { knownKinds, measuredPart } from './part-measured.ts'

describe('measuring on photos of parts', () => {
  it.each(knownKinds)('by a %s: what is told is within two in the hundred of what is known', async kind => {
    for (const seed of [9101, 9102]) {
      const { error } = await measuredPart(kind, 10, seed)
      if (error !== null) expect(error).toBeLessThan(0.02)
    }
  })
})

/** The pitch of the holes in coins, of a part photographed from straight above with its lens named. */
async function pitchInCoins(part: BenchPart, seed: number) {
  const photo = partPhoto(part, 'coin', 0, seed)
  const picture = await photo.take()
  const light = lightOf(picture)
  const shares = (p: Spot) => ({ x: p.x / picture.width, y: p.y / picture.height })
  const tapped = shares(photo.tapped(photo.seen(photo.beside)))
  const found = toScale(light, { is: 'coin', mm: [], at: [tapped] }, photo.lens)
  if ('problem' in found) throw new Error(found.problem)
  expect(found.unit).toBe('known')
  const [a, b] = [0, 1].map(i => meantBy(light, photo.tapped(photo.onPart(part.holes[i]!))))
  return lengthBetween(found.planes, found.known, a!, b!, placeError.found)
}

describe('the same coin on both photos, its size not known', () => {
  it('lengths are told in coins, and by how much the new one is longer', async () => {
    const old = await pitchInCoins(base, 5)
    const same = await pitchInCoins(base, 6)
    const longer = await pitchInCoins(wider(6), 7)
    for (const m of [old, same]) expect(Math.abs(m.mm - 52 / 23.5)).toBeLessThan(m.off)
    expect(Math.abs(longer.mm - 58 / 23.5)).toBeLessThan(longer.off)
    expect(longer.mm - old.mm).toBeGreaterThan(old.off + longer.off)
    expect(longerBy({ ...old, told: true }, { ...same, told: true }).says).toBe('same')
  })
})

const base: BenchPart = {
  body: { width: 76, height: 56, fill: 'white' },
  holes: [
    [-26, -18],
    [26, -18],
    [26, 18],
    [-26, 18],
  ].map(([x, y]) => ({ x: x!, y: y!, bore: 5 })),
  boss: { x: 0, y: 0, across: 28, shaft: 10 },
  plug: { side: 'left', ways: 2 },
  stub: { side: 'bottom', bore: 22, length: 24 },
}
const wider = (by: number): BenchPart => ({
  ...base,
  holes: base.holes.map(h => ({ ...h, x: h.x + (Math.sign(h.x) * by) / 2 })),
})
/** The new part, what is typed of it, and what a master says. Nothing of the lengths is typed: they are measured on the two photos. */
const ten: readonly (readonly [string, BenchPart, Record<string, [string, string]>, string])[] = [
  ['the same again', base, {}, 'fits'],
  ['its holes six further apart', wider(6), {}, 'send back'],
  ['its holes three nearer', wider(-3), {}, 'send back'],
  [
    'its plug on the right',
    { ...base, plug: { side: 'right', ways: 2 } },
    { 'plug side': ['left', 'right'] },
    'fits when adapted',
  ],
  ['a plug of three ways', { ...base, plug: { side: 'left', ways: 3 } }, { ways: ['2', '3'] }, 'send back'],
  ['a stub eight longer', { ...base, stub: { ...base.stub!, length: 32 } }, {}, 'fits when adapted'],
  ['a stub fourteen shorter', { ...base, stub: { ...base.stub!, length: 10 } }, {}, 'send back'],
  [
    'a stub that looks to the top',
    { ...base, stub: { ...base.stub!, side: 'top' } },
    { 'stub faces': ['bottom', 'top'] },
    'fits when adapted',
  ],
  ['the same in black', { ...base, body: { ...base.body, fill: 'black' } }, {}, 'fits'],
  ['the same by its looks, with fewer watts', base, { watts: ['34', '25'] }, 'send back'],
]

/** The pitch of the holes and the length of the stub as they are measured on a photo, a card beside the part. */
async function readOff(part: BenchPart, seed: number): Promise<{ pitch: string; stub: string } | null> {
  const photo = partPhoto(part, 'card', 6, seed)
  const picture = await photo.take()
  const light = lightOf(picture)
  const { beside } = photo
  if (beside.is !== 'card') return null
  const [w, h] = [beside.width, beside.height]
  const corners = cornersAt(light, photo.corners() as [Spot, Spot, Spot, Spot])
  const planes = corners && planesOf({ is: 'card', mm: [w, h], corners }, picture.width, picture.height)
  if (!planes) return null
  const [a, b] = [0, 1].map(i => meantBy(light, photo.tapped(photo.onPart(part.holes[i]!))))
  const pitch = lengthBetween(planes, w, a!, b!, placeError.found)
  const side = part.stub!.side === 'top' ? -1 : 1
  const end = (far: number) => photo.onPart({ x: 0, y: side * (part.body.height / 2 + far) })
  const stub = lengthBetween(planes, w, end(0), end(part.stub!.length), placeError.tapped)
  return pitch.told && stub.told ? { pitch: pitch.mm.toFixed(1), stub: stub.mm.toFixed(1) } : null
}

it.each(ten)('two photos and what is typed: %s', async (name, fresh, typed, verdict) => {
  const seed = 700 + ten.findIndex(([n]) => n === name) * 2
  const [old, now] = [await readOff(base, seed), await readOff(fresh, seed + 1)]
  expect(old && now).toBeTruthy()
  const plain = { volts: '230', hertz: '50', watts: '34', fixing: 'screws', ways: '2' }
  const told = new Map<string, Told>([
    ...Object.entries(plain).map(([k, v]): [string, Told] => [k, { old: v, fresh: v }]),
    ['hole pitch', { old: old!.pitch, fresh: now!.pitch }],
    ['stub length', { old: old!.stub, fresh: now!.stub }],
    ...Object.entries(typed).map(([k, [o, f]]): [string, Told] => [k, { old: o, fresh: f }]),
  ])
  expect(compareParts(kindOf('drain pump'), told).verdict).toBe(verdict)
})
