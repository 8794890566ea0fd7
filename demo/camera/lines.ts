export type Place = readonly [x: number, y: number]

/** A smooth path past places (Catmull-Rom as cubic Bézier). */
export function smooth(places: readonly Place[]): string {
  const at = (i: number) => places[Math.max(0, Math.min(places.length - 1, i))]!
  let d = `M${at(0)[0]} ${at(0)[1]}`
  for (let i = 0; i < places.length - 1; i++) {
    const [p0, p1, p2, p3] = [at(i - 1), at(i), at(i + 1), at(i + 2)]
    const c = (k: 0 | 1) => [p1[k] + (p2[k] - p0[k]) / 6, p2[k] - (p3[k] - p1[k]) / 6] as const
    const [x, y] = [c(0), c(1)]
    d += `C${x[0].toFixed(1)} ${y[0].toFixed(1)} ${x[1].toFixed(1)} ${y[1].toFixed(1)} ${p2[0]} ${p2[1]}`
  }
  return d
}

const stroke = (d: string, colour: string, width: number, extra = '') =>
  `<path d="${d}" fill="none" stroke="${colour}" stroke-width="${width}" stroke-linecap="round" stroke-linejoin="round" ${extra}/>`

const cast = (d: string, width: number) =>
  stroke(d, '#000', width + 8, 'stroke-opacity=".16" transform="translate(8 12)"') +
  stroke(d, '#000', width, 'stroke-opacity=".22" transform="translate(5 8)"')

/** A rubber hose with ribs of light along it. */
export function hose(places: readonly Place[], width = 34, colour = '#3a3e3f'): string {
  const d = smooth(places)
  return `${cast(d, width)}${stroke(d, '#14171888', width + 4)}${stroke(d, colour, width)}${stroke(d, '#fff', width * 0.22, 'stroke-opacity=".22" transform="translate(-4 -6)"')}`
}

/** A corrugated hose. */
export const corrugated = (places: readonly Place[], width = 40, colour = '#83898a'): string =>
  hose(places, width, colour) +
  stroke(
    smooth(places),
    '#1c2021',
    width - 2,
    'stroke-opacity=".45" stroke-dasharray="5 11" style="stroke-linecap:butt"',
  )

/** Wires side by side, in their colours. */
export function wires(places: readonly Place[], colours: readonly string[], width = 7): string {
  const d = smooth(places)
  const middle = (colours.length - 1) / 2
  return (
    cast(d, colours.length * width * 0.8) +
    colours
      .map((colour, i) => {
        const shift = `transform="translate(${((i - middle) * width * 0.8).toFixed(1)} ${((i - middle) * width * 0.55).toFixed(1)})"`
        return (
          stroke(d, '#101313', width + 2, `stroke-opacity=".55" ${shift}`) +
          stroke(d, colour, width, shift) +
          stroke(d, '#fff', width * 0.25, `stroke-opacity=".35" ${shift}`)
        )
      })
      .join('')
  )
}

/** A loom in black tape with a few wires showing. */
export const loom = (places: readonly Place[], colours: readonly string[]): string => {
  const d = smooth(places)
  return `${cast(d, 26)}${wires(places, colours, 9)}${stroke(d, '#1d2021', 24)}${stroke(d, '#3d4243', 20, 'stroke-dasharray="22 6"')}${stroke(d, '#fff', 4, 'stroke-opacity=".18" transform="translate(-3 -5)"')}`
}

/** A cable tie round a line at a place, across a direction in degrees. */
export const tie = (x: number, y: number, turn: number, colour = '#eceae0'): string =>
  `<g transform="translate(${x} ${y}) rotate(${turn})"><rect x="-8" y="-22" width="16" height="44" rx="6" fill="${colour}" stroke="#4a4c48" stroke-width="1.6"/><rect x="-12" y="-30" width="24" height="17" rx="3" fill="${colour}" stroke="#4a4c48" stroke-width="1.6"/><path d="M-3 -30l10 -26" stroke="${colour}" stroke-width="7"/></g>`

/** A braided ground strap, green and yellow, with an eyelet at its end. */
export const strap = (places: readonly Place[]): string => {
  const d = smooth(places)
  const [x, y] = places.at(-1)!
  return `${cast(d, 18)}${stroke(d, '#2c3a1f', 20)}${stroke(d, '#d8c83c', 16)}${stroke(d, '#3c7a3c', 16, 'stroke-dasharray="14 14" style="stroke-linecap:butt"')}<circle cx="${x}" cy="${y}" r="26" fill="url(#alu)" stroke="#3c4344" stroke-width="2"/><circle cx="${x}" cy="${y}" r="11" fill="#14181a"/>`
}
