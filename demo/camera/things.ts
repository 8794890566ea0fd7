import { lettering } from './lettering.ts'
import { smooth, wires, type Place } from './lines.ts'
import { plate, shadow } from './metal.ts'

const turned = (x: number, y: number, turn: number, inner: string) =>
  `<g transform="translate(${x} ${y}) rotate(${turn})">${inner}</g>`

/** A plug in its socket with its wires going to `end`; pulled out and hanging when it is open. */
export function plug(
  x: number,
  y: number,
  colour: string,
  colours: readonly string[],
  end: Place,
  open: boolean,
): string {
  const w = 30 + colours.length * 18
  const socket = `${plate(x - w / 2, y - 30, w, 56, 'white', 5, 8)}<rect x="${x - w / 2 + 8}" y="${y - 22}" width="${w - 16}" height="40" rx="3" fill="#1a1e1f"/>${colours.map((_, i) => `<rect x="${x - w / 2 + 18 + i * 18}" y="${y - 12}" width="7" height="20" fill="url(#brass)"/>`).join('')}`
  const px = open ? x + 74 : x
  const py = open ? y + 66 : y - 4
  const cable = wires(
    [
      [px, py + 20],
      [px + (end[0] - px) * 0.3, py + 60 + (end[1] - py) * 0.1],
      [px + (end[0] - px) * 0.7, py + (end[1] - py) * 0.7],
      end,
    ],
    colours,
    8,
  )
  const body = `${shadow(`<rect x="${-w / 2 + 3}" y="-26" width="${w - 6}" height="52" rx="5"/>`, 8)}<rect x="${-w / 2 + 3}" y="-26" width="${w - 6}" height="52" rx="5" fill="${colour}" stroke="#2a2e2f" stroke-width="2"/><rect x="${-w / 2 + 6}" y="-23" width="${w - 12}" height="12" fill="#fff" fill-opacity=".35"/><rect x="-9" y="-34" width="18" height="26" rx="3" fill="${colour}" stroke="#2a2e2f" stroke-width="2"/>${colours.map((c, i) => `<rect x="${-w / 2 + 16 + i * 18}" y="8" width="9" height="18" fill="${c}" stroke="#111" stroke-opacity=".5"/>`).join('')}`
  return `${socket}${cable}${turned(px, py, open ? 24 : 0, body)}`
}

/** A coil spring between two places. */
export function spring([x1, y1]: Place, [x2, y2]: Place, width = 26): string {
  const n = Math.round(Math.hypot(x2 - x1, y2 - y1) / 13)
  const [ux, uy] = [(x2 - x1) / n, (y2 - y1) / n]
  const l = Math.hypot(ux, uy)
  const [px, py] = [(-uy / l) * width, (ux / l) * width]
  const coil = Array.from(
    { length: n },
    (_, i) => `M${x1 + ux * i + px} ${y1 + uy * i + py}L${x1 + ux * (i + 1) - px} ${y1 + uy * (i + 1) - py}`,
  ).join('')
  const back = Array.from(
    { length: n },
    (_, i) => `M${x1 + ux * i - px} ${y1 + uy * i - py}L${x1 + ux * i + px} ${y1 + uy * i + py}`,
  ).join('')
  return `<g transform="translate(8 12)" opacity=".25"><path d="${coil}" stroke="#000" stroke-width="11" stroke-linecap="round"/></g><path d="${back}" stroke="#3d4446" stroke-width="8" stroke-linecap="round"/><path d="${coil}" stroke="#5d6567" stroke-width="10" stroke-linecap="round"/><path d="${coil}" stroke="#dde2e0" stroke-width="4" stroke-linecap="round"/>`
}

/** A ribbed pulley with spokes. */
export const pulley = (x: number, y: number, r: number): string => {
  const spokes = Array.from(
    { length: 6 },
    (_, i) =>
      `<path d="M0 ${-r * 0.2}L${-r * 0.1} ${-r * 0.86}H${r * 0.1}Z" transform="rotate(${i * 60})" fill="url(#alu)" stroke="#3c4344" stroke-width="2"/>`,
  ).join('')
  return `<g transform="translate(${x} ${y})">${shadow(`<circle r="${r}"/>`, 22)}<circle r="${r}" fill="#2a2f30"/><circle r="${r * 0.93}" fill="none" stroke="url(#alu)" stroke-width="${r * 0.14}"/><circle r="${r}" fill="none" stroke="#e3e7e5" stroke-opacity=".5" stroke-width="2"/>${spokes}<circle r="${r * 0.24}" fill="url(#alu)" stroke="#3c4344" stroke-width="3"/></g>`
}

