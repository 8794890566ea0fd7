import { hearAll } from '../core/narration/narrate.ts'
import { readTimed, type Cue } from '../core/narration/timed.ts'
import { narrations } from '../scripts/narrations/score.ts'
import { median, type Line } from './line.ts'

const names = ['bert', 'walt', 'mona', 'duke']

/** Four narrations without a pause between them: twenty minutes of speech that hardly stops. */
function twentyMinutes(): Cue[] {
  const cues: Cue[] = []
  for (const { name, source } of narrations()) {
    const timed = readTimed(source)
    if (!timed.ok || !names.includes(name)) continue
    const after = cues.at(-1)?.to ?? 0
    cues.push(...timed.cues.map(c => ({ ...c, from: c.from + after, to: c.to + after })))
  }
  return cues
}

/** Twenty minutes of speech heard, against its cues as JSON. */
export async function hearNarration(): Promise<Line> {
  const cues = twentyMinutes()
  const ms = await median(5, () => hearAll(cues))
  const json = await median(25, () => JSON.parse(JSON.stringify(cues)))
  const words = cues.reduce((n, c) => n + c.text.split(' ').length, 0)
  return {
    name: 'hear-narration',
    figure: ms,
    unit: 'ms',
    against: `its cues as JSON; ${words} words in ${Math.round(cues.at(-1)!.to / 60)} minutes`,
    ratio: ms / json,
    target: 'a narration of 20 minutes under 1 s',
    holds: ms < 1000,
  }
}
