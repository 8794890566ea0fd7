import { readdirSync, readFileSync } from 'node:fs'

/**
 * Lines as people say them, each with what it must be understood as. One voice is one file of `lines/`, written before any reader
 * was run on it. A line is followed by its readings: `= item ; item`, more than one where more than one is fair; `|` parts fair
 * readings of an item, or of a value. `spell` lists what a word of the line means: typed and meant both pass. After `--- held`
 * come the lines that nothing is ever tuned on.
 *
 * An attribute is owed only if the line says it, `count` apart: left out, the line gives no number and a number that is read is wrong.
 */
export interface SpokenLine {
  voice: string
  family: 'front-loader' | 'top-loader'
  text: string
  readings: Item[][]
  spell: Record<string, string>
  held: boolean
}
/** One act that a line must be understood as: its kind and attributes laid flat; `or` are other fair readings of it. */
export interface Item {
  kind: string
  or?: Item[]
  [attribute: string]: unknown
}

const kinds: Record<string, string> = {
  out: 'remove-fasteners',
  slack: 'slacken',
  clips: 'release-clips',
  plug: 'unplug',
  free: 'unroute',
  joint: 'open-joint',
  belt: 'slip-belt',
  off: 'remove-part',
  park: 'park-part',
  pull: 'pull-off',
  cut: 'cut',
  put: 'place-temporary',
  turn: 'turn-machine',
  wall: 'pull-out',
  iso: 'isolate',
  drain: 'drain',
  mark: 'draw-mark',
  see: 'attend',
  new: 'replace-part',
  swap: 'exchange',
  fit: 'fit-new',
  fold: 'fold-back',
  note: 'note',
}
/** The attribute that the first bare word of a kind is. */
const firsts: Record<string, string> = {
  free: 'type',
  joint: 'hose',
  off: 'name',
  park: 'name',
  pull: 'name',
  new: 'name',
  swap: 'name',
  fit: 'name',
  fold: 'name',
  cut: 'consumable',
  put: 'thing',
  turn: 'to',
  iso: 'what',
  drain: 'by',
  mark: 'mark',
  see: 'act',
}
const values: Record<string, Record<string, string>> = {
  free: { wire: 'single wire', strap: 'ground strap', tube: 'pressure tube' },
  turn: {
    tipped: 'tipped back',
    back: 'on its back',
    front: 'on its front',
    left: 'on its left side',
    right: 'on its right side',
  },
  iso: { cold: 'cold water', hot: 'hot water', drainhose: 'drain hose', cap: 'capacitor' },
  drain: { tube: 'drain tube' },
}
/** Words that set an attribute by themselves, by kind. */
const bare: Record<string, Record<string, Record<string, unknown>>> = {
  fasteners: {
    torx: { drive: 'torx' },
    phillips: { drive: 'phillips' },
    pozi: { drive: 'pozidriv' },
    slotted: { drive: 'slotted' },
    hex: { drive: 'hex head' },
    socket: { drive: 'hex socket' },
    square: { drive: 'square' },
    nut: { drive: 'nut' },
    LH: { hand: 'left' },
  },
  clips: {
    tab: { type: 'tab' },
    hook: { type: 'hook' },
    'push-pin': { type: 'push-pin' },
    'spring-clip': { type: 'spring clip' },
    bayonet: { type: 'bayonet' },
  },
  plug: { spade: { terminal: 'spade' }, ring: { terminal: 'ring' } },
  joint: { spring: { clamp: 'spring' }, worm: { clamp: 'worm' }, ear: { clamp: 'ear' }, none: { clamp: 'none' } },
}
const conditions = new Set(['missing', 'corroded', 'stripped', 'cracked', 'not-original'])
const spaced = (text: string) => text.replaceAll('_', ' ')

