import { loom, tie, type Place } from '../camera/lines.ts'
import { plate, rib, wall } from '../camera/metal.ts'
import type { Scene } from '../camera/scene.ts'
import { belt, motor, paint, pulley, spring } from '../camera/things.ts'
import { screws, still, tabs, thing } from './make.ts'

const path: Place[] = [
  [270, 120],
  [300, 330],
  [390, 480],
  [340, 640],
  [430, 800],
  [640, 860],
]
const loose: Place[] = [
  [270, 120],
  [190, 340],
  [180, 560],
  [250, 760],
  [430, 850],
  [640, 860],
]
const colours = ['#2f5aa0', '#b5342b', '#d9b430']

/** Behind the rear panel of a front loader: tub back, pulley and belt, motor, spring, the loom that passes behind it. */
export const frontLoaderRear: Scene = {
  id: 'front-loader-rear',
  ground: wall('shade'),
  things: [
    still(
      plate(-60, -60, 1720, 120, 'zinc', 4, 0) +
        plate(-60, 0, 150, 1000, 'zinc', 4, 0) +
        plate(1510, 0, 150, 1000, 'zinc', 4, 0) +
        rib('M40 80V980', 8) +
        rib('M1560 80V980', 8),
    ),
    still(
      '<circle cx="850" cy="470" r="430" fill="url(#tubgrey)" stroke="#1d2224" stroke-width="8"/><circle cx="850" cy="470" r="400" fill="none" stroke="#fff" stroke-opacity=".13" stroke-width="8"/>',
    ),
    still(
      Array.from(
        { length: 12 },
        (_, i) =>
          `<path d="M850 230V90" transform="rotate(${i * 30} 850 470)" stroke="#000" stroke-opacity=".25" stroke-width="16"/><path d="M846 230V90" transform="rotate(${i * 30} 850 470)" stroke="#fff" stroke-opacity=".14" stroke-width="5"/>`,
      ).join(''),
    ),
    still(motor(850, 880, 88)),
    thing('loom', 'line', [340, 640], loom(path, colours), loom(loose, colours), path),
    thing('spring', 'mark', [330, 400], spring([250, 260], [420, 540], 30)),
    thing('tie-a', 'consumable', [300, 200], tie(296, 220, 8)),
    thing('tie-b', 'consumable', [520, 838], tie(520, 838, 100)),
    ...tabs('retainer', 60, [[360, 720]]),
    thing('belt', 'line', [1060, 700], belt([850, 440], 214, [850, 880], 40), '', [
      [640, 440],
      [850, 226],
      [1060, 700],
    ]),
    thing(
      'pulley',
      'part',
      [850, 440],
      pulley(850, 440, 205),
      '<circle cx="850" cy="440" r="60" fill="url(#black)" stroke="#111" stroke-width="4"/><circle cx="850" cy="440" r="26" fill="url(#head)" stroke="#333" stroke-width="3"/><path d="M838 424H862M834 434H866M834 446H866M838 456H862" stroke="#333" stroke-width="3"/>',
    ),
    ...screws('pulley-bolt', 'hex', 34, [[850, 440]]),
    thing('mark', 'mark', [900, 385], '', paint(880, 382, 56)),
    ...screws('board', 'torx', 18, [
      [1280, 200],
      [1440, 200],
      [1280, 380],
      [1440, 380],
    ]),
    still(
      `${plate(1250, 170, 220, 240, 'white', 10, 14)}<rect x="1276" y="236" width="168" height="120" fill="#2e5d46"/><path d="M1286 250H1430M1286 280H1400M1286 310H1430" stroke="#cfae4a" stroke-width="3"/>`,
    ),
  ],
}