/** A poly-V belt round two wheels. */
export function belt([x1, y1]: Place, r1: number, [x2, y2]: Place, r2: number): string {
  const d = `M${x1 - r1} ${y1}A${r1} ${r1} 0 1 1 ${x1 + r1} ${y1}L${x2 + r2} ${y2}A${r2} ${r2} 0 0 1 ${x2 - r2} ${y2}Z`
  return `<path d="${d}" fill="none" stroke="#0e1011" stroke-width="20"/><path d="${d}" fill="none" stroke="#35393a" stroke-width="13"/><path d="${d}" fill="none" stroke="#6a7072" stroke-width="1.4"/>`
}

/** A concrete counterweight with its pores. */
export const weight = (d: string): string =>
  `${shadow(`<path d="${d}"/>`, 20)}<path d="${d}" fill="#9b9a93"/><path d="${d}" fill="url(#grain)"/><path d="${d}" fill="none" stroke="#55544f" stroke-width="3"/><path d="${d}" fill="none" stroke="#fff" stroke-opacity=".25" stroke-width="3" transform="translate(3 4)"/>`

/** A printed label. */
export const label = (x: number, y: number, w: number, lines: readonly string[], fill = '#f7f6ee'): string =>
  `<g transform="translate(${x} ${y})"><rect width="${w}" height="${lines.length * 24 + 16}" fill="${fill}" stroke="#666" stroke-opacity=".6"/>${lines.map((t, i) => lettering(10, 26 + i * 24, i ? 15 : 19, t, i ? 'regular' : 'bold')).join('')}</g>`

/** A bar code for the scanner to read its plate by; decoration on the picture. */
export const bars = (x: number, y: number, w: number, h: number, seed: number): string =>
  Array.from({ length: 34 }, (_, i) => ((seed * (i + 3) * 2654435761) >>> 27) % 3)
    .map((v, i) =>
      v ? `<rect x="${x + (i * w) / 34}" y="${y}" width="${(v * w) / 90}" height="${h}" fill="#1b2022"/>` : '',
    )
    .join('')

/** A pump: moulded body, round head, two stubs. */
export const pump = (x: number, y: number): string =>
  `${plate(x - 130, y - 92, 260, 184, 'white', 18, 18)}<circle cx="${x - 30}" cy="${y}" r="70" fill="url(#white)" stroke="#6e7068" stroke-width="4"/><circle cx="${x - 30}" cy="${y}" r="44" fill="none" stroke="#8c8d84" stroke-width="3"/><circle cx="${x - 30}" cy="${y}" r="26" fill="url(#alu)" stroke="#55595a" stroke-width="3"/>${[0, 60, 120].map(a => `<path d="M${x - 30 - 40} ${y}H${x - 30 + 40}" transform="rotate(${a} ${x - 30} ${y})" stroke="#000" stroke-opacity=".12" stroke-width="7"/>`).join('')}<rect x="${x + 52}" y="${y - 66}" width="64" height="132" rx="7" fill="#cfd0c6" stroke="#77786f" stroke-width="2"/>`

/** A motor seen from its end. */
export const motor = (x: number, y: number, r: number): string =>
  `<g transform="translate(${x} ${y})">${shadow(`<circle r="${r}"/>`, 18)}<circle r="${r}" fill="#394042"/>${Array.from({ length: 30 }, (_, i) => `<path d="M0 ${-r}V${-r * 0.72}" transform="rotate(${i * 12})" stroke="#6c7476" stroke-width="5"/>`).join('')}<circle r="${r * 0.7}" fill="url(#alu)" stroke="#22272a" stroke-width="3"/><circle r="${r * 0.2}" fill="#22272a"/><circle r="${r * 0.12}" fill="url(#head)"/></g>`

