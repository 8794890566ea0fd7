/** Pens of the drawings: ink for edges, metal for bodies, so that both themes work. */
export const edge = (d: string, width = 2): string =>
  `<path d="${d}" fill="none" stroke="var(--ink)" stroke-width="${width}" stroke-linejoin="round" stroke-linecap="round"/>`
export const body = (d: string, width = 2, fill = 'var(--metal)'): string =>
  `<path d="${d}" fill="${fill}" stroke="var(--ink)" stroke-width="${width}" stroke-linejoin="round"/>`
export const pipe = (d: string, width = 8): string =>
  `<path d="${d}" fill="none" stroke="var(--ink)" stroke-width="${width + 3}" stroke-linecap="round"/><path d="${d}" fill="none" stroke="var(--sheet)" stroke-width="${width}" stroke-linecap="round"/>`
export const thin = (d: string): string =>
  `<path d="${d}" fill="none" stroke="var(--soft)" stroke-width="1.2" stroke-linecap="round"/>`

/** A coil spring from (x1, y1) to (x2, y2). */
export function coil(x1: number, y1: number, x2: number, y2: number, width = 7, turns = 7): string {
  const [dx, dy] = [(x2 - x1) / (turns * 2), (y2 - y1) / (turns * 2)]
  const l = Math.hypot(dx, dy)
  const [px, py] = [(-dy / l) * width, (dx / l) * width]
  const at = (i: number) => {
    const side = i === 0 || i === turns * 2 ? 0 : i % 2 ? 1 : -1
    return `${(x1 + dx * i + px * side).toFixed(1)} ${(y1 + dy * i + py * side).toFixed(1)}`
  }
  return edge(`M${Array.from({ length: turns * 2 + 1 }, (_, i) => at(i)).join('L')}`, 2)
}

/** Concrete: a body with a few pores. */
export const concrete = (x: number, y: number, w: number, h: number): string =>
  body(`M${x} ${y}h${w}v${h}h${-w}z`) +
  Array.from(
    { length: Math.round((w * h) / 130) },
    (_, i) =>
      `<circle cx="${x + ((i * 37) % Math.max(6, w - 6)) + 3}" cy="${y + ((i * 23) % Math.max(5, h - 4)) + 2.5}" r="1.1" fill="var(--soft)"/>`,
  ).join('')

/** Perforation of a drum wall along a line. */
export const holes = (x1: number, y1: number, x2: number, y2: number, n: number): string =>
  Array.from(
    { length: n },
    (_, i) =>
      `<circle cx="${(x1 + ((x2 - x1) * (i + 0.5)) / n).toFixed(1)}" cy="${(y1 + ((y2 - y1) * (i + 0.5)) / n).toFixed(1)}" r="1.5" fill="var(--ink)"/>`,
  ).join('')
