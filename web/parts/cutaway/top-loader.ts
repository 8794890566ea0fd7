import type { Drawing } from './drawing.ts'
import { body, coil, edge, holes, pipe, thin } from './strokes.ts'

/** A top loader cut from front (left) to rear (right). */
export const topLoader: Drawing = {
  hull: [
    body('M62 96H338V400H62Z', 3, 'var(--sheet)'),
    // top with its lid, console at the rear
    body('M56 84H338V98H56Z', 2.2),
    body('M92 76H240V86H92Z', 2, 'var(--work-wash)'),
    body('M262 84L276 34H344V84Z', 2.4),
    // tub, hanging
    body('M96 116H304V124H298V300Q298 316 282 316H118Q102 316 102 300V124H96Z', 1.8),
    edge('M116 128H284V286Q284 298 272 298H128Q116 298 116 286Z', 2.4),
    holes(116, 140, 116, 284, 13),
    holes(284, 140, 284, 284, 13),
    edge('M78 400v10h18v-10M304 400v10h18v-10', 2.4),
    edge('M10 412H390', 2),
  ].join(''),
  works: [
    body('M186 150Q200 142 214 150L222 262Q250 274 252 292H148Q150 274 178 262Z', 2),
    body('M176 316H224V336H176Z', 1.8),
    body('M194 336H206V356H194Z', 1.6),
    body('M160 354H240V364H160Z', 1.8),
    body('M256 324H304V366H256Z', 2),
    body('M272 366H288V376H272Z', 1.6),
    body('M84 346H128V384H84Z', 2),
    coil(82, 240, 82, 300, 7, 5),
    coil(318, 240, 318, 300, 7, 5),
    edge('M76 104L82 300L104 306M324 104L318 300L296 306', 1.8),
    body('M286 46H320V64H286Z', 1.8, 'var(--work-wash)'),
    body('M296 66H334V80H296Z', 1.8),
    body('M306 150H322V172H306Z', 1.8),
  ].join(''),
  lines: [
    pipe('M296 74Q270 100 262 116', 5),
    pipe('M352 72H336', 5),
    pipe('M150 318Q140 336 128 358', 9),
    pipe('M84 372H70Q66 396 120 394T330 390Q356 384 356 320V130', 6),
    edge('M162 360Q220 380 286 372M238 358Q262 364 284 368', 1.8),
    thin('M314 150Q330 120 318 96T304 66M300 54Q270 60 262 84'),
  ].join(''),
  fine: [
    thin('M132 128V298M152 128V140M248 128V140M268 128V298M200 150V262'),
    thin('M262 330v30M270 330v30M278 330v30M286 330v30M296 330v30'),
    thin('M106 356a9 9 0 1 0 0.1 0M98 365h16M104 356v18'),
    thin('M290 52h26M290 58h18M176 326h48M100 81h130M280 40h56'),
    thin('M306 160h16M300 72h30'),
  ].join(''),
  zones: {
    outside: { d: 'M8 8H392V432H8ZM48 26V404H362V26Z', at: [378, 424] },
    console: { d: 'M256 28H350V86H256Z', at: [312, 44] },
    top: { d: 'M52 70H256V118H52Z', at: [150, 94] },
    front: { d: 'M52 118H76V402H52Z', at: [64, 220] },
    suspension: { d: 'M76 118H104V318H76Z', at: [90, 270] },
    rear: { d: 'M302 118H344V402H302Z', at: [328, 350] },
    base: { d: 'M76 318H302V402H76Z', at: [106, 366] },
    tub: { d: 'M104 118H302V318H104Z', at: [200, 210] },
    valves: { d: 'M290 64H346V92H290Z', at: [316, 76] },
    drive: { d: 'M148 318H302V384H148Z', at: [226, 350] },
  },
}
