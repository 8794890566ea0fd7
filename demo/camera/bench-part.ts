import { lettering } from './lettering.ts'
import { plate, shadow } from './metal.ts'

/** So many units of the frame are a millimetre on the bench: the picture is some 230 mm wide. */
export const perMm = 7

/** A place on the bench, in mm from the top left of the picture. */
export interface BenchPlace {
  x: number
  y: number
}
export type Side = 'left' | 'right' | 'top' | 'bottom'

/** A made-up part as it lies on the bench, face up; lengths in mm, places from its own middle. */
export interface BenchPart {
  body: { width: number; height: number; fill: 'white' | 'black' | 'zinc' }
  holes: readonly (BenchPlace & { bore: number })[]
  /** The round thing in its face: a head, a shaft, a bore. */
  boss?: BenchPlace & { across: number; shaft: number }
  plug?: { side: Side; ways: number }
  stub?: { side: Side; bore: number; length: number }
  marks?: string
}
/** What lies beside it, of a known size: a coin, or a card or rule. */
export type Beside =
  | (BenchPlace & { is: 'coin'; across: number })
  | (BenchPlace & { is: 'card'; width: number; height: number; turn: number })

const mm = (n: number) => Number((n * perMm).toFixed(2))
const disc = (x: number, y: number, across: number, look: string) =>
  `<circle cx="${mm(x)}" cy="${mm(y)}" r="${mm(across / 2)}" ${look}/>`

const turnOf: Record<Side, number> = { right: 0, bottom: 90, left: 180, top: 270 }
/** What sticks out of a side, drawn as if it were the right one. */
const outOf = ({ body }: BenchPart, side: Side, inner: string) => {
  const far = side === 'left' || side === 'right' ? body.width / 2 : body.height / 2
  return `<g transform="rotate(${turnOf[side]}) translate(${mm(far)} 0)">${inner}</g>`
}

function drawnPart(part: BenchPart): string {
  const { body, holes, boss, plug, stub, marks } = part
  const neck = (s: NonNullable<BenchPart['stub']>) =>
    `<rect x="${mm(-2)}" y="${mm(-s.bore / 2)}" width="${mm(s.length + 2)}" height="${mm(s.bore)}" fill="url(#white)" stroke="#4a4d49" stroke-width="2"/><path d="M${mm(s.length - 2)} ${mm(-s.bore / 2)}v${mm(s.bore)}" stroke="#4a4d49" stroke-width="5"/>`
  const socket = (p: NonNullable<BenchPart['plug']>) =>
    `<rect x="${mm(-1)}" y="${mm(-1 - p.ways * 2.5)}" width="${mm(10)}" height="${mm(p.ways * 5 + 2)}" rx="4" fill="#f0e9c8" stroke="#3c3a2c" stroke-width="2"/>${Array.from({ length: p.ways }, (_, i) => `<rect x="${mm(3)}" y="${mm(-p.ways * 2.5 + i * 5 + 1)}" width="${mm(5)}" height="${mm(3)}" fill="#23261f"/>`).join('')}`
  return `${shadow(`<rect x="${mm(-body.width / 2)}" y="${mm(-body.height / 2)}" width="${mm(body.width)}" height="${mm(body.height)}" rx="14"/>`, 12)}
${stub ? outOf(part, stub.side, neck(stub)) : ''}${plug ? outOf(part, plug.side, socket(plug)) : ''}
${plate(mm(-body.width / 2), mm(-body.height / 2), mm(body.width), mm(body.height), body.fill, 14, 0)}
${boss ? disc(boss.x, boss.y, boss.across, 'fill="url(#zinc)" stroke="#3c4344" stroke-width="4"') + disc(boss.x, boss.y, boss.shaft, 'fill="#15191a" stroke="#d5dad8" stroke-width="2"') : ''}
${holes.map(h => disc(h.x, h.y, h.bore + 3, 'fill="#000" fill-opacity=".14"') + disc(h.x, h.y, h.bore, 'fill="#0c0f10" stroke="#e5e9e7" stroke-opacity=".5" stroke-width="1.5"')).join('')}
${marks ? lettering(mm(-body.width / 2) + 16, mm(body.height / 2) - 16, 26, marks) : ''}`
}

function drawnBeside(beside: Beside): string {
  if (beside.is === 'coin') {
    const { x, y, across } = beside
    return `${shadow(`<circle cx="${mm(x)}" cy="${mm(y)}" r="${mm(across / 2)}"/>`, 5)}${disc(x, y, across, 'fill="url(#brass)"')}${disc(x, y, across * 0.86, 'fill="none" stroke="#6b5420" stroke-width="2"')}<path d="M${mm(x - across * 0.2)} ${mm(y + across * 0.22)}L${mm(x)} ${mm(y - across * 0.26)}L${mm(x + across * 0.2)} ${mm(y + across * 0.22)}Z" fill="none" stroke="#6b5420" stroke-width="6"/>`
  }
  const { x, y, width, height, turn } = beside
  return `<g transform="translate(${mm(x)} ${mm(y)}) rotate(${turn})">${shadow(`<rect x="${mm(-width / 2)}" y="${mm(-height / 2)}" width="${mm(width)}" height="${mm(height)}" rx="3"/>`, 4)}<rect x="${mm(-width / 2)}" y="${mm(-height / 2)}" width="${mm(width)}" height="${mm(height)}" rx="3" fill="#e9edf0"/><rect x="${mm(-width / 2 + 5)}" y="${mm(-height / 2 + 6)}" width="${mm(width * 0.4)}" height="${mm(4)}" fill="#2f5f73"/><path d="M${mm(-width / 2 + 5)} ${mm(height / 2 - 6)}h${mm(width - 14)}" stroke="#8d979b" stroke-width="5"/></g>`
}

/** A part on the bench with what lies beside it, as SVG in the units of the frame; `at` is the middle of the part, `turn` how it lies, in degrees. */
export const drawBench = (part: BenchPart, at: BenchPlace, turn: number, beside: readonly Beside[] = []): string =>
  `<rect x="-400" y="-400" width="2400" height="1800" fill="#4d5b52"/><rect x="-400" y="-400" width="2400" height="1800" fill="url(#grain)" opacity=".5"/><g transform="translate(${mm(at.x)} ${mm(at.y)}) rotate(${turn})">${drawnPart(part)}</g>${beside.map(drawnBeside).join('')}`
