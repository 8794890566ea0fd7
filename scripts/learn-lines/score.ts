import type { Item, SpokenLine } from './lines.ts'

/** What was read of a line: the items laid flat, and whether the reader says that it is not sure. */
export interface ReadLine {
  items: readonly Record<string, unknown>[]
  unsure: boolean
}

const counted = new Set(['remove-fasteners', 'slacken', 'release-clips', 'unplug', 'cut', 'place-temporary'])
/** Attributes of which the content words of the truth must be in what was read. */
const inWords = new Set(['place', 'name', 'mark', 'hose', 'lies', 'head', 'label'])
const empty = new Set('a an the of at on in to from by and with its his her their is'.split(' '))
const alike: Record<string, string> = { center: 'centre', gray: 'grey', color: 'colour', aluminum: 'aluminium' }

type Spell = Readonly<Record<string, string>>
function words(text: unknown, spell: Spell): string[] {
  let plain = ` ${String(text ?? '')
    .toLowerCase()
    .replace(/['’]/g, '')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()} `
  for (const [typed, meant] of Object.entries(spell))
    while (plain.includes(` ${typed} `)) plain = plain.replace(` ${typed} `, ` ${meant} `)
  const all = plain.trim().split(' ').filter(Boolean)
  const content = all.filter(w => !empty.has(w))
  return (content.length ? content : all)
    .map(w => alike[w] ?? w)
    .map(w => (w.length > 3 && /[^s]s$/.test(w) ? w.slice(0, -1) : w))
}
const contained = (truth: unknown, read: unknown, spell: Spell): boolean =>
  String(truth)
    .split('|')
    .some(one => {
      const said = words(read, spell)
      const joined = said.join('')
      return words(one, spell).every(w => said.includes(w) || (w.length >= 6 && joined.includes(w)))
    })
const colour = (text: unknown) =>
  String(text ?? '')
    .toLowerCase()
    .trim()
    .replace(/gray/g, 'grey')
    .replace(/\s*[-/]\s*/g, '/')
const plain = (text: unknown) =>
  String(text ?? '')
    .toLowerCase()
    .trim()
    .replace(/^(the|an?) /, '')
