import { corrugated, hose, loom, strap, tie, wires, type Place } from '../camera/lines.ts'
import { plate, rib, wall } from '../camera/metal.ts'
import type { Scene } from '../camera/scene.ts'
import { label, paint, spring, weight } from '../camera/things.ts'
import { clampAt, plugAt, screws, still, tabs, thing } from './make.ts'

const loomPath: Place[] = [
  [1230, 180],
  [1080, 210],
  [930, 190],
  [760, 230],
]

/** Under the lid of a front loader, from above: drawer, valves, mains filter, upper counterweight, springs. */
export const frontLoaderTop: Scene = {
  id: 'front-loader-top',
  ground: wall('shade'),
  things: [
    still(
      plate(-60, -60, 1720, 110, 'zinc', 4, 0) +
        plate(-60, 930, 1720, 160, 'enamel', 4, 0) +
        plate(-60, 0, 120, 1000, 'zinc', 4, 0) +
        plate(1540, 0, 140, 1000, 'zinc', 4, 0),
    ),
    still(
      '<ellipse cx="840" cy="620" rx="560" ry="330" fill="url(#tubgrey)" stroke="#22282a" stroke-width="6"/><ellipse cx="840" cy="612" rx="520" ry="300" fill="none" stroke="#fff" stroke-opacity=".14" stroke-width="8"/>',
    ),
    still(spring([330, 180], [420, 470]) + spring([1370, 200], [1270, 470])),
    thing(
      'weight',
      'part',
      [850, 640],
      weight('M470 520Q850 400 1230 520L1190 780Q850 860 510 780Z'),
      '<ellipse cx="840" cy="640" rx="300" ry="130" fill="#474d4f" stroke="#2a2f31" stroke-width="5"/>',
    ),
    ...screws('weight-bolt', 'hex', 30, [
      [580, 610],
      [850, 580],
      [1120, 610],
      [850, 770],
    ]),
    still(plate(70, 60, 380, 30, 'zinc', 2, 6) + rib('M90 75H430', 5)),
    thing('drawer-housing', 'part', [270, 330], drawer(0, 0), drawer(-150, 150)),
    ...screws('rail', 'torx', 18, [
      [120, 130],
      [270, 130],
      [420, 130],
    ]),
    ...screws('cross', 'torx', 20, [
      [120, 560],
      [420, 560],
    ]),
    ...tabs('drawer-tab', 0, [
      [500, 250],
      [500, 400],
    ]),
    still(
      corrugated(
        [
          [300, 560],
          [330, 660],
          [430, 700],
          [540, 690],
        ],
        44,
      ),
    ),
    still(
      hose(
        [
          [180, 560],
          [210, 740],
          [340, 860],
          [520, 880],
        ],
        26,
      ),
    ),
    clampAt('dosing-clamp', [196, 640], 80, 4),
    plugAt('p1', [660, 150], '#f1efe6', ['#b5342b', '#2f5aa0', '#2f7a46'], [900, 190]),
    plugAt('p2', [660, 330], '#f1efe6', ['#8d9296', '#2f5aa0', '#7a4a26'], [900, 210]),
    thing(
      'loom',
      'line',
      loomPath[1]!,
      loom(loomPath, ['#b5342b', '#2f5aa0', '#2f7a46']),
      loom(
        [
          [1230, 180],
          [1120, 300],
          [960, 330],
          [760, 230],
        ],
        ['#b5342b', '#2f5aa0', '#2f7a46'],
      ),
      loomPath,
    ),
    thing('tie', 'consumable', [1000, 197], tie(1000, 197, 80)),
    still(valves()),
    thing(
      'filter',
      'part',
      [1330, 420],
      filterCan(),
      '<rect x="1250" y="350" width="170" height="150" fill="#0d1011" fill-opacity=".5"/>',
    ),
    ...screws('filter-screw', 'hex', 20, [
      [1235, 420],
      [1440, 420],
    ]),
    plugAt('filter-in', [1330, 560], '#30343a', ['#7a4a26', '#2f5aa0'], [1500, 660]),
    plugAt('filter-out', [1330, 690], '#30343a', ['#7a4a26', '#2f5aa0'], [1500, 820]),
    still(
      wires(
        [
          [1500, 660],
          [1540, 760],
          [1520, 900],
        ],
        ['#7a4a26', '#2f5aa0'],
        8,
      ),
    ),
    thing(
      'earth',
      'line',
      [1420, 310],
      strap([
        [1540, 240],
        [1480, 270],
        [1420, 310],
      ]),
      strap([
        [1540, 240],
        [1520, 330],
        [1500, 380],
      ]),
      [
        [1540, 240],
        [1480, 270],
        [1420, 310],
      ],
    ),
    ...screws('earth-nut', 'nut', 18, [[1420, 310]]),
    thing('mark', 'mark', [430, 480], '', paint(400, 480, 70)),
  ],
}

function drawer(dx: number, dy: number): string {
  return `<g transform="translate(${dx} ${dy})">${plate(80, 150, 380, 390, 'white', 14, 16)}<path d="M110 190H430V260H110ZM110 280H260V500H110ZM280 280H430V500H280Z" fill="#000" fill-opacity=".13"/><path d="M110 190H430M110 280H430" stroke="#fff" stroke-opacity=".8" stroke-width="4"/><circle cx="160" cy="226" r="14" fill="#000" fill-opacity=".3"/><circle cx="220" cy="226" r="14" fill="#000" fill-opacity=".3"/><circle cx="340" cy="226" r="14" fill="#000" fill-opacity=".3"/><path d="M250 520h40l-20 18z" fill="#77786f"/></g>`
}
function valves(): string {
  const coil = (x: number) =>
    `${plate(x, 80, 66, 96, 'black', 8, 8)}<rect x="${x + 16}" y="60" width="34" height="26" fill="url(#brass)"/><path d="M${x + 6} 128H${x + 60}" stroke="#fff" stroke-opacity=".2" stroke-width="5"/>`
  return `${coil(980)}${coil(1070)}${plate(960, 66, 200, 24, 'white', 4, 4)}`
}
function filterCan(): string {
  return `${plate(1250, 350, 170, 140, 'zinc', 18, 16)}${label(1268, 368, 134, ['FILTER', '250 V 16 A', '0.47 µF'])}`
}
