import { anatomy, type Family } from '../machine/families.ts'

/** One thing that can be known of a move: where it is kept, what it is called, and how it is said by a tap. */
export interface Field {
  /** Path in the move, like `fastener.size`. */
  path: string
  label: string
  how: 'count' | 'number' | 'choice' | 'words' | 'list' | 'yes'
  /** Taps to choose from; with `words` they are proposals. */
  options?: readonly string[]
  unit?: string
}
/** Where a move is told: what is near is proposed first. */
export interface Where {
  family: Family
  zone: string | undefined
  /** What it is done to, by name. */
  thing?: string | undefined
}

export const place: Field = { path: 'place', label: 'where', how: 'words' }
export const cell: Field = { path: 'cell', label: 'cell', how: 'words' }
export const note: Field = { path: 'note', label: 'note', how: 'words' }
export const count: Field = { path: 'count', label: 'counted', how: 'count' }

/** What can be known of a group of fasteners. */
export const ofFasteners: readonly Field[] = [
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
]

/** What can be known of a part; `more` is what its kind of move asks besides, right after its name. */
export function ofPart({ family, zone }: Where, ...more: Field[]): Field[] {
  const near = anatomy[family].covers
    .filter(c => !zone || zone === 'outside' || c.zone === zone || c.opens.includes(zone))
    .map(c => c.name)
  return [
    { path: 'part.name', label: 'part', how: 'words', options: [...near, 'bracket', 'pump', 'motor'] },
    ...more,
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