const number = (value: unknown) => (value === undefined || value === '' ? NaN : Number(value))
/** A size as it is compared: whatever notation it was said in. */
function size(text: unknown, drive: unknown): string {
  let x = String(text ?? '')
    .toLowerCase()
    .replace(/(\d)\s+(\d+\/\d+)/, '$1-$2')
    .replace(/"|inch(es)?/g, 'in')
    .replace(/\s+/g, '')
  if (/^#?\d+(\.\d+)?$/.test(x)) {
    const n = x.replace('#', '')
    x =
      drive === 'torx'
        ? `t${n}`
        : drive === 'phillips'
          ? `ph${n}`
          : drive === 'pozidriv'
            ? `pz${n}`
            : drive === 'square'
              ? `#${n}`
              : x.startsWith('#')
                ? x
                : `${n}mm`
  }
  return x
}
const inches = (text: string): number => {
  const [, whole, over, under, alone] = /^(?:(\d+)-)?(\d+)\/(\d+)in$|^([\d.]+)in$/.exec(size(text, undefined)) ?? []
  return alone ? Number(alone) : Number(whole ?? 0) + Number(over) / Number(under)
}
interface Way {
  by: string
  of?: string
  count?: number
}
function sameWay(truth: readonly Way[], read: readonly Way[] | undefined, spell: Spell): boolean {
  const collapse = (all: readonly Way[]) => {
    const found: (Way & { n: number; key: string })[] = []
    for (const w of all) {
      const key = `${w.by}/${words(w.of, spell).join(' ')}`
      const last = found.at(-1)
      if (last?.key === key) {
        last.n += 1
        last.count = last.n
      } else found.push({ ...w, key, n: 1 })
    }
    return found
  }
  const [a, b] = [collapse(truth), collapse(read ?? [])]
  return (
    a.length === b.length &&
    a.every(
      (w, i) =>
        w.by === b[i]!.by &&
        (!w.of || contained(w.of, b[i]!.of, spell)) &&
        (w.count === undefined || b[i]!.count === undefined || w.count === b[i]!.count),
    )
  )
}

function fits(key: string, truth: unknown, read: Record<string, unknown>, owed: Item, spell: Spell): boolean {
  const got = read[key]
  if (inWords.has(key)) return got !== undefined && contained(truth, got, spell)
  if (key === 'size') return size(got, read.drive ?? owed.drive) === size(truth, owed.drive)
  if (key === 'thread') return size(got, null).replace('mm', '') === size(truth, null).replace('mm', '')
  if (key === 'length') return number(got) === truth
  if (key === 'lengthAs')
    return (
      size(got, null) === size(truth, null) ||
      (got === undefined && Math.abs(number(read.length) - inches(String(truth)) * 25.4) < 0.5)
    )
  if (key === 'wires') {
    const set = (all: readonly unknown[]) => [...new Set(all.map(colour))].sort().join()
    return Array.isArray(got) && set(truth as string[]) === set(got)
  }
  if (key === 'look' || key === 'keepClear')
    return Array.isArray(got) && (truth as string[]).every(x => got.some(y => contained(x, y, spell)))
  if (key === 'waypoints') return sameWay(truth as Way[], got as Way[], spell)
  if (typeof truth === 'number') return Math.abs(number(got) - truth) < 1e-6
  if (key === 'housing')
    return String(truth)
      .split('|')
      .some(x => colour(got) === colour(x))
  return String(truth)
    .split('|')
    .some(x => plain(got) === plain(x))
}
/** The attributes of a truth that were not read right. */
export function faults(truth: Item, read: Record<string, unknown>, spell: Spell): string[] {
  const wrong: string[] = []
  if (counted.has(truth.kind) && (truth.count ?? null) !== (read.count ?? null)) wrong.push('count')
  for (const [key, value] of Object.entries(truth))
    if (key === 'not') {
      if (Object.entries(value as object).some(([k, v]) => plain(read[k]) === plain(v))) wrong.push('not')
    } else if (key !== 'kind' && key !== 'count' && key !== 'or' && !fits(key, value, read, truth, spell))
      wrong.push(key)
  return wrong
}

interface Pair {
  truth: Item
  read: Record<string, unknown>
  value: number
  kind: boolean
  wrong: string[]
}
function pair(truth: Item, read: Record<string, unknown>, spell: Spell): Pair {
  const { or = [], ...base } = truth
  let best: Pair | undefined
  for (const fair of [base as Item, ...or]) {
    const kind = fair.kind === read.kind
    const wrong = kind ? faults(fair, read, spell) : ['kind']
    const attributes = Math.max(1, Object.keys(fair).length - 1)
    const value = !kind ? 0.5 : wrong.length ? 10 + 8 * Math.max(0, 1 - wrong.length / (attributes + 1)) : 100
    if (!best || value > best.value) best = { truth: fair, read, value, kind, wrong }
  }
  return best!
}

/** A line as it was scored against its most favourable fair reading. */
export interface Scored {
  pairs: Pair[]
  missed: Item[]
  invented: Record<string, unknown>[]
  items: number
  kindRight: number
  allRight: number
  silent: number
  wrongCounts: number
  perfect: boolean
  value: number
}

function align(truth: readonly Item[], read: readonly Record<string, unknown>[], spell: Spell) {
  const [n, m] = [truth.length, read.length]
  const pairs = truth.map(t => read.map(r => pair(t, r, spell)))
  const value = Array.from({ length: n + 1 }, () => new Array<number>(m + 1).fill(0))
  for (let i = 0; i <= n; i++)
    for (let j = 0; j <= m; j++) {
      if (!i && !j) continue
      value[i]![j] = Math.max(
        i && j ? value[i - 1]![j - 1]! + pairs[i - 1]![j - 1]!.value : -1,
        i ? value[i - 1]![j]! : -1,
        j ? value[i]![j - 1]! : -1,
      )
    }
  const found: Pair[] = []
  const missed: Item[] = []
  const invented: Record<string, unknown>[] = []
  for (let [i, j] = [n, m]; i || j;) {
    if (i && j && value[i]![j] === value[i - 1]![j - 1]! + pairs[i - 1]![j - 1]!.value) found.unshift(pairs[--i]![--j]!)
    else if (i && value[i]![j] === value[i - 1]![j]!) missed.unshift(truth[--i]!)
    else invented.unshift(read[--j]!)
  }
  return { pairs: found, missed, invented, total: value[n]![m]! }
}

const isAct = (item: { kind?: unknown }) => item.kind !== 'note' && item.kind !== 'attend'

/** Scores what was read of a line: an item is right when its kind, its count and every attribute that the line says are. */
export function scoreLine(line: Pick<SpokenLine, 'readings' | 'spell'>, read: ReadLine): Scored {
  const got = read.items.filter(isAct)
  let best: (Scored & { rank: readonly [number, number] }) | undefined
  for (const reading of line.readings) {
    const acts = reading.filter(isAct)
    const { pairs, missed, invented, total } = align(acts, got, line.spell)
    const right = pairs.filter(p => !p.wrong.length).length
    const value = total - 20 * (missed.length + invented.length)
    const perfect = right === acts.length && !invented.length
    const rank = [perfect ? 1 : 0, value / Math.max(1, acts.length)] as const
    if (best && (best.rank[0] > rank[0] || (best.rank[0] === rank[0] && best.rank[1] >= rank[1]))) continue
    const noteOnly = acts.length === 0
    best = {
      pairs,
      missed,
      invented,
      items: noteOnly ? 1 : acts.length,
      kindRight: noteOnly ? (got.length ? 0 : 1) : pairs.filter(p => p.kind).length,
      allRight: noteOnly ? (got.length ? 0 : 1) : right,
      silent: read.unsure ? 0 : acts.length - right + invented.length,
      wrongCounts: pairs.filter(p => p.wrong.includes('count')).length,
      perfect,
      value,
      rank,
    }
  }
  return best!
}
