import {
  anatomy,
  clipKinds,
  isolations,
  lineKinds,
  postures,
  type Family,
  type Glyph,
  type Move,
} from '@dialytica/core'

/** One thing that can be known of a move: where it is kept, what it is called, and how it is said by a tap. */
export interface Field {
  path: string
  label: string
  how: 'count' | 'number' | 'choice' | 'words' | 'list' | 'yes'
  /** Taps to choose from; with `words` they are proposals. */
  options?: readonly string[]
  unit?: string
}

const place: Field = { path: 'place', label: 'where', how: 'words' }
const cell: Field = { path: 'cell', label: 'cell', how: 'words' }
const note: Field = { path: 'note', label: 'note', how: 'words' }
const count: Field = { path: 'count', label: 'counted', how: 'count' }

const fastener: Field[] = [
  count,
  {
    path: 'fastener.size',
    label: 'drive',
    how: 'words',
    options: ['T15', 'T20', 'T25', 'PH1', 'PH2', '7 mm', '8 mm', '10 mm', '13 mm', '17 mm', '1/4 in'],
  },
  { path: 'fastener.length', label: 'long', how: 'number', unit: 'mm' },
  { path: 'fastener.thread', label: 'thread', how: 'words', options: ['M4', 'M5', 'M6', 'M8', 'M10', '4.2', '#8'] },
  { path: 'fastener.look', label: 'look', how: 'words', options: ['stainless', 'black', 'brass', 'with washer'] },
  { path: 'fastener.hand', label: 'hand', how: 'choice', options: ['right', 'left'] },
  { path: 'fastener.into', label: 'into', how: 'choice', options: ['metal', 'plastic'] },
  { path: 'fastener.pattern', label: 'pattern', how: 'choice', options: ['circle', 'row', 'any'] },
  cell,
  place,
  note,
]
const partOf = (family: Family, zone: string | undefined): Field[] => {
  const near = anatomy[family].covers
    .filter(c => !zone || zone === 'outside' || c.zone === zone || c.opens.includes(zone))
    .map(c => c.name)
  return [
    { path: 'part.name', label: 'part', how: 'words', options: [...near, 'bracket', 'pump', 'motor'] },
    {
      path: 'part.opens',
      label: 'opens',
      how: 'list',
      options: anatomy[family].zones.filter(z => z.id !== 'outside').map(z => z.id),
    },
    {
      path: 'part.orientation',
      label: 'faces',
      how: 'words',
      options: ['arrow up', 'tab in its slot', 'label outwards'],
    },
    { path: 'part.seat', label: 'seat', how: 'choice', options: ['click', 'flush', 'bottomed'] },
    {
      path: 'part.lies',
      label: 'lies',
      how: 'words',
      options: ['on the bench', 'against the wall', 'behind the machine', 'hung over the side'],
    },
    { path: 'part.people', label: 'people', how: 'number' },
    { path: 'part.stores', label: 'stores', how: 'choice', options: ['spring', 'charge', 'pressure', 'magnet'] },
    place,
  ]
}

