import { readdirSync, readFileSync } from 'node:fs'
import { flatten, type FlatItem } from '../../core/hearing/flat.ts'
import { narrate } from '../../core/narration/narrate.ts'
import { readTimed } from '../../core/narration/timed.ts'
import { readVoice, type Item } from '../learn-lines/lines.ts'
import { scoreLine } from '../learn-lines/score.ts'

const folder = new URL('./spoken/', import.meta.url)
/** Two narrations are never looked at while the reader is made: they say how it does on what is new. */
export const unseen = ['mona', 'otto']

/** A narration of ours: its text as a file has it, and the acts that it must be understood as, in the order done. */
export interface SpokenNarration {
  name: string
  family: 'front-loader' | 'top-loader'
  /** How long it is. */
  minutes: number
  source: string
  owed: Item[]
  /** Acts that may be read or left. */
  fair: Item[]
}

/** A truth file: `= act` a line, `? act` for one that may be left out, `--- return` where what follows belongs to the way back. */
function readTruth(name: string, text: string): Pick<SpokenNarration, 'family' | 'owed' | 'fair'> {
  const owed: Item[] = []
  const fair: Item[] = []
  let family: SpokenNarration['family'] = 'front-loader'
  for (const row of text.split('\n').filter(Boolean)) {
    if (row.startsWith('# ')) family = /(front|top)-loader/.exec(row)![0] as SpokenNarration['family']
    else if (row === '--- return') break
    else {
      const [item] = readVoice(name, `x\n= ${row.slice(2)}`)[0]!.readings[0]!
      ;(row.startsWith('? ') ? fair : owed).push(item!)
    }
  }
  return { family, owed, fair }
}

/** All narrations that ship, by name. */
export const narrations = (): SpokenNarration[] =>
  readdirSync(folder)
    .filter(f => !f.endsWith('.truth'))
    .sort()
    .map(file => {
      const name = file.replace(/\.\w+$/, '')
      const read = (f: string) => readFileSync(new URL(f, folder), 'utf8')
      const source = read(file)
      const timed = readTimed(source)
      const minutes = timed.ok ? timed.cues.at(-1)!.to / 60 : 0
      return { name, source, minutes, ...readTruth(name, read(`${name}.truth`)) }
    })

/** How a narration was heard: acts owed, read and found; of those found, with the right count, with the right size. */
export interface NarrationScore {
  name: string
  owed: number
  read: number
  found: number
  counted: number
  sized: number
  /** Found ones that have a count, a size. */
  withCount: number
  withSize: number
  missed: Item[]
  invented: Record<string, unknown>[]
  wrong: { truth: Item; read: Record<string, unknown>; wrong: string[] }[]
}

/** Scores what was read of a narration: an act is found where one of its kind stands at its place in the order. */
export function scoreNarration(one: SpokenNarration, items: readonly FlatItem[]): NarrationScore {
  const scored = scoreLine({ readings: [one.owed], spell: {} }, { items, unsure: false })
  const fair = one.fair.map(f => [f, ...(f.or ?? [])].map(x => x.kind))
  const found = scored.pairs.filter(p => p.kind)
  const invented = [...scored.invented, ...scored.pairs.filter(p => !p.kind).map(p => p.read)].filter(read => {
    const at = fair.findIndex(kinds => kinds.includes(String(read.kind)))
    if (at >= 0) fair.splice(at, 1)
    return at < 0
  })
  const has = (key: string) => found.filter(p => p.truth[key] !== undefined)
  return {
    name: one.name,
    owed: one.owed.length,
    read: found.length + invented.length,
    found: found.length,
    withCount: has('count').length,
    counted: has('count').filter(p => !p.wrong.includes('count')).length,
    withSize: has('size').length,
    sized: has('size').filter(p => !p.wrong.includes('size')).length,
    missed: [...scored.missed, ...scored.pairs.filter(p => !p.kind).map(p => p.truth)],
    invented,
    wrong: found.filter(p => p.wrong.length),
  }
}

/** Hears a narration that ships and scores it. */
export function measureNarration(one: SpokenNarration): NarrationScore {
  const heard = narrate(one.source)
  if (!heard.ok) throw new Error(`${one.name}: ${heard.problem}`)
  return scoreNarration(one, flatten(heard.acts.map(a => a.act)))
}
