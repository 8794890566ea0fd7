import { dice, type Dice } from '@dialytica/core/test/dice.ts'
import { corrugated, hose, loom, strap, tie, wires, type Place } from '../camera/lines.ts'
import { opening, plate, rib, wall } from '../camera/metal.ts'
import { screw, type Drive } from '../camera/screws.ts'
import { bars, clamp, label, motor, plug, pulley, pump, spring, tab, weight } from '../camera/things.ts'
import type { Drawable, TrialPlace } from './place.ts'

const colours = ['#2f5aa0', '#b5342b', '#d9b430', '#7a4a26', '#e9e7df', '#20262a', '#3f7a4a', '#c9763a']
const drives: readonly Drive[] = ['torx', 'phillips', 'slotted', 'hex', 'nut']
const still = (height: number, svg: string): Drawable => ({ height, glyph: 'mark', right: () => svg })
const nudge = (again: Dice | null, by: number) => (again ? (again() * 2 - 1) * by : 0)

/** Dirt, rust and scratches that belong to the ground: they are the same on both photos. */
function dirt(d: Dice): string {
  const spots = Array.from({ length: d.int(10, 60) }, () => {
    const r = 2 + d() * d() * 22
    return `<ellipse cx="${(d() * 1700 - 50).toFixed(0)}" cy="${(d() * 1100 - 50).toFixed(0)}" rx="${r.toFixed(1)}" ry="${(r * (0.4 + d())).toFixed(1)}" fill="${d.pick(['#3a2c1c', '#1b1e1f', '#6d4a2a', '#e8e8e0'])}" fill-opacity="${(0.08 + d() * 0.25).toFixed(2)}"/>`
  }).join('')
  const scratches = Array.from({ length: d.int(3, 25) }, () => {
    const [x, y] = [d() * 1600, d() * 1000]
    return `<path d="M${x.toFixed(0)} ${y.toFixed(0)}l${(d() * 240 - 120).toFixed(0)} ${(d() * 160 - 80).toFixed(0)}" stroke="${d.pick(['#fff', '#000'])}" stroke-opacity="${(0.08 + d() * 0.2).toFixed(2)}" stroke-width="${(1 + d() * 2).toFixed(1)}"/>`
  }).join('')
  return spots + scratches
}

/** Ribs, holes and openings of pressed metal. */
function pressed(d: Dice): string {
  const ribs = Array.from({ length: d.int(1, 5) }, () => {
    const y = d.int(-50, 1050)
    return d.hit(0.5) ? rib(`M-200 ${y}H1800`, d.int(6, 14)) : rib(`M${d.int(0, 1600)} -200V1200`, d.int(6, 14))
  }).join('')
  const holes = Array.from(
    { length: d.int(0, 8) },
    () =>
      `<circle cx="${d.int(0, 1600)}" cy="${d.int(0, 1000)}" r="${d.int(8, 30)}" fill="url(#hole)" stroke="#dfe4e2" stroke-opacity=".4" stroke-width="2"/>`,
  ).join('')
  return ribs + holes + (d.hit(0.5) ? opening(d.int(0, 1100), d.int(0, 600), d.int(160, 420), d.int(120, 320)) : '')
}

/** What stands about: blocks, motors, pumps, labels. */
function standing(d: Dice, [x, y]: Place): Drawable {
  const size = d.int(60, 110)
  return d.pick<() => Drawable>([
    () =>
      still(
        30,
        plate(x - size, y - size * 0.7, size * 2, size * 1.4, d.pick(['white', 'black', 'zinc', 'alu']), d.int(4, 18)),
      ),
    () => still(50, motor(x, y, size)),
    () => still(60, pulley(x, y, size)),
    () => still(40, pump(x, y)),
    () => still(2, label(x - 100, y - 40, 200, ['Type 4', 'see sheet inside'])),
    () => still(1, bars(x - 90, y - 20, 180, 44, d.int(1, 99))),
    () => still(70, weight(`M${x - size} ${y - size * 0.6}h${size * 2}l-20 ${size * 1.1}h${-size * 1.7}Z`)),
    () => still(25, spring([x - size, y], [x + size, y + d.int(-30, 30)], d.int(14, 26))),
  ])()
}

function screwAt(d: Dice, [x, y]: Place): Drawable {
  const [r, drive, turn] = [d.int(14, 24), d.pick(drives), d.int(0, 59)]
  return {
    height: 8,
    glyph: 'fastener',
    at: [x, y],
    right: again => screw(x, y, r, drive, turn + (again ? again() * 180 : 0), false),
    wrong: { kind: 'missing screw', draw: () => screw(x, y, r, drive, turn, true) },
  }
}

