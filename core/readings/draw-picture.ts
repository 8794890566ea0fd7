import type { Picture } from './picture.ts'

const [ink, grey] = ['#111', '#ddd']
const label = (x: number, y: number, anchor: string, words: string, size = 9) =>
  `<text x="${x}" y="${y}" font-size="${size}" text-anchor="${anchor}" fill="${ink}">${words.replaceAll('Ω', 'ohm')}</text>`

/** A picture of readings for paper, as an SVG document in black and white: the layout of the screen. */
export const drawPicture = ({ width, height, ground: [from, to], band, line, seen, across, up }: Picture): string =>
  [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${width} ${height}">`,
    ...up.map(t => `<path d="M${from} ${t.y}H${to}" stroke="${grey}" stroke-width="0.6"/>`),
    ...up.map(t => label(from - 4, t.y + 3, 'end', t.words)),
    ...across.map(t => label(t.x, height - 6, 'middle', t.words)),
    `<path d="${band}" fill="${grey}" fill-opacity="0.6" stroke="${ink}" stroke-width="0.5"/>`,
    ...(line ? [`<path d="${line}" fill="none" stroke="${ink}" stroke-width="1.2"/>`] : []),
    ...seen.map(
      s =>
        `<path d="M${s.x} ${s.top}V${s.bottom}M${s.x - 6} ${s.y}H${s.x + 6}M${s.x} ${s.y - 6}V${s.y + 6}" stroke="${ink}" stroke-width="2"/>`,
    ),
    ...seen.map(s => label(Math.min(s.x + 9, width - 60), s.y < 24 ? s.y + 16 : s.y - 7, 'start', s.words, 11)),
    '</svg>',
  ].join('')
