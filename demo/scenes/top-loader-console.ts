import { hose, loom, tie, wires } from '../camera/lines.ts'
import { plate, rib, wall } from '../camera/metal.ts'
import type { Scene } from '../camera/scene.ts'
import { label } from '../camera/things.ts'
import { clampAt, plugAt, screws, still, tabs, thing } from './make.ts'

/** Behind the console of a top loader: valve block, board, pressure tube, looms. */
export const topLoaderConsole: Scene = {
  id: 'top-loader-console',
  ground: wall('zinc'),
  things: [
    still(rib('M-60 90H1660', 12) + rib('M-60 910H1660', 12) + plate(-60, 940, 1720, 160, 'enamel', 4, 0)),
    thing(
      'board',
      'part',
      [560, 400],
      plate(300, 220, 520, 360, 'white', 14, 16) +
        '<rect x="336" y="262" width="448" height="276" fill="#2f6148"/><path d="M350 290H760M350 330H640M350 370H760M350 410H600M350 450H760M350 490H700" stroke="#d1b24e" stroke-width="4"/><rect x="600" y="310" width="90" height="80" fill="#15191a"/><rect x="380" y="420" width="70" height="90" fill="#22577a"/><circle cx="500" cy="460" r="34" fill="#15191a"/><circle cx="500" cy="460" r="26" fill="#8d9695"/>',
      '<rect x="300" y="220" width="520" height="360" rx="14" fill="#000" fill-opacity=".25"/>',
    ),
    ...screws('board-screw', 'phillips', 18, [
      [322, 242],
      [798, 242],
      [322, 558],
      [798, 558],
    ]),
    plugAt('p1', [420, 700], '#f1efe6', ['#b5342b', '#111416', '#2f7a46', '#d9b430'], [900, 830]),
    plugAt('p2', [680, 700], '#f1efe6', ['#7a4a26', '#111416', '#2f7a46', '#d9b430'], [920, 840]),
    thing(
      'loom',
      'line',
      [1040, 830],
      loom(
        [
          [900, 835],
          [1040, 830],
          [1200, 760],
          [1420, 780],
          [1660, 760],
        ],
        ['#b5342b', '#2f7a46', '#d9b430'],
      ),
      loom(
        [
          [900, 835],
          [1040, 890],
          [1200, 900],
          [1420, 840],
          [1660, 760],
        ],
        ['#b5342b', '#2f7a46', '#d9b430'],
      ),
      [
        [900, 835],
        [1040, 830],
        [1200, 760],
        [1420, 780],
      ],
    ),
    thing('tie', 'consumable', [1200, 762], tie(1200, 762, 75)),
    ...tabs('loom-clip', 0, [[1420, 790]]),
    still(
      plate(1080, 240, 330, 120, 'white', 10, 14) +
        plate(1110, 300, 70, 150, 'black', 8, 10) +
        plate(1210, 300, 70, 150, 'black', 8, 10) +
        plate(1310, 300, 70, 150, 'black', 8, 10),
    ),
    ...screws('valve-screw', 'hex', 20, [
      [1106, 266],
      [1384, 266],
    ]),
    thing(
      'tube',
      'line',
      [1000, 560],
      hose(
        [
          [860, 600],
          [1000, 560],
          [1080, 640],
          [1060, 760],
          [990, 960],
        ],
        16,
        '#c9c6ba',
      ),
      hose(
        [
          [860, 600],
          [940, 680],
          [900, 800],
          [960, 960],
        ],
        16,
        '#c9c6ba',
      ),
      [
        [860, 600],
        [1000, 560],
        [1080, 640],
        [1060, 760],
      ],
    ),
    clampAt('tube-clamp', [874, 596], -20, 12),
    still(
      wires(
        [
          [1145, 450],
          [1160, 560],
          [1260, 620],
          [1320, 760],
        ],
        ['#b5342b', '#111416'],
        8,
      ),
    ),
    still(label(1120, 480, 230, ['INLET', 'cold   hot   soft'])),
  ],
}
