import type { Raw } from '../phrases.ts'
import type { Here } from './here.ts'
import { is } from '../tell/telling.ts'

/** Words of a line that puts something somewhere for a while. */
const puts =
  'put place set stick stuff slip lay wedge prop chock shove support chuck stand catch spread bung ram'.split(' ')
const putWhere = ['under', 'underneath', 'into', 'over', 'down']
/** What is put somewhere for a while, or is a part of the machine. */
const mayBePart = new Set(
  'board stand support tray pan bowl tin dish stick cord foam basin boards trays wood'.split(' '),
)

/** A cap that no word of electricity stands beside is a lid of something. */
function isLid({ before, lemmas, line }: Here): boolean {
  const isElectric =
    ['discharge', 'short', 'bleed'].some(l => lemmas.has(l)) ||
    /\b(spades?|uf|wires?|run|start)\b/.test([...line].join(' '))
  return !isElectric || is(before, 'part', 'pos') || ['end', 'screw', 'knob', 'filter'].includes(before?.words ?? '')
}

/** A board, a tray, a bowl: of the machine, unless it is put somewhere. */
function isOfMachine({ a, before, line, lemmas }: Here): boolean {
  const w = a.words
  if (!mayBePart.has(w)) return false
  const isPut = puts.some(l => lemmas.has(l)) || putWhere.some(x => line.has(x))
  if (w !== 'wood' && (is(before, 'part', 'thing', 'pos') || (!isPut && w !== 'stick'))) return true
  if (w === 'board' || w === 'boards') return !(isPut && before && (before.n !== undefined || before.tag === 'det'))
  if (w === 'bowl') return !line.has('over') && !line.has('into')
  return w === 'tray' && before?.words === 'the' && !line.has('under') && !lemmas.has('put')
}

/** A line that is drawn is a mark. */
const isMark = ({ a, lemmas }: Here): boolean =>
  a.sets === undefined && (lemmas.size === 0 || ['draw', 'mark', 'scribe', 'scratch', 'make'].some(l => lemmas.has(l)))

/** Where a thing of this class is a part of the machine. */
const isPart: Readonly<Record<string, (here: Here) => boolean>> = {
  capacitor: here => here.a.words === 'cap' && isLid(here),
  temporary: isOfMachine,
  machine: ({ a, before }) =>
    a.words === 'washers' || (a.words === 'washer' && (before?.n !== undefined || before?.tag === 'quality')),
  grommet: ({ a }) => a.words === 'bush',
  water: ({ a, before }) => /^(feed|supply)$/.test(a.words) && before?.tag !== 'thing',
}

/** A thing as what it is in this line. */
export function thingHere(here: Here): Raw {
  const { a } = here
  if (a.tag !== 'thing') return a
  if (a.noun === 'line' && isMark(here)) return { ...a, noun: 'mark' }
  if (!isPart[a.noun ?? '']?.(here)) return a
  return { ...a, tag: 'part', noun: undefined }
}
