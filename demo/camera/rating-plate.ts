import { lettering } from './lettering.ts'
import { frame, matrixOf, poseOf } from './light.ts'

/** What stands on a rating plate. `code` is an SVG document of the square code printed on it. */
export interface RatingPlate {
  maker: string
  model: string
  serial: string
  made?: number | null
  code: string
}

const text = (x: number, y: number, size: number, words: string, bold = false) =>
  lettering(x, y, size, words, bold ? 'bold' : 'regular')

/** The rating plate behind the hatch, a little askew, as a hand-held camera sees it. */
export function shootPlate({ maker, model, serial, made, code }: RatingPlate, seed: number): string {
  const pose = poseOf(seed)
  const inner = code.replace(/<svg /, '<svg x="1010" y="330" width="330" height="330" ')
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${frame.width}" height="${frame.height}" viewBox="0 0 ${frame.width} ${frame.height}">
<rect width="100%" height="100%" fill="#8b9294"/><g transform="matrix(${matrixOf(pose)
    .map(n => n.toFixed(5))
    .join(' ')})">
<rect x="180" y="210" width="1240" height="560" rx="26" fill="#00000055"/><rect x="170" y="200" width="1240" height="560" rx="26" fill="#e9e8e2" stroke="#5b6264" stroke-width="4"/>
<circle cx="220" cy="250" r="16" fill="#767d7f"/><circle cx="1360" cy="710" r="16" fill="#767d7f"/>
${text(270, 300, 54, maker, true)}${text(270, 400, 40, 'MODEL')}${text(520, 402, 66, model, true)}
${text(270, 500, 40, 'SERIAL')}${text(520, 502, 60, serial, true)}${made ? text(270, 590, 40, `MADE ${made}`) : ''}
${text(270, 680, 32, '220-240 V~  50 Hz  2100 W  IPX4')}
<rect x="990" y="310" width="370" height="370" fill="#fff"/>${inner}</g></svg>`
}