function attribute(kind: string, word: string): Record<string, unknown> {
  const of = kind === 'out' || kind === 'slack' ? 'fasteners' : kind
  const known = bare[of]?.[word]
  if (known) return known
  if (conditions.has(word)) return { condition: word.replace('-', ' ') }
  const [, name, value] = /^([a-z]+):(.+)$/i.exec(word) ?? []
  if (name && value) {
    if (name === 'wires' || name === 'look') return { [name]: spaced(value.split('|')[0]!).split(',') }
    if (name === 'clear') return { keepClear: spaced(value).split(',') }
    if (name === 'turns') return { turns: Number(value) }
    if (name === 'lock') return { lock: value === 'slider' ? 'secondary slider' : value }
    if (name === 'via') return { waypoints: value.split(',').map(waypoint) }
    return { [name]: spaced(value) }
  }
  if (/^\d+$/.test(word)) return { count: Number(word) }
  if (/^\d+w$/.test(word)) return { ways: parseInt(word) }
  if (/^[\d.]+l$/.test(word)) return { litres: parseFloat(word) }
  if (/^T\d+$/.test(word)) return { drive: 'torx', size: word }
  if (/^PH\d$/.test(word)) return { drive: 'phillips', size: word }
  if (/^PZ\d$/.test(word)) return { drive: 'pozidriv', size: word }
  if (/^[\d.]+mm$/.test(word)) return { size: word.replace('mm', ' mm') }
  if (/^[\d/-]+in$/.test(word)) return { size: word.replace('in', ' in') }
  if (/^x[\d/]+in$/.test(word)) return { lengthAs: word.slice(1).replace('in', ' in') }
  if (/^x[\d.]+$/.test(word)) return { length: Number(word.slice(1)) }
  if (/^M\d+$/.test(word)) return { thread: word }
  if (/^#\d+$/.test(word)) return { thread: word }
  if (/^@[A-Z]\d+$/.test(word)) return { cell: word.slice(1) }
  throw new Error(`"${word}" says nothing of ${kind}`)
}
function waypoint(text: string): Record<string, unknown> {
  const [, by, count, of] = /^([a-z]+)(?:\*(\d+))?(?:@(.+))?$/.exec(text) ?? []
  return { by, ...(of && { of: spaced(of) }), ...(count && { count: Number(count) }) }
}

function item(text: string): Item {
  const [first, ...or] = text.split(' | ').map(one => {
    const [kind = '', ...words] = one.trim().split(/\s+/)
    if (!kinds[kind]) throw new Error(`"${kind}" is no kind of act`)
    const read: Item = { kind: kinds[kind] }
    for (const [i, word] of words.entries()) {
      if (i === 0 && firsts[kind] && !/^\d+$/.test(word)) read[firsts[kind]] = values[kind]?.[word] ?? spaced(word)
      else if (kind === 'see') read.thing = spaced(word)
      else Object.assign(read, attribute(kind, word))
    }
    // `square #2` is the size of the drive, not a thread.
    if (read.drive === 'square' && read.thread) {
      read.size = read.thread
      delete read.thread
    }
    return read
  })
  return { ...first!, ...(or.length && { or }) }
}

/** The lines of one voice; throws where the notation is broken, with the line that it stands at. */
export function readVoice(voice: string, source: string): SpokenLine[] {
  const lines: SpokenLine[] = []
  let family: SpokenLine['family'] = 'front-loader'
  let held = false
  source.split('\n').forEach((row, i) => {
    try {
      if (row.startsWith('# ')) family = /(front|top)-loader/.exec(row)![0] as SpokenLine['family']
      else if (row === '--- held') held = true
      else if (row.startsWith('= ')) lines.at(-1)!.readings.push(row.slice(2).split(' ; ').map(item))
      else if (row.startsWith('spell '))
        for (const pair of row.slice(6).split(' ')) {
          const [typed, meant] = pair.split(':')
          lines.at(-1)!.spell[typed!] = spaced(meant!)
        }
      else if (row) lines.push({ voice, family, text: row, readings: [], spell: {}, held })
    } catch (cause) {
      throw new Error(`${voice}, line ${i + 1}: ${(cause as Error).message}`, { cause })
    }
  })
  return lines
}

interface Kept {
  voice: string
  family: SpokenLine['family']
  text: string
  items: Item[]
  alt?: Item[][]
  spell?: Record<string, string>
}
/** Lines of fourteen other people, kept as one object a line; nobody who made the reader wrote them. */
export const linesOfOthers = (): SpokenLine[] =>
  readFileSync(new URL('./others.jsonl', import.meta.url), 'utf8')
    .split('\n')
    .filter(Boolean)
    .map(row => {
      const { voice, family, text, items, alt = [], spell = {} } = JSON.parse(row) as Kept
      return { voice, family, text, readings: [items, ...alt], spell, held: false }
    })

const folder = new URL('./lines/', import.meta.url)
/** Every line of every voice. */
export const spokenLines = (): SpokenLine[] =>
  readdirSync(folder)
    .filter(f => f.endsWith('.lines'))
    .sort()
    .flatMap(f => readVoice(f.replace('.lines', ''), readFileSync(new URL(f, folder), 'utf8')))