/** A folded cloth. */
export const towel = (x: number, y: number, w: number, h: number, colour = '#8fb1bf'): string => {
  const d = smooth([
    [x, y + h * 0.3],
    [x + w * 0.3, y],
    [x + w * 0.7, y + h * 0.12],
    [x + w, y + h * 0.35],
    [x + w * 0.93, y + h],
    [x + w * 0.5, y + h * 0.86],
    [x + w * 0.06, y + h],
    [x, y + h * 0.3],
  ])
  return `${shadow(`<path d="${d}"/>`, 14)}<path d="${d}" fill="${colour}"/><path d="${d}" fill="url(#grain)" opacity=".5"/><path d="M${x + w * 0.2} ${y + h * 0.15}Q${x + w * 0.3} ${y + h * 0.5} ${x + w * 0.16} ${y + h * 0.9}M${x + w * 0.6} ${y + h * 0.1}Q${x + w * 0.56} ${y + h * 0.5} ${x + w * 0.68} ${y + h * 0.88}" stroke="#000" stroke-opacity=".18" stroke-width="10" fill="none"/>`
}

/** A wooden block. */
export const block = (x: number, y: number, w: number, h: number): string =>
  `${shadow(`<rect x="${x}" y="${y}" width="${w}" height="${h}"/>`, 16)}<rect x="${x}" y="${y}" width="${w}" height="${h}" fill="#b98a55"/>${[0.2, 0.42, 0.6, 0.83].map(f => `<path d="M${x} ${y + h * f}Q${x + w / 2} ${y + h * f - 9} ${x + w} ${y + h * f + 4}" stroke="#7d5930" stroke-opacity=".6" stroke-width="3" fill="none"/>`).join('')}<path d="M${x} ${y + 2}H${x + w}" stroke="#f0d5a8" stroke-opacity=".7" stroke-width="4"/>`

/** A spring band clamp on a hose, its ears at an hour of the clock. */
export const clamp = (x: number, y: number, turn: number, hour: number, open: boolean): string =>
  turned(
    open ? x + 46 : x,
    y,
    turn,
    `<rect x="-11" y="-27" width="22" height="54" rx="5" fill="url(#head)" stroke="#3c4344" stroke-width="2"/><g transform="rotate(${hour * 30 - 90})"><rect x="20" y="-13" width="22" height="9" fill="#aab1b0" stroke="#3c4344"/><rect x="20" y="4" width="22" height="9" fill="#aab1b0" stroke="#3c4344"/></g>`,
  )

/** A plastic tab or push-pin. */
export const tab = (x: number, y: number, turn: number, open: boolean): string =>
  turned(
    x,
    y,
    turn,
    `<rect x="-24" y="-15" width="48" height="30" rx="4" fill="#17191a" fill-opacity=".5"/><g transform="translate(${open ? 30 : 0} 0)"><path d="M-18 -11H12L22 0 12 11H-18Z" fill="#e4e2d8" stroke="#55564f" stroke-width="2"/><path d="M-10 -3H10" stroke="#55564f" stroke-width="3"/></g>`,
  )

/** A line of paint drawn across two parts, to align to. */
export const paint = (x: number, y: number, w: number): string =>
  `<path d="M${x} ${y}q${w / 2} -9 ${w} 3" stroke="#f2f4ef" stroke-width="9" stroke-linecap="round" fill="none" stroke-opacity=".9"/>`

/** A flat tray with compartments and a few screws in it. */
export const tray = (x: number, y: number, w: number, h: number): string => {
  const cells = Array.from(
    { length: 4 },
    (_, i) =>
      `<rect x="${x + 12 + (i * (w - 24)) / 4}" y="${y + 12}" width="${(w - 24) / 4 - 8}" height="${h - 24}" rx="5" fill="#000" fill-opacity=".28"/>`,
  ).join('')
  const loose = Array.from(
    { length: 9 },
    (_, i) =>
      `<circle cx="${x + 34 + ((i * 47) % (w - 60))}" cy="${y + 26 + ((i * 29) % (h - 50))}" r="8" fill="url(#head)" stroke="#3c4344"/>`,
  ).join('')
  return `${plate(x, y, w, h, 'black', 10, 14)}${cells}${loose}`
}
