import { dice } from './light.ts'

/** Gradients and textures that every picture uses. */
export const defs = `
<linearGradient id="zinc" x1="0" y1="0" x2="1" y2="1"><stop offset="0" stop-color="#aeb5b4"/><stop offset=".3" stop-color="#8f9796"/><stop offset=".52" stop-color="#c3c9c6"/><stop offset=".75" stop-color="#8a9291"/><stop offset="1" stop-color="#6f7776"/></linearGradient>
<linearGradient id="enamel" x1="0" y1="0" x2=".6" y2="1"><stop offset="0" stop-color="#f4f5f1"/><stop offset=".6" stop-color="#dfe2dc"/><stop offset="1" stop-color="#b9beb8"/></linearGradient>
<linearGradient id="shade" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="#15191a"/><stop offset=".6" stop-color="#23292a"/><stop offset="1" stop-color="#0d1011"/></linearGradient>
<linearGradient id="tubgrey" x1="0" y1="0" x2="1" y2="1"><stop offset="0" stop-color="#8c9394"/><stop offset=".5" stop-color="#6a7173"/><stop offset="1" stop-color="#474d4f"/></linearGradient>
<linearGradient id="white" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="#f6f5ee"/><stop offset=".7" stop-color="#d9d8cf"/><stop offset="1" stop-color="#b3b2a8"/></linearGradient>
<linearGradient id="black" x1="0" y1="0" x2="0" y2="1"><stop offset="0" stop-color="#4a4e4f"/><stop offset=".4" stop-color="#2b2e2f"/><stop offset="1" stop-color="#191b1c"/></linearGradient>
<linearGradient id="brass" x1="0" y1="0" x2="1" y2="1"><stop offset="0" stop-color="#e9cf8a"/><stop offset=".5" stop-color="#b08d43"/><stop offset="1" stop-color="#7c6128"/></linearGradient>
<linearGradient id="copper" x1="0" y1="0" x2="1" y2="0"><stop offset="0" stop-color="#7d4522"/><stop offset=".5" stop-color="#c9814e"/><stop offset="1" stop-color="#7d4522"/></linearGradient>
<radialGradient id="head" cx=".36" cy=".3" r=".8"><stop offset="0" stop-color="#fbfcfa"/><stop offset=".45" stop-color="#c4c9c7"/><stop offset="1" stop-color="#6c7372"/></radialGradient>
<radialGradient id="yellowzinc" cx=".36" cy=".3" r=".8"><stop offset="0" stop-color="#fff3c4"/><stop offset=".5" stop-color="#cfb163"/><stop offset="1" stop-color="#77602a"/></radialGradient>
<radialGradient id="hole" cx=".5" cy=".4" r=".6"><stop offset="0" stop-color="#07090a"/><stop offset=".8" stop-color="#1b2021"/><stop offset="1" stop-color="#3b4243"/></radialGradient>
<radialGradient id="alu" cx=".4" cy=".32" r=".8"><stop offset="0" stop-color="#eceeec"/><stop offset=".5" stop-color="#b3b8b7"/><stop offset="1" stop-color="#5d6464"/></radialGradient>
<radialGradient id="glass" cx=".38" cy=".3" r=".9"><stop offset="0" stop-color="#e7f1f1" stop-opacity=".9"/><stop offset=".5" stop-color="#9db4b5" stop-opacity=".6"/><stop offset="1" stop-color="#3e5254" stop-opacity=".8"/></radialGradient>
<pattern id="grain" width="90" height="90" patternUnits="userSpaceOnUse"><g fill="#000" fill-opacity=".2"><circle cx="12" cy="18" r="3"/><circle cx="40" cy="8" r="2"/><circle cx="70" cy="30" r="4"/><circle cx="25" cy="55" r="2.6"/><circle cx="60" cy="70" r="3.4"/><circle cx="84" cy="80" r="2"/><circle cx="6" cy="82" r="2.2"/></g><g fill="#fff" fill-opacity=".16"><circle cx="30" cy="30" r="2"/><circle cx="56" cy="48" r="3"/><circle cx="80" cy="12" r="2"/><circle cx="10" cy="44" r="1.8"/><circle cx="44" cy="84" r="2.4"/></g></pattern>
<pattern id="drumholes" width="44" height="38" patternUnits="userSpaceOnUse"><circle cx="11" cy="9" r="4.6" fill="#1b2021"/><circle cx="33" cy="28" r="4.6" fill="#1b2021"/><path d="M7 11a4.6 4.6 0 0 0 8 0M29 30a4.6 4.6 0 0 0 8 0" stroke="#e6eae8" stroke-opacity=".5" fill="none"/></pattern>
<filter id="soft" x="-30%" y="-30%" width="160%" height="160%"><feGaussianBlur stdDeviation="9"/></filter>
`

