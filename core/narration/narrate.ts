import { hear, heardWith, type HeardAct } from '../hearing/hear.ts'
import type { Taught } from '../hearing/taught.ts'
import { readTimed, type Cue } from './timed.ts'
import { piecesOf, withoutIntent, type Piece } from './stance.ts'
import { withAct, type TimedAct } from './twice.ts'
import { secondOf, utterancesOf, type Utterance } from './utterances.ts'

/** A stretch that is said of the way back. */
export interface OfTheWayBack {
  from: number
  to: number
  text: string
}
/** A stretch that was said in one breath: whether it tells acts, only talks, or tells of the way back. */
export interface Spoken {
  from: number
  to: number
  text: string
  who?: string
  tells: 'acts' | 'talk' | 'back'
}
/** What was heard of a narration: all that was said, in order; its acts in the order told, each once; and what is said of the way back. */
export interface Narration {
  spoken: Spoken[]
  acts: TimedAct[]
  back: OfTheWayBack[]
}

/** Acts on a part: what has no name of its own is done to what was named before. */
const onParts = new Set(['remove-part', 'park-part', 'pull-off', 'fold-back', 'replace-part'])
const pointed =
  /^(?:it|them|they|this|that|one|those|these|everything|thing|push|pull|slide|lift|twist|squeeze|press|wiggle|back|over)$/i
/** What is taken in a shop and comes off no machine. */
const noPart =
  /\b(?:photo|picture|video|look|coffee|break|breath|time|minute|second|care|guess|start|end|right|way|go|bit)s?$/i
const onlyWhere =
  /^(?:(?:the|at|on|in|under|behind|far|upper|lower|left|right|top|bottom|rear|back|front|middle|cent(?:re|er)|corner|edge|side|end|inside|outside|hand)s?[\s-]*)+$/i
/** The thing that a place names, where it names one. */
const firstPlace = ({ place }: Readonly<Record<string, unknown>>): string | undefined =>
  typeof place === 'string' ? place.split(', ').find(one => !onlyWhere.test(one)) : undefined

/** An act with the name that it points at; null where nothing says what it is of. */
function withName(act: HeardAct, last: string | undefined): HeardAct | null {
  if (!onParts.has(act.kind)) return act
  const { name } = act.values
  if (typeof name === 'string' && noPart.test(name)) return null
  if (typeof name === 'string' && name && !pointed.test(name)) return act
  return last === undefined ? null : { ...act, values: { ...act.values, name: last } }
}

/** The utterance with what is not done now blanked out, at the same places: each blank parts what stands around it. */
function onlyNow(text: string, pieces: readonly Piece[]): string {
  const now = pieces
    .map(({ from, to, stance }) =>
      stance === 'now' ? text.slice(from, to) : `;${' '.repeat(Math.max(0, to - from - 1))}`,
    )
    .join('')
  return withoutIntent(now)
}

/** Where the way back begins for good: a piece that says so, or two in a row that tell of nothing else. */
function turnOf(all: readonly { pieces: readonly Piece[] }[]): number {
  let row = 0
  for (const [i, { pieces }] of all.entries()) {
    if (pieces.some(p => p.turns)) return i
    const isBack = pieces.some(p => p.stance === 'back') && !pieces.some(p => p.stance === 'now' && p.to - p.from > 40)
    row = isBack ? row + 1 : pieces.some(p => p.stance === 'now') ? 0 : row
    if (row >= 2) return i - 1
  }
  return all.length
}

/** Hears what was said, in order. */
export function hearAll(cues: readonly Cue[], taught?: Taught | null): Narration {
  const utterances = utterancesOf(cues).map(u => ({ u, pieces: piecesOf(u.text) }))
  const turn = turnOf(utterances)
  const by = heardWith(taught)
  let acts: TimedAct[] = []
  const back: OfTheWayBack[] = []
  const spoken: Spoken[] = []
  let last: string | undefined
  const saidOfBack = (u: Utterance, { from, to }: { from: number; to: number }) => {
    const text = u.text.slice(from, to).trim()
    if (text) back.push({ from: secondOf(u, from), to: secondOf(u, to), text })
  }
  for (const [i, { u, pieces }] of utterances.entries()) {
    const isBack = i > turn
    const heardPieces = i === turn ? untilTurn(pieces) : pieces
    const { from, to, text, who } = u
    const row: Spoken = { from, to, text, ...(who && { who }), tells: isBack ? 'back' : 'talk' }
    spoken.push(row)
    if (isBack) {
      saidOfBack(u, { from: 0, to: u.text.length })
      continue
    }
    for (const p of heardPieces)
      if (p.stance === 'back') {
        saidOfBack(u, p)
        row.tells = 'back'
      }
    // What is left where it is was only shown.
    if (
      heardPieces.some(p => p.stance === 'kept') &&
      acts.length &&
      u.from - acts.at(-1)!.to < 20 &&
      !heardPieces.some(p => p.stance === 'now' && p.to - p.from > 20)
    )
      acts = acts.slice(0, -1)
    const heard = hear(onlyNow(u.text, heardPieces), by)
    const span = (from: number, to: number) => ({ from: heard.atoms[from]!.start, to: heard.atoms[to - 1]!.end })
    for (const heardAct of heard.acts) {
      const at = span(heardAct.span.from, heardAct.span.to)
      const act = withName(heardAct, last)
      if (!act) continue
      row.tells = 'acts'
      acts = withAct(acts, {
        act,
        from: secondOf(u, at.from),
        to: secondOf(u, at.to),
        said: u.text.slice(at.from, at.to),
      })
      last = typeof act.values.name === 'string' ? act.values.name : (firstPlace(act.values) ?? last)
    }
  }
  return { spoken, acts, back }
}
const untilTurn = (pieces: readonly Piece[]): Piece[] => {
  const at = pieces.findIndex(p => p.turns)
  return pieces.map((p, i) => (at >= 0 && i >= at && p.stance === 'now' ? { ...p, stance: 'back' } : p))
}

/** Hears a narration in one of the forms that `readTimed` reads. */
export function narrate(
  source: string,
  taught?: Taught | null,
): ({ ok: true } & Narration) | { ok: false; problem: string } {
  const timed = readTimed(source)
  return timed.ok ? { ok: true, ...hearAll(timed.cues, taught) } : timed
}
