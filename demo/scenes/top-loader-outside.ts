import { hose } from '../camera/lines.ts'
import { opening, plate, rib } from '../camera/metal.ts'
import type { Scene } from '../camera/scene.ts'
import { bars, block, label, towel } from '../camera/things.ts'
import { screws, still, tabs, thing } from './make.ts'

/** A top loader from the front: console, lid, front panel, plug and taps beside it. */
export const topLoaderOutside: Scene = {
  id: 'top-loader-outside',
  ground:
    '<rect x="-200" y="-200" width="2000" height="1100" fill="#a9b0ac"/><path d="M-200 60H1800M-200 340H1800M-200 620H1800M200 -200V880M560 -200V880M1040 -200V880M1400 -200V880" stroke="#fff" stroke-opacity=".25" stroke-width="6"/><rect x="-200" y="890" width="2000" height="400" fill="#5f625e"/>',
  things: [
    thing(
      'console',
      'part',
      [800, 130],
      plate(360, 60, 880, 150, 'white', 18, 14) +
        '<circle cx="560" cy="134" r="46" fill="url(#alu)" stroke="#596163" stroke-width="3"/><circle cx="760" cy="134" r="30" fill="url(#alu)" stroke="#596163" stroke-width="3"/><path d="M860 120H1160M860 150H1060" stroke="#3c5054" stroke-width="8"/>',
      opening(380, 90, 840, 120),
    ),
    ...screws('console-screw', 'phillips', 18, [
      [392, 186],
      [1208, 186],
    ]),
    thing(
      'lid',
      'part',
      [800, 280],
      plate(350, 214, 900, 130, 'enamel', 10, 14) +
        '<rect x="470" y="232" width="660" height="90" rx="10" fill="#cdd2cd" stroke="#8f958f" stroke-width="3"/>',
      opening(370, 220, 860, 120),
    ),
    thing(
      'front-panel',
      'part',
      [800, 600],
      plate(360, 348, 880, 540, 'enamel', 8, 20) + rib('M420 420H1180', 8),
      opening(372, 360, 856, 510) +
        '<circle cx="800" cy="560" r="240" fill="url(#tubgrey)"/><rect x="700" y="770" width="200" height="90" fill="url(#black)"/>',
    ),
    ...tabs('front-clip', 90, [
      [520, 360],
      [1080, 360],
    ]),
    ...screws('front-screw', 'hex', 19, [
      [400, 862],
      [1200, 862],
    ]),
    still(label(940, 740, 240, ['RATING PLATE', '230 V  50 Hz', 'see model code']) + bars(956, 820, 190, 14, 11)),
    thing(
      'power',
      'isolation',
      [1420, 560],
      plate(1368, 508, 104, 104, 'white', 10, 8) +
        '<circle cx="1420" cy="560" r="34" fill="#2d3133"/>' +
        hose(
          [
            [1420, 570],
            [1380, 720],
            [1290, 840],
          ],
          16,
          '#2d3133',
        ),
      plate(1368, 508, 104, 104, 'white', 10, 8) +
        '<circle cx="1420" cy="560" r="38" fill="#e3e2d9" stroke="#9a998f" stroke-width="3"/><circle cx="1408" cy="560" r="6" fill="#222"/><circle cx="1434" cy="560" r="6" fill="#222"/>' +
        hose(
          [
            [1520, 930],
            [1380, 900],
            [1290, 840],
          ],
          16,
          '#2d3133',
        ),
    ),
    thing(
      'cold',
      'isolation',
      [170, 330],
      '<rect x="60" y="314" width="120" height="32" rx="8" fill="url(#brass)"/><rect x="160" y="270" width="24" height="74" rx="9" fill="#2f6fa8"/>',
      '<rect x="60" y="314" width="120" height="32" rx="8" fill="url(#brass)"/><rect x="150" y="318" width="74" height="24" rx="9" fill="#2f6fa8"/>',
    ),
    still(
      hose(
        [
          [180, 350],
          [220, 500],
          [300, 420],
          [366, 250],
        ],
        20,
        '#d8d7ce',
      ),
    ),
    thing('towel', 'temporary', [560, 930], '', towel(420, 890, 330, 100)),
    thing('prop', 'temporary', [1050, 930], '', block(960, 896, 190, 64)),
  ],
}