/** A line past a holder: a post, a hook or a clip at the middle of its way, on one side of which it must pass. */
function lineAt(d: Dice, at: Place): Drawable[] {
  const [x, y] = at
  const angle = d() * Math.PI
  const [ux, uy] = [Math.cos(angle), Math.sin(angle)]
  const half = d.pick([
    { width: 26, draw: (p: Place[]) => loom(p, wiresOf) },
    { width: 8 * 1.2, draw: (p: Place[]) => wires(p, wiresOf.slice(0, 1), 10) },
    { width: 22, draw: (p: Place[]) => wires(p, wiresOf, 8) },
    { width: 26, draw: (p: Place[]) => hose(p, 26) },
    { width: 34, draw: (p: Place[]) => corrugated(p, 32) },
    { width: 22, draw: (p: Place[]) => strap(p) },
  ])
  const wiresOf = Array.from({ length: d.int(2, 4) }, () => d.pick(colours))
  const holder = d.int(13, 22)
  const side = half.width / 2 + holder + d.int(2, 10)
  const along = (t: number, off: number): Place => [x + ux * t - uy * off, y + uy * t + ux * off]
  const bends = [d.int(-50, 50), d.int(-30, 30), d.int(-30, 30), d.int(-50, 50)] as const
  const path = (sign: number, again: Dice | null): Place[] => [
    along(-420, bends[0] * 2),
    along(-250, side * 0.6 + bends[1] + nudge(again, 5)),
    along(-90, side * sign * 0.8 + nudge(again, 3)),
    along(0, side * sign),
    along(90, side * sign * 0.8 + nudge(again, 3)),
    along(250, side * 0.6 + bends[2] + nudge(again, 5)),
    along(420, bends[3] * 2),
  ]
  const post = d.pick([
    () => screw(x, y, holder, 'hex', d.int(0, 59), false),
    () => tab(x, y, (angle * 180) / Math.PI, false),
    () => `<circle cx="${x}" cy="${y}" r="${holder}" fill="url(#black)" stroke="#0c0e0f" stroke-width="2"/>`,
    () => plate(x - holder, y - holder * 1.3, holder * 2, holder * 2.6, 'white', 5, 8),
  ])()
  return [
    {
      height: 36,
      glyph: 'line',
      at,
      right: again => half.draw(path(1, again)),
      wrong: { kind: 'wrong side', draw: again => half.draw(path(-1, again)) },
    },
    still(30, post),
  ]
}

function plugAt(d: Dice, [x, y]: Place): Drawable {
  const wiresOf = Array.from({ length: d.int(2, 5) }, () => d.pick(colours))
  const body = d.pick(['#f1efe6', '#30343a', '#c4c0ae', '#2f5aa0', '#b5342b'])
  const end: Place = [x + d.int(-260, 260), y + d.int(180, 300)]
  const lies = (again: Dice | null): Place => [end[0] + nudge(again, 5), end[1] + nudge(again, 5)]
  return {
    height: 24,
    glyph: 'connector',
    at: [x, y],
    right: again => plug(x, y, body, wiresOf, lies(again), false),
    wrong: { kind: 'open plug', draw: again => plug(x, y, body, wiresOf, lies(again), true) },
  }
}

/** A push-in clip, a tie or a clamp; when it is missing, what it sat in is left. */
function clipAt(d: Dice, at: Place): Drawable[] {
  const [x, y] = at
  const turn = d.int(0, 179)
  const slot = `<g transform="translate(${x} ${y}) rotate(${turn})"><rect x="-24" y="-15" width="48" height="30" rx="4" fill="#17191a" fill-opacity=".5"/></g>`
  const c = Math.cos((turn * Math.PI) / 180)
  const s = Math.sin((turn * Math.PI) / 180)
  const line: Place[] = [-160, -50, 50, 160].map(t => [x - s * t, y + c * t])
  const wiresOf = [d.pick(colours), d.pick(colours)]
  return d.pick<() => Drawable[]>([
    () => [
      {
        height: 14,
        glyph: 'clip',
        at,
        right: () => tab(x, y, turn, false),
        wrong: { kind: 'missing clip', draw: () => slot },
      },
    ],
    () => [
      still(24, wires(line, wiresOf, 9)),
      {
        height: 26,
        glyph: 'consumable',
        at,
        right: again => tie(x, y, turn + 90 + nudge(again, 4)),
        wrong: { kind: 'missing clip', draw: () => '' },
      },
    ],
    () => [
      still(30, hose(line, 30)),
      {
        height: 32,
        glyph: 'joint',
        at,
        right: () => clamp(x, y, turn + 90, 2, false),
        wrong: { kind: 'missing clip', draw: () => '' },
      },
    ],
  ])()
}

/**
 * A place that nobody designed: a ground with its dirt, what stands about, and among it lines past holders, plugs and clips, each of
 * which can be put back wrongly. It follows from its seed.
 */
export function madePlace(seed: number): TrialPlace {
  const d = dice(seed * 977 + 5)
  const cells = Array.from({ length: 15 }, (_, i): Place => [
    160 + (i % 5) * 320 + d.int(-50, 50),
    170 + Math.floor(i / 5) * 330 + d.int(-50, 50),
  ])
  const corners = [cells[0]!, cells[4]!, cells[10]!, cells[14]!] as const
  const free = cells.filter(c => !corners.includes(c))
  for (let i = free.length - 1; i > 0; i--) {
    const j = d.int(0, i)
    const kept = free[i]!
    free[i] = free[j]!
    free[j] = kept
  }
  const [a, b, c, e, f, g, h] = free as [Place, Place, Place, Place, Place, Place, Place, ...Place[]]
  const things = [
    still(0, wall(d.pick(['zinc', 'enamel', 'tubgrey', 'shade'])) + dirt(d) + pressed(d)),
    ...free.slice(7).map(at => standing(d, at)),
    ...corners.map(at => screwAt(d, at)),
    plugAt(d, e),
    ...(d.hit(0.6) ? [plugAt(d, f)] : []),
    ...lineAt(d, a),
    ...(d.hit(0.7) ? lineAt(d, b) : []),
    ...clipAt(d, c),
    ...clipAt(d, g),
    ...(d.hit(0.5) ? clipAt(d, h) : []),
  ]
  return { id: `made-${seed}`, things, taps: corners }
}
