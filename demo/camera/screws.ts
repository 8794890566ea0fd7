import { shadow } from './metal.ts'

export type Drive = 'torx' | 'phillips' | 'slotted' | 'hex' | 'nut'

const star = (r: number): string =>
  Array.from({ length: 12 }, (_, i) => {
    const a = (i * Math.PI) / 6
    const q = i % 2 ? r * 0.66 : r
    return `${i ? 'L' : 'M'}${(Math.sin(a) * q).toFixed(1)} ${(-Math.cos(a) * q).toFixed(1)}`
  }).join('') + 'Z'

const hexagon = (r: number): string =>
  Array.from(
    { length: 6 },
    (_, i) =>
      `${i ? 'L' : 'M'}${(r * Math.cos((i * Math.PI) / 3)).toFixed(1)} ${(r * Math.sin((i * Math.PI) / 3)).toFixed(1)}`,
  ).join('') + 'Z'

/** What the driver sees of each drive, for a head of radius `r`. */
const recess: Record<Drive, (r: number) => string> = {
  torx: r => `<path d="${star(r * 0.52)}" fill="#171b1c"/><path d="${star(r * 0.3)}" fill="#000"/>`,
  phillips: r =>
    `<path d="M${-r * 0.5} 0H${r * 0.5}M0 ${-r * 0.5}V${r * 0.5}" stroke="#171b1c" stroke-width="${r * 0.24}" stroke-linecap="round"/>`,
  slotted: r => `<path d="M${-r * 0.82} 0H${r * 0.82}" stroke="#171b1c" stroke-width="${r * 0.2}"/>`,
  hex: r =>
    `<path d="${hexagon(r * 0.74)}" fill="url(#head)" stroke="#3c4344" stroke-width="1.6"/><circle r="${r * 0.42}" fill="none" stroke="#000" stroke-opacity=".25" stroke-width="2"/>`,
  nut: r =>
    `<path d="${hexagon(r * 0.86)}" fill="url(#yellowzinc)" stroke="#4d3f1c" stroke-width="1.6"/><circle r="${r * 0.46}" fill="#70777a" stroke="#23282a" stroke-width="2"/><path d="M${-r * 0.36} ${-r * 0.12}H${r * 0.36}M${-r * 0.36} ${r * 0.14}H${r * 0.36}" stroke="#2d3335" stroke-width="2"/>`,
}

/** A screw head or nut at a place, turned by some degrees; its empty hole when it is out. */
export function screw(x: number, y: number, r: number, drive: Drive, turn: number, out: boolean): string {
  if (out)
    return `<g transform="translate(${x} ${y})"><circle r="${r * 0.95}" fill="#000" fill-opacity=".16"/><circle r="${r * 0.56}" fill="url(#hole)" stroke="#dfe4e2" stroke-opacity=".45" stroke-width="2"/><path d="M${-r * 0.4} ${r * 0.1}A${r * 0.42} ${r * 0.42} 0 0 0 ${r * 0.4} ${r * 0.1}" stroke="#879090" stroke-width="2" fill="none"/></g>`
  return `<g transform="translate(${x} ${y})">${shadow(`<circle r="${r}"/>`, r * 0.34)}<circle r="${r}" fill="url(#head)" stroke="#40484a" stroke-width="1.8"/><circle r="${r * 0.7}" fill="none" stroke="#fff" stroke-opacity=".35" stroke-width="2"/><g transform="rotate(${turn})">${recess[drive](r)}</g></g>`
}
