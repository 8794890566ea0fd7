import { hose, loom } from '../camera/lines.ts'
import { plate, wall } from '../camera/metal.ts'
import type { Scene } from '../camera/scene.ts'
import { spring } from '../camera/things.ts'
import { plugAt, screws, still, tabs, thing } from './make.ts'

/** Under the top of a top loader: tub ring, basket, agitator, suspension rods, the out-of-balance sensor on its bracket. */
export const topLoaderTop: Scene = {
  id: 'top-loader-top',
  ground: wall('shade'),
  things: [
    still(
      plate(-60, -60, 1720, 120, 'enamel', 4, 0) +
        plate(-60, 0, 130, 1000, 'enamel', 4, 0) +
        plate(1530, 0, 150, 1000, 'enamel', 4, 0),
    ),
    still(
      '<ellipse cx="760" cy="540" rx="540" ry="400" fill="url(#white)" stroke="#77786f" stroke-width="6"/><ellipse cx="760" cy="550" rx="470" ry="340" fill="#2b3031"/><ellipse cx="760" cy="556" rx="450" ry="322" fill="url(#alu)"/><ellipse cx="760" cy="556" rx="450" ry="322" fill="url(#drumholes)"/><ellipse cx="760" cy="600" rx="390" ry="270" fill="#202526" fill-opacity=".75"/>',
    ),
    thing(
      'agitator',
      'part',
      [760, 560],
      '<ellipse cx="760" cy="640" rx="210" ry="130" fill="#3c6f86"/><path d="M690 640L715 400Q760 370 805 400L830 640Z" fill="#4a8199" stroke="#274f61" stroke-width="4"/><path d="M715 420Q740 540 712 640M805 420Q784 540 810 640" stroke="#fff" stroke-opacity=".4" stroke-width="10" fill="none"/><circle cx="760" cy="404" r="36" fill="#dfe5e6" stroke="#5c6769" stroke-width="3"/>',
      '<ellipse cx="760" cy="620" rx="60" ry="40" fill="url(#head)" stroke="#333" stroke-width="4"/>',
    ),
    still(
      spring([150, 160], [260, 300], 22) + spring([1400, 170], [1290, 300], 22) + spring([160, 900], [280, 800], 22),
    ),
    ...tabs('ring-tab', 30, [
      [360, 230],
      [760, 146],
      [1160, 230],
    ]),
    thing('sensor-bracket', 'part', [1330, 560], plate(1230, 470, 220, 190, 'zinc', 8, 14), ''),
    thing(
      'sensor',
      'part',
      [1340, 570],
      plate(1270, 510, 140, 110, 'black', 8, 12) +
        '<rect x="1290" y="530" width="60" height="40" fill="#e9e7dc"/><path d="M1298 544H1340M1298 556H1330" stroke="#333" stroke-width="4"/>',
      '<circle cx="1290" cy="530" r="10" fill="#15191a"/><circle cx="1390" cy="600" r="10" fill="#15191a"/>',
    ),
    ...screws('sensor-screw', 'phillips', 16, [
      [1256, 496],
      [1424, 634],
    ]),
    plugAt('sensor-plug', [1360, 740], '#2f5aa0', ['#b5342b', '#111416', '#e8e6dc'], [1480, 900]),
    thing(
      'loom',
      'line',
      [1460, 420],
      loom(
        [
          [1480, 900],
          [1500, 640],
          [1460, 420],
          [1490, 180],
          [1420, 60],
        ],
        ['#b5342b', '#e8e6dc'],
      ),
      loom(
        [
          [1480, 900],
          [1420, 820],
          [1500, 520],
          [1540, 200],
          [1420, 60],
        ],
        ['#b5342b', '#e8e6dc'],
      ),
      [
        [1500, 640],
        [1460, 420],
        [1490, 180],
      ],
    ),
    ...tabs('loom-clip', 90, [[1476, 300]]),
    still(
      hose(
        [
          [1240, 60],
          [1180, 160],
          [1080, 170],
        ],
        26,
        '#d8d7ce',
      ),
    ),
  ],
}
