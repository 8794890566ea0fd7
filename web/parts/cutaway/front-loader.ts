import type { Drawing } from './drawing.ts'
import { body, coil, concrete, edge, holes, pipe, thin } from './strokes.ts'

/** A front loader cut from front (left) to rear (right). */
export const frontLoader: Drawing = {
  hull: [
    body('M58 44H342V400H58Z', 3, 'var(--sheet)'),
    body('M50 30H350V44H50Z', 2.4),
    // tub with its back, and the drum in it
    body(
      'M96 124Q96 112 110 112H276Q292 112 294 128V206L312 210V236L294 240V314Q292 330 276 330H110Q96 330 96 318V296H104V316Q105 322 112 322H274Q284 321 285 312V130Q284 121 274 120H112Q105 120 104 128V146H96Z',
      1.8,
    ),
    edge('M112 150V138Q112 130 120 130H266Q274 130 274 140V302Q274 312 266 312H120Q112 312 112 304V292', 2.4),
    holes(124, 130, 262, 130, 15),
    holes(124, 312, 262, 312, 15),
    // door glass and bellows
    body('M58 150Q34 158 34 221Q34 284 58 292L62 284Q104 270 104 221Q104 172 62 158Z', 2, 'var(--work-wash)'),
    edge('M62 148l9 -5 5 7 7 -7 5 7 8 -6M62 294l9 5 5 -7 7 7 5 -7 8 6', 2.4),
    edge('M58 44V150M58 292V400', 4),
    body('M58 46H44Q40 70 48 104H58Z', 2.2),
    edge('M70 400v10h18v-10M312 400v10h18v-10', 2.4),
    edge('M10 412H390', 2),
  ].join(''),
  works: [
    concrete(124, 90, 120, 20),
    concrete(98, 92, 14, 46),
    concrete(98, 304, 14, 38),
    body('M146 332l-6 0 -22 56 10 4 24 -56zM244 332l8 0 20 56 -10 4 -24 -56z'),
    body('M276 216H318V230H276Z', 1.6),
    body('M316 158H328V288H316Z', 1.8),
    body('M250 338H312V374H250Z', 2),
    body('M312 346H328V368H312Z', 1.6),
    body('M84 352H124V386H84Z', 2),
    body('M72 84V56H150V84Z', 2, 'var(--sheet)'),
    body('M296 52H332V76H296Z', 2),
    body('M206 52H268V66H206Z', 1.8, 'var(--work-wash)'),
    coil(162, 46, 150, 92),
    coil(286, 46, 264, 112),
  ].join(''),
  lines: [
    pipe('M296 66Q220 78 150 70', 5),
    pipe('M108 86Q106 100 116 112', 8),
    pipe('M182 334Q180 366 124 366', 10),
    pipe('M124 378Q240 396 330 384Q358 378 358 320V120', 6),
    pipe('M358 66H334', 5),
    edge('M322 160Q314 262 320 366M326 160Q334 262 325 366', 1.6),
    thin('M206 60Q190 62 186 74T232 98Q312 98 312 130T306 340'),
  ].join(''),
  fine: [
    thin('M96 160H58M96 282H58M120 140V302M140 130V312M246 130V312M266 140V302'),
    thin('M104 362a10 10 0 1 0 0.1 0M96 369h18M104 360v18'),
    thin('M258 346v20M266 346v20M274 346v20M282 346v20M290 346v20M298 346v20'),
    thin('M86 60V80M106 60V80M128 60V80M300 58h26M300 64h26M300 70h26'),
    thin('M214 59h10M228 59h16M248 59h12M64 356v22M70 356v22'),
    thin('M316 176h12M316 196h12M316 250h12M316 270h12'),
  ].join(''),
  zones: {
    outside: { d: 'M8 8H392V432H8ZM42 26V404H364V26Z', at: [378, 424] },
    top: { d: 'M52 44H340V110H52Z', at: [226, 84] },
    front: { d: 'M42 104H68V404H42Z', at: [55, 330] },
    rear: { d: 'M290 110H344V402H290Z', at: [333, 130] },
    base: { d: 'M68 334H290V402H68Z', at: [196, 376] },
    console: { d: 'M38 44H70V104H38Z', at: [54, 76] },
    drawer: { d: 'M70 48H154V90H70Z', at: [112, 70] },
    valves: { d: 'M284 46H340V92H284Z', at: [314, 66] },
    door: { d: 'M28 138H112V304H28Z', at: [62, 221] },
    tub: { d: 'M112 114H290V330H112Z', at: [194, 221] },
    drive: { d: 'M290 150H340V380H290Z', at: [316, 300] },
  },
}