const fixed: Partial<Record<Move['kind'], Field[]>> = {
  'remove-fasteners': fastener,
  slacken: [...fastener.filter(f => f !== cell), { path: 'turns', label: 'turns', how: 'number' }],
  'release-clips': [
    count,
    { path: 'clip.type', label: 'clip', how: 'choice', options: clipKinds },
    {
      path: 'clip.releases',
      label: 'releases',
      how: 'words',
      options: ['press inwards', 'from the left', 'from below'],
    },
    { path: 'clip.direction', label: 'twist', how: 'choice', options: ['clockwise', 'anticlockwise'] },
    { path: 'clip.fragile', label: 'fragile', how: 'yes' },
    cell,
    place,
  ],
  unplug: [
    { path: 'connector.label', label: 'label', how: 'words', options: ['P1', 'P2', 'P3', 'P4'] },
    { path: 'connector.housing', label: 'housing', how: 'words', options: ['white', 'black', 'blue', 'red'] },
    { path: 'connector.ways', label: 'ways', how: 'number' },
    {
      path: 'connector.wires',
      label: 'wires',
      how: 'list',
      options: ['red', 'blue', 'green', 'brown', 'black', 'white', 'grey', 'yellow'],
    },
    { path: 'connector.lock', label: 'lock', how: 'choice', options: ['tab', 'secondary slider', 'none'] },
    place,
    note,
  ],
  unroute: [
    { path: 'route.type', label: 'line', how: 'choice', options: lineKinds.filter(k => k !== 'belt') },
    { path: 'route.waypoints', label: 'past', how: 'list' },
    {
      path: 'route.keepClear',
      label: 'clear of',
      how: 'list',
      options: ['pulley', 'belt', 'rotor', 'drum', 'heater', 'sharp edge'],
    },
    { path: 'route.slack', label: 'slack', how: 'words' },
    place,
    note,
  ],
  'slip-belt': [{ path: 'ribs', label: 'ribs', how: 'number' }, place],
  'open-joint': [
    {
      path: 'joint.hose',
      label: 'hose',
      how: 'words',
      options: ['inlet hose', 'outlet hose', 'sump hose', 'fill hose', 'pressure tube'],
    },
    { path: 'joint.clamp', label: 'clamp', how: 'choice', options: ['spring', 'worm', 'ear', 'none'] },
    { path: 'joint.clock', label: 'ears at', how: 'number', unit: "o'clock" },
    { path: 'joint.notch', label: 'notch', how: 'words' },
    place,
  ],
  cut: [
    count,
    { path: 'consumable', label: 'what', how: 'choice', options: ['tie', 'tape', 'seal', 'gasket', 'clamp'] },
    { path: 'size', label: 'size', how: 'words' },
    place,
  ],
  'place-temporary': [
    count,
    {
      path: 'thing',
      label: 'what',
      how: 'choice',
      options: ['prop', 'towel', 'tape', 'strap', 'clamp', 'tray', 'block', 'mat'],
    },
    { path: 'why', label: 'why', how: 'words', options: ['under the tub', 'round the hose', 'holds the panel'] },
    place,
  ],
  'turn-machine': [{ path: 'to', label: 'stands', how: 'choice', options: postures }],
  isolate: [{ path: 'what', label: 'what', how: 'choice', options: isolations }],
  drain: [
    { path: 'by', label: 'by', how: 'choice', options: ['filter', 'plug', 'cap', 'drain tube', 'hose'] },
    { path: 'litres', label: 'litres', how: 'number', unit: 'l' },
  ],
  'draw-mark': [
    {
      path: 'mark',
      label: 'mark',
      how: 'words',
      options: ['a line across both parts', 'an arrow up', 'a number on each'],
    },
    place,
  ],
  attend: [
    { path: 'act', label: 'act', how: 'choice', options: ['measure', 'inspect', 'photograph', 'clean', 'lubricate'] },
    { path: 'thing', label: 'what', how: 'words' },
    { path: 'again', label: 'again going back', how: 'yes' },
  ],
}

/** What can be known of a move, what matters most first. */
export function fieldsOf(move: Move, family: Family, zone: string | undefined): Field[] {
  if (!('part' in move)) return fixed[move.kind] ?? []
  const extra: Field[] =
    move.kind === 'replace-part'
      ? [{ path: 'carryOver', label: 'carry over', how: 'list', options: ['bracket', 'washers', 'grommet', 'holder'] }]
      : move.kind === 'pull-off'
        ? [{ path: 'oneWay', label: 'goes on once', how: 'yes' }]
        : []
  const [first, ...rest] = partOf(family, zone)
  return [first!, ...extra, ...rest]
}

/** The names of the kinds of move, as the hand that does them says. */
export const variantNames: Record<Move['kind'], string> = {
  'remove-fasteners': 'Take out',
  slacken: 'Slacken',
  'release-clips': 'Release',
  unplug: 'Unplug',
  unroute: 'Free',
  'slip-belt': 'Slip belt',
  'open-joint': 'Open joint',
  'remove-part': 'Take off',
  'park-part': 'Park',
  'pull-off': 'Pull off',
  'replace-part': 'Replace',
  cut: 'Cut',
  'place-temporary': 'Put in',
  'turn-machine': 'Turn',
  isolate: 'Isolate',
  drain: 'Drain',
  'draw-mark': 'Draw mark',
  attend: 'Attend',
}

/** Keys of the kinds of mark. */
export const glyphKeys: readonly (readonly [string, Glyph])[] = [
  ['1', 'fastener'],
  ['2', 'clip'],
  ['3', 'connector'],
  ['4', 'line'],
  ['5', 'joint'],
  ['6', 'part'],
  ['7', 'consumable'],
  ['8', 'temporary'],
  ['9', 'isolation'],
  ['0', 'posture'],
  ['m', 'mark'],
]
