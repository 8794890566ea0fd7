import { corrugated, hose, strap, wires } from '../camera/lines.ts'
import { plate, rib, wall } from '../camera/metal.ts'
import type { Scene } from '../camera/scene.ts'
import { block, label, pump, spring, towel } from '../camera/things.ts'
import { clampAt, plugAt, screws, still, thing } from './make.ts'

/** The base of a front loader: the dosing pump under its bracket, a ground strap below it, damper, hoses. */
export const frontLoaderBase: Scene = {
  id: 'front-loader-base',
  ground: wall('zinc'),
  things: [
    still(rib('M-60 120H1660', 14) + rib('M-60 880H1660', 14) + rib('M140 -60V1060', 14) + rib('M1470 -60V1060', 14)),
    still(
      corrugated(
        [
          [-60, 720],
          [120, 700],
          [240, 560],
          [420, 520],
        ],
        62,
        '#3d4142',
      ),
    ),
    still(spring([1290, 690], [1420, 900], 24) + plate(1230, 640, 110, 70, 'zinc', 6, 10)),
    still(
      '<path d="M1250 700L1170 890" stroke="#22282a" stroke-width="56" stroke-linecap="round"/><path d="M1242 700L1162 890" stroke="#5d6567" stroke-width="40" stroke-linecap="round"/><path d="M1230 700L1152 880" stroke="#fff" stroke-opacity=".25" stroke-width="8" stroke-linecap="round"/>',
    ),
    ...screws('damper', 'nut', 32, [[1285, 672]]),
    thing(
      'ground',
      'line',
      [640, 420],
      strap([
        [180, 190],
        [330, 230],
        [470, 330],
        [640, 420],
      ]),
      strap([
        [180, 190],
        [260, 330],
        [300, 430],
        [280, 520],
      ]),
      [
        [180, 190],
        [470, 330],
        [640, 420],
      ],
    ),
    ...screws('ground-nut', 'nut', 20, [[640, 420]]),
    thing(
      'pump',
      'part',
      [760, 500],
      pump(760, 500),
      '<rect x="620" y="400" width="270" height="190" rx="20" fill="#000" fill-opacity=".22"/><circle cx="640" cy="580" r="12" fill="#151819"/><circle cx="880" cy="420" r="12" fill="#151819"/>',
    ),
    still(
      hose(
        [
          [250, 330],
          [400, 360],
          [520, 440],
          [600, 460],
        ],
        28,
        '#4b5052',
      ) +
        hose(
          [
            [240, 640],
            [380, 640],
            [500, 560],
            [600, 545],
          ],
          28,
          '#4b5052',
        ),
    ),
    clampAt('hose-in', [566, 452], 12, 10),
    clampAt('hose-out', [566, 552], -10, 2),
    plugAt('p7', [1010, 470], '#f1efe6', ['#b5342b', '#2f5aa0', '#2f7a46'], [1380, 150]),
    still(
      wires(
        [
          [1380, 150],
          [1430, 60],
          [1440, -60],
        ],
        ['#b5342b', '#2f5aa0', '#2f7a46'],
        8,
      ),
    ),
    thing(
      'bracket',
      'part',
      [760, 360],
      `${plate(540, 300, 470, 96, 'zinc', 10, 14)}${plate(540, 600, 470, 80, 'zinc', 10, 14)}${plate(926, 300, 70, 380, 'zinc', 8, 10)}${rib('M600 348H900', 8)}${rib('M600 640H900', 8)}${label(700, 322, 120, ['↑ TOP'], '#e9e7dc')}`,
    ),
    ...screws('pump-bracket', 'torx', 24, [
      [580, 348],
      [962, 348],
      [580, 640],
      [962, 640],
    ]),
    thing('towel', 'temporary', [520, 830], '', towel(360, 760, 380, 170)),
    thing('prop', 'temporary', [980, 850], '', block(880, 790, 240, 110)),
    still(label(1080, 210, 210, ['PUMP UNIT', '24 V  DC', '0.8 l/min'])),
  ],
}
