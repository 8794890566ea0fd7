import { passings, type Waypoint } from '../items/route.ts'
import { fieldsOf, leafOf, written, type Leaf } from '../moves/fields-of.ts'
import { freshMove, moveKinds, type Move, type MoveKindName } from '../moves/registry.ts'
import type { Around } from '../moves/around.ts'
import { unquoted } from '../grammar/quoted.ts'
import type { Token } from '../grammar/token.ts'

/** A clause in the exact form that `formatMove` writes: its kind, what it says by field, and its tokens. */
export interface ExactClause {
  kind: MoveKindName
  said: Record<string, unknown>
  tokens: Token[]
}

const verbs = (Object.entries(moveKinds) as [MoveKindName, { grammar: { verb: string; thing?: string } }][])
  .map(([kind, { grammar }]) => ({ kind, ...grammar }))
  .sort((a, b) => b.verb.length - a.verb.length)

const quotes = String.raw`"(?:[^"\\]|\\[^])*"`
const pair = new RegExp(`([A-Za-z]+)=(${quotes}|[^\\s;,":>]+)`, 'uy')
const end = String.raw`(?=\s|:|$)`
const times = new RegExp(String.raw`(\d{1,3})x${end}`, 'uy')
const drive = new RegExp(String.raw`(T\d{1,2}|PH[0-4])(?:x(\d{1,3}))?${end}`, 'uy')
const thread = new RegExp(String.raw`(M\d{1,2})x(\d{1,3})${end}`, 'uy')
const cell = new RegExp(String.raw`@([A-Z][1-9]\d?)${end}`, 'uy')
const point = new RegExp(`(${passings.join('|')})(?: (${quotes}))?(?: > |$)`, 'uy')

/** A written value as its field wants it; `undefined` where it is none. */
function valueFor(leaf: Leaf, text: string, isQuoted: boolean): unknown {
  if (leaf.type === 'strings') return text === 'none' && !isQuoted ? [] : [text]
  if (leaf.type === 'number') return Number.isNaN(Number(text)) ? undefined : Number(text)
  if (leaf.type === 'boolean') return { yes: true, no: false }[text]
  if (leaf.type === 'waypoints') return undefined
  return leaf.name === 'cell' && text === 'none' ? null : text
}

/** Puts a written value into its field, behind what a list has already; false where it is no value of that field. */
export function putField(said: Record<string, unknown>, leaf: Leaf, text: string, isQuoted: boolean): boolean {
  const value = valueFor(leaf, text, isQuoted)
  if (value === undefined) return false
  said[leaf.name] =
    leaf.type === 'strings' ? [...((said[leaf.name] as string[] | undefined) ?? []), ...(value as string[])] : value
  return true
}

/** Reads a clause that is wholly in the exact form; null where it is not. Nothing is inferred from it. `at` is where it stands in the line. */
export function readExact(clause: string, at: number): ExactClause | null {
  for (const { kind, verb, thing } of verbs) {
    if (!clause.startsWith(verb) || !/^(?:\s|:|$)/.test(clause.slice(verb.length))) continue
    const said: Record<string, unknown> = {}
    const tokens: Token[] = []
    const token = (from: number, to: number, role: string) =>
      tokens.push({ start: at + from, end: at + to, text: clause.slice(from, to), role, certainty: 'sure' })
    token(0, verb.length, 'act')
    let i = verb.length
    let ok = true
    let named = 0
    const rest = /\s*/uy
    for (;;) {
      rest.lastIndex = i
      rest.exec(clause)
      i = rest.lastIndex
      if (i >= clause.length) break
      const here = (form: RegExp) => {
        form.lastIndex = i
        return form.exec(clause)
      }
      const take = (length: number, role: string) => {
        token(i, i + length, role)
        i += length
      }
      const counted = here(times)
      const driven = here(drive)
      const threaded = here(thread)
      const lies = here(cell)
      const field = here(pair)
      if (counted && leafOf(kind, 'count') && said.count === undefined) {
        said.count = Number(counted[1])
        take(counted[0].length, 'count')
      } else if (driven && leafOf(kind, 'size')) {
        said.size = driven[1]
        said.drive = driven[1]!.startsWith('T') ? 'torx' : 'phillips'
        if (driven[2]) said.length = Number(driven[2])
        take(driven[0].length, 'size')
      } else if (threaded && leafOf(kind, 'thread')) {
        said.thread = threaded[1]
        said.length = Number(threaded[2])
        take(threaded[0].length, 'thread')
      } else if (lies && leafOf(kind, 'cell')) {
        said.cell = lies[1]
        named += 1
        take(lies[0].length, 'cell')
      } else if (thing && clause.startsWith(thing, i) && /^(?:\s|$)/.test(clause.slice(i + thing.length)))
        take(thing.length, 'act')
      else if (field) {
        const leaf = leafOf(kind, field[1]!)
        if (leaf && putField(said, leaf, unquoted(field[2]!), field[2]!.startsWith('"'))) {
          named += 1
          take(field[0].length, leaf.name)
        } else ok = false
      } else if (clause[i] === ':' && leafOf(kind, 'waypoints')) {
        const from = i
        const points: Waypoint[] = []
        i += 1
        while (clause[i] === ' ') i += 1
        for (let p = here(point); p && i < clause.length; p = here(point)) {
          points.push({ by: p[1] as Waypoint['by'], ...(p[2] !== undefined && { of: unquoted(p[2]) }) })
          i += p[0].length
        }
        if (i < clause.length || !points.length) ok = false
        said.waypoints = points
        token(from, clause.length, 'waypoints')
        named += 1
        i = clause.length
      } else ok = false
      if (!ok) break
    }
    // A verb alone is exact only where its kind has nothing to tell.
    const loose = (moveKinds[kind] as { loose?: true }).loose
    if (
      ok &&
      (named > 0 ||
        (!loose &&
          fieldsOf[kind].every(
            f => f.name in said || !['name', 'what', 'to', 'by', 'thing', 'mark', 'consumable', 'act'].includes(f.name),
          )))
    )
      return { kind, said, tokens }
  }
  return null
}

/** A move of a kind with what was said of it; what was not said is as a fresh one has it. */
export function moveFrom(
  kind: MoveKindName,
  said: Readonly<Record<string, unknown>>,
  id: string,
  around: Around,
): Move {
  let move = freshMove(kind, id, around)
  for (const leaf of fieldsOf[kind]) {
    const value = said[leaf.name]
    if (value !== undefined) move = written(move, leaf, value ?? undefined)
  }
  return move
}
