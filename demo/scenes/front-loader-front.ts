import { corrugated, hose, wires } from '../camera/lines.ts'
import { opening, plate, wall } from '../camera/metal.ts'
import type { Scene } from '../camera/scene.ts'
import { label, tray } from '../camera/things.ts'
import { plugAt, screws, still, tabs, thing } from './make.ts'

const glassDoor =
  '<circle cx="380" cy="470" r="250" fill="url(#alu)" stroke="#3c4344" stroke-width="5"/><circle cx="380" cy="470" r="188" fill="url(#glass)" stroke="#586163" stroke-width="5"/><path d="M270 380Q330 300 440 310" stroke="#fff" stroke-opacity=".7" stroke-width="16" fill="none" stroke-linecap="round"/>'

/** The front of a front loader with the door open: bellows, drum, drum light, door lock, console, filter hatch. */
export const frontLoaderFront: Scene = {
  id: 'front-loader-front',
  ground: wall('enamel'),
  things: [
    still(opening(-60, -60, 1720, 100, 4)),
    thing(
      'console',
      'part',
      [800, 90],
      plate(60, 30, 1480, 130, 'white', 12, 12) +
        '<rect x="620" y="54" width="360" height="80" rx="6" fill="#1a2224"/><path d="M650 94H770M800 94H860M880 94H950" stroke="#7fd0c4" stroke-width="10"/><circle cx="1180" cy="94" r="46" fill="url(#alu)" stroke="#596163" stroke-width="3"/>',
      opening(60, 40, 1480, 110, 6),
    ),
    ...screws('console-screw', 'torx', 18, [
      [110, 140],
      [1490, 140],
    ]),
    still(
      '<circle cx="900" cy="540" r="356" fill="#3b4042"/><circle cx="900" cy="540" r="356" fill="none" stroke="#fff" stroke-opacity=".3" stroke-width="5"/>',
    ),
    still(
      '<circle cx="910" cy="550" r="240" fill="url(#alu)"/><circle cx="910" cy="550" r="240" fill="url(#drumholes)"/><circle cx="910" cy="550" r="240" fill="url(#shade)" opacity=".45"/>',
    ),
    thing(
      'bellows',
      'part',
      [900, 860],
      '<circle cx="900" cy="540" r="298" fill="none" stroke="#6f7678" stroke-width="110"/><circle cx="900" cy="540" r="336" fill="none" stroke="#9aa2a3" stroke-width="12"/><circle cx="900" cy="540" r="300" fill="none" stroke="#43494b" stroke-width="14"/><circle cx="900" cy="540" r="262" fill="none" stroke="#9aa2a3" stroke-width="10"/>',
      '<circle cx="900" cy="540" r="300" fill="none" stroke="#202527" stroke-width="100"/>',
    ),
    thing(
      'bellows-clamp',
      'joint',
      [900, 196],
      '<circle cx="900" cy="540" r="346" fill="none" stroke="#c7cdcb" stroke-width="9"/><path d="M870 190h60" stroke="#8a9291" stroke-width="22"/><path d="M872 186h56" stroke="#e8ecea" stroke-width="6"/>',
    ),
    thing(
      'light',
      'part',
      [760, 330],
      '<circle cx="760" cy="330" r="44" fill="#f6edc6" stroke="#7e7a66" stroke-width="5"/><circle cx="750" cy="318" r="20" fill="#fff" fill-opacity=".8"/>',
      '<circle cx="760" cy="330" r="44" fill="url(#hole)"/>',
    ),
    ...tabs('light-tab', 45, [[716, 286]]),
    plugAt('light-plug', [1360, 330], '#f1efe6', ['#d9b430', '#7a4a26'], [1480, 620]),
    still(
      wires(
        [
          [1480, 620],
          [1520, 760],
          [1500, 930],
        ],
        ['#d9b430', '#7a4a26'],
        8,
      ),
    ),
    thing(
      'lock',
      'part',
      [1330, 560],
      plate(1270, 490, 120, 150, 'black', 10, 12) + '<rect x="1288" y="540" width="34" height="50" fill="#0a0c0d"/>',
      opening(1270, 490, 120, 150),
    ),
    ...screws('lock-screw', 'torx', 18, [
      [1330, 470],
      [1330, 662],
    ]),
    still(glassDoor + label(300, 690, 160, ['CLOSE', 'door gently'])),
    thing(
      'filter-hatch',
      'isolation',
      [1400, 880],
      plate(1300, 810, 200, 140, 'white', 10, 10) +
        '<circle cx="1400" cy="880" r="40" fill="#5d6567" stroke="#222" stroke-width="3"/><path d="M1366 880H1434" stroke="#222" stroke-width="14"/>',
      opening(1300, 810, 200, 140) +
        corrugated(
          [
            [1400, 880],
            [1400, 940],
            [1360, 1020],
          ],
          40,
        ),
    ),
    thing('tray', 'temporary', [1060, 930], '', tray(920, 880, 300, 110)),
    still(
      hose(
        [
          [560, 1040],
          [700, 960],
          [820, 1030],
        ],
        20,
        '#6b7172',
      ),
    ),
  ],
}
