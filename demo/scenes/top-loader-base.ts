import { corrugated, hose, wires } from '../camera/lines.ts'
import { plate, rib, wall } from '../camera/metal.ts'
import type { Scene } from '../camera/scene.ts'
import { belt, block, motor, pulley, pump, towel } from '../camera/things.ts'
import { clampAt, plugAt, screws, still, thing } from './make.ts'

/** Below the tub of a top loader: motor, gear case pulley and belt, pump, hoses. */
export const topLoaderBase: Scene = {
  id: 'top-loader-base',
  ground: wall('shade'),
  things: [
    still(
      plate(-60, 60, 1720, 90, 'zinc', 4, 10) +
        plate(-60, 850, 1720, 90, 'zinc', 4, 10) +
        rib('M-60 104H1660', 8) +
        rib('M-60 896H1660', 8),
    ),
    still('<circle cx="560" cy="480" r="300" fill="url(#tubgrey)" stroke="#1d2224" stroke-width="6"/>'),
    still(motor(1080, 520, 120)),
    thing('belt', 'line', [820, 400], belt([560, 480], 190, [1080, 520], 50), '', [
      [560, 290],
      [820, 400],
      [1080, 470],
    ]),
    thing(
      'pulley',
      'part',
      [560, 480],
      pulley(560, 480, 182),
      '<circle cx="560" cy="480" r="48" fill="url(#head)" stroke="#333" stroke-width="4"/>',
    ),
    ...screws('pulley-nut', 'nut', 34, [[560, 480]]),
    thing(
      'pump',
      'part',
      [1350, 300],
      `<g transform="translate(270 -60) scale(.82)">${pump(1330, 450)}</g>`,
      '<rect x="1240" y="220" width="220" height="160" rx="18" fill="#000" fill-opacity=".4"/>',
    ),
    ...screws('pump-screw', 'hex', 20, [
      [1240, 220],
      [1470, 220],
      [1355, 396],
    ]),
    still(
      corrugated(
        [
          [1240, 300],
          [1080, 260],
          [900, 200],
          [800, 60],
        ],
        46,
      ),
    ),
    clampAt('sump', [1190, 288], 10, 3),
    still(
      hose(
        [
          [1460, 330],
          [1540, 420],
          [1660, 430],
        ],
        30,
      ),
    ),
    clampAt('outlet', [1500, 370], 50, 1),
    plugAt('pump-plug', [1350, 700], '#30343a', ['#7a4a26', '#2f5aa0'], [1180, 900]),
    still(
      wires(
        [
          [1180, 900],
          [900, 930],
          [500, 920],
          [-60, 930],
        ],
        ['#7a4a26', '#2f5aa0'],
        8,
      ),
    ),
    thing('towel', 'temporary', [760, 920], '', towel(600, 860, 360, 120)),
    thing('prop', 'temporary', [240, 900], '', block(130, 850, 220, 100)),
  ],
}
