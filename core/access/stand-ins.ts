import { say, type Phrase } from '../words/phrase.ts'

/** What may stand in for a tool that is not at hand, and what must not, with what it would do. */
export interface StandIns {
  may: readonly Phrase[]
  not: readonly Phrase[]
}

/** Inch sizes in use on machines, in sixteenths, and metric ones in millimetres: a span is from flat to flat. */
const inches = [4, 5, 6, 7, 8, 9, 10, 11, 12]
const metric = [5, 5.5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 21, 22]
const mm = (sixteenths: number) => (sixteenths * 25.4) / 16
const inch = (sixteenths: number): string => {
  const by = [8, 4, 2].find(d => sixteenths % d === 0) ?? 1
  return `${sixteenths / by}/${16 / by} in`
}
/** So much wider than the head a spanner may be before it turns on the corners, and so much narrower it still goes on, since heads are made under their size; in mm, our own bounds. */
const loose = 0.16
const tight = 0.13

/** The span of a size as it is said: `8 mm`, `5/16 in`; undefined of none. */
export function spanOf(size: string): number | undefined {
  const metricSize = /^(\d+(?:\.\d+)?) ?mm$/.exec(size)
  if (metricSize) return Number(metricSize[1])
  const [, over, under] = /^(\d+)\/(\d+) ?in$/.exec(size) ?? []
  return over && under ? (25.4 * Number(over)) / Number(under) : undefined
}

/** Spanners of the other measure that fit a head, and the nearest that do not. */
function ofSpan(size: string, span: number): StandIns {
  const others = size.includes('in')
    ? metric.map(m => ({ name: `${m} mm`, span: m }))
    : inches.map(i => ({ name: inch(i), span: mm(i) }))
  const near = others.filter(o => Math.abs(o.span - span) < 1.4)
  const fits = near.filter(o => o.span - span <= loose && span - o.span <= tight)
  const rounds = near.filter(o => o.span - span > loose)
  return {
    may: [...fits.map(o => say`${o.name}, pressed on straight`), say`a socket of six flats instead of a spanner`],
    not: [...rounds.map(o => say`${o.name}: it is loose and rounds the corners`), say`pliers: they tear the flats`],
  }
}

/** By words of the tool: our own table. */
const known: readonly (readonly [RegExp, StandIns])[] = [
  [
    /^T\d+H|security/i,
    {
      may: [say`a star bit with a bore of the same size`],
      not: [say`a plain star bit: the pin keeps it out`, say`a flat blade: it breaks the pin into the recess`],
    },
  ],
  [
    /^T\d+|torx/i,
    {
      may: [say`a star bit of the same size in a holder or a ratchet`],
      not: [say`one size smaller: it turns and strips the star`, say`a hex key: it holds on three corners only`],
    },
  ],
  [
    /^PH\d|phillips/i,
    {
      may: [say`a bit of the same cross and size in a holder`],
      not: [
        say`a cross with the fine ribs between (PZ): it climbs out and strips the slot`,
        say`a cordless driver at full torque`,
      ],
    },
  ],
  [
    /^PZ\d|pozidriv/i,
    {
      may: [say`a bit of the same cross and size in a holder`],
      not: [say`a plain cross (PH): it slips under load`],
    },
  ],
  [/socket|allen/i, { may: [say`a bit of the same size`], not: [say`a star bit: it spreads the hexagon`] }],
  [/slotted|screwdriver/i, { may: [say`any blade as wide as the slot`], not: [say`a knife`] }],
  [
    /clamp pliers/,
    {
      may: [say`slip-joint pliers set so that both ears lie flat in the jaws`],
      not: [say`side cutters: the ears spring out of them`, say`a blade under the clamp: it cuts the hose`],
    },
  ],
  [/side cutters/, { may: [say`small wire cutters`], not: [say`a knife towards the loom: it finds a wire`] }],
  [
    /pin lifter/,
    { may: [say`a wide flat blade with tape on it`], not: [say`pulling at the panel: the pin tears out of it`] },
  ],
  [/long-nose/, { may: [say`a hook made for springs`], not: [say`fingers: the clip flies or cuts`] }],
  [
    /puller/,
    {
      may: [say`two levers, opposite each other, with wood under them`],
      not: [say`a hammer on the shaft: it marks the bearing and spreads the end`],
    },
  ],
  [
    /discharge resistor/,
    {
      may: [say`a lamp of mains voltage with probes on its leads`],
      not: [say`a screwdriver across the terminals: it burns them and can burst the capacitor`],
    },
  ],
  [/^meter/, { may: [], not: [say`a voltage pen: it does not say that a thing is dead`] }],
  [
    /^(prop|block)/,
    { may: [say`a timber that cannot roll`], not: [say`a tin or a stack of books: it gives way under you`] },
  ],
  [
    /^mat/,
    { may: [say`a folded blanket, or cardboard in three layers`], not: [say`the bare floor: edges and knobs break`] },
  ],
  [
    /flat tray/,
    { may: [say`a baking tray, emptied a little at a time`], not: [say`only a towel: there are litres in it`] },
  ],
]

/** What may stand in for a tool, and what must not. Nothing of a tool that is not known. */
export function standIns(tool: string): StandIns {
  const span = spanOf(tool.replace(/ (driver|spanner|socket)$/, ''))
  if (span !== undefined) return ofSpan(tool, span)
  return known.find(([words]) => words.test(tool))?.[1] ?? { may: [], not: [] }
}

/** True of a tool that is not in every bag: a span of 19 mm and more, or one made for a single thing. */
export function seldomAtHand(tool: string): boolean {
  const span = spanOf(tool.replace(/ (driver|spanner|socket)$/, ''))
  return (span ?? 0) >= 19 || /puller|^T\d+H|security|discharge/i.test(tool)
}
