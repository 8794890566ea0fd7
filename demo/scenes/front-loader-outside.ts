import { hose } from '../camera/lines.ts'
import { opening, plate, rib } from '../camera/metal.ts'
import type { Scene } from '../camera/scene.ts'
import { bars, label, pulley, towel, block } from '../camera/things.ts'
import { screws, still, thing } from './make.ts'

const floor =
  '<rect x="-200" y="880" width="2000" height="400" fill="#7d7468"/><path d="M-200 884H1800" stroke="#000" stroke-opacity=".4" stroke-width="12"/><path d="M-200 960H1800M300 880L180 1200M900 880L920 1200M1400 880L1600 1200" stroke="#000" stroke-opacity=".2" stroke-width="4"/>'
const wallBehind =
  '<rect x="-200" y="-200" width="2000" height="1100" fill="#c4beb1"/><path d="M-200 200H1800M-200 520H1800M120 -200V880M1500 -200V880" stroke="#000" stroke-opacity=".1" stroke-width="5"/>'
const inside = `${opening(400, 270, 800, 560)}<circle cx="800" cy="560" r="250" fill="#5d6466"/><circle cx="800" cy="560" r="246" fill="none" stroke="#8c9496" stroke-width="5"/>${pulley(800, 540, 150)}`

/** A front loader from behind: plug, taps, drain hose, the lid's rear screws, the rear panel. */
export const frontLoaderOutside: Scene = {
  id: 'front-loader-outside',
  ground: `${wallBehind}${floor}`,
  things: [
    still(plate(330, 110, 940, 790, 'enamel', 10, 26)),
    still(
      '<rect x="370" y="880" width="80" height="34" rx="6" fill="#25292a"/><rect x="1150" y="880" width="80" height="34" rx="6" fill="#25292a"/>',
    ),
    thing(
      'rear-panel',
      'part',
      [800, 640],
      plate(372, 240, 856, 620, 'zinc', 12, 14) +
        rib('M460 330H1140V770H460Z', 12) +
        rib('M560 430H1040M560 550H1040M560 670H1040', 10),
      inside,
    ),
    thing(
      'top-panel',
      'part',
      [800, 128],
      plate(306, 84, 988, 84, 'enamel', 10, 14),
      plate(340, 140, 920, 28, 'zinc', 2, 4) + opening(372, 92, 856, 50, 4),
    ),
    ...screws('lid', 'torx', 19, [
      [430, 196],
      [1170, 196],
    ]),
    ...screws('rear', 'torx', 20, [
      [402, 270],
      [800, 270],
      [1198, 270],
      [402, 550],
      [1198, 550],
      [402, 832],
      [800, 832],
      [1198, 832],
    ]),
    still(
      label(930, 360, 236, ['RATING PLATE', '220-240 V  50 Hz', '2050 W', 'see model code']) +
        bars(944, 462, 200, 16, 7),
    ),
    thing('cold', 'isolation', [1420, 330], tap(1420, 330, 0, '#2f6fa8'), tap(1420, 330, 90, '#2f6fa8')),
    thing('hot', 'isolation', [1420, 560], tap(1420, 560, 0, '#b23a2e'), tap(1420, 560, 90, '#b23a2e')),
    still(
      hose(
        [
          [1380, 350],
          [1320, 420],
          [1290, 330],
          [1232, 210],
        ],
        20,
        '#d8d7ce',
      ),
    ),
    thing(
      'drain-hose',
      'isolation',
      [160, 300],
      hose(
        [
          [350, 800],
          [250, 760],
          [180, 560],
          [160, 300],
          [180, 220],
        ],
        36,
        '#8b9192',
      ),
      hose(
        [
          [350, 800],
          [270, 860],
          [190, 900],
          [120, 930],
        ],
        36,
        '#8b9192',
      ),
    ),
    still(
      '<rect x="150" y="150" width="62" height="740" rx="30" fill="#e6e3d8" fill-opacity=".9" stroke="#8d8a80" stroke-width="3"/><rect x="164" y="160" width="12" height="720" fill="#fff" fill-opacity=".5"/>',
    ),
    thing('power', 'isolation', [1420, 740], socket(true), socket(false)),
    thing('towel', 'temporary', [560, 930], '', towel(420, 880, 330, 110)),
    thing('prop', 'temporary', [1040, 925], '', block(960, 890, 190, 70)),
  ],
}

function tap(x: number, y: number, turn: number, colour: string): string {
  return `<rect x="${x - 16}" y="${y - 16}" width="120" height="32" rx="8" fill="url(#brass)"/><circle cx="${x}" cy="${y}" r="26" fill="url(#brass)" stroke="#5c481c" stroke-width="2"/><g transform="rotate(${turn} ${x} ${y})"><rect x="${x - 12}" y="${y - 64}" width="24" height="74" rx="9" fill="${colour}" stroke="#222" stroke-width="2"/><rect x="${x - 8}" y="${y - 60}" width="6" height="60" fill="#fff" fill-opacity=".4"/></g><rect x="${x - 50}" y="${y + 10}" width="32" height="26" rx="4" fill="url(#head)" stroke="#444"/>`
}

function socket(inside: boolean): string {
  const face = `${plate(1370, 690, 104, 104, 'white', 10, 10)}<circle cx="1422" cy="742" r="38" fill="#e3e2d9" stroke="#9a998f" stroke-width="3"/><circle cx="1408" cy="742" r="6" fill="#222"/><circle cx="1436" cy="742" r="6" fill="#222"/>`
  const head = (x: number, y: number) =>
    `<circle cx="${x}" cy="${y}" r="34" fill="#2d3133"/><circle cx="${x - 8}" cy="${y - 9}" r="20" fill="#54595b" fill-opacity=".7"/>`
  return inside
    ? `${face}${hose(
        [
          [1422, 742],
          [1400, 860],
          [1330, 890],
          [1230, 860],
        ],
        16,
        '#2d3133',
      )}${head(1422, 742)}`
    : `${face}${hose(
        [
          [1560, 955],
          [1460, 930],
          [1330, 900],
          [1230, 860],
        ],
        16,
        '#2d3133',
      )}${head(1560, 955)}`
}