/** A soft shadow of a shape: the same shape, dark, moved and blurred by layers. */
export const shadow = (shape: string, reach = 10): string =>
  [1, 0.66, 0.33]
    .map(
      f =>
        `<g transform="translate(${(reach * f * 0.7).toFixed(1)} ${(reach * f).toFixed(1)})" fill="#000" fill-opacity=".17" stroke="#000" stroke-opacity=".12" stroke-width="${(reach * (1 - f) * 0.9).toFixed(1)}">${shape}</g>`,
    )
    .join('')

/** A plate of sheet metal or plastic with a lit upper edge and a dark lower one. */
export function plate(x: number, y: number, w: number, h: number, fill = 'zinc', radius = 8, reach = 12): string {
  const rect = (extra: string) => `<rect x="${x}" y="${y}" width="${w}" height="${h}" rx="${radius}" ${extra}/>`
  return `${reach ? shadow(rect(''), reach) : ''}${rect(`fill="url(#${fill})" stroke="#2d3334" stroke-opacity=".7" stroke-width="2"`)}
  <path d="M${x + radius} ${y + 2.5}H${x + w - radius}" stroke="#fff" stroke-opacity=".65" stroke-width="3"/>
  <path d="M${x + radius} ${y + h - 2.5}H${x + w - radius}" stroke="#000" stroke-opacity=".35" stroke-width="4"/>`
}

/** A pressed rib: a lit and a dark line side by side. */
export const rib = (d: string, width = 9): string =>
  `<path d="${d}" fill="none" stroke="#000" stroke-opacity=".28" stroke-width="${width}" stroke-linecap="round" transform="translate(2 3)"/><path d="${d}" fill="none" stroke="#fff" stroke-opacity=".3" stroke-width="${width - 3}" stroke-linecap="round"/>`

/** Streaks of light or dark along the grain of the metal, as one path. */
const streaks = (seed: number): string => {
  const next = dice(seed)
  return Array.from(
    { length: 70 },
    () => `M${Math.round(next() * 1900 - 200)} ${Math.round(next() * 1300 - 150)}h${Math.round(200 + next() * 900)}`,
  ).join('')
}

/** A plain wall of brushed metal from edge to edge. */
export const wall = (fill: string): string =>
  `<rect x="-200" y="-200" width="2000" height="1400" fill="url(#${fill})"/><path d="${streaks(1)}" stroke="#fff" stroke-opacity=".07" stroke-width="2"/><path d="${streaks(2)}" stroke="#000" stroke-opacity=".07" stroke-width="2"/>`

/** The dark inside behind an opening, with a lit rim. */
export const opening = (x: number, y: number, w: number, h: number, radius = 14): string =>
  `<rect x="${x}" y="${y}" width="${w}" height="${h}" rx="${radius}" fill="url(#shade)"/><rect x="${x}" y="${y}" width="${w}" height="${h}" rx="${radius}" fill="none" stroke="#fff" stroke-opacity=".25" stroke-width="3" transform="translate(3 4)"/><rect x="${x}" y="${y}" width="${w}" height="${h}" rx="${radius}" fill="none" stroke="#1a1e1f" stroke-width="5"/>`
