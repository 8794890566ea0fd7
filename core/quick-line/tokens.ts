import type { Atom } from '../hearing/atom.ts'
import { is, type Telling } from '../hearing/tell/telling.ts'
import type { Certainty, Token } from '../grammar/token.ts'

const content = (a: Atom): boolean =>
  !a.struck &&
  is(
    a,
    'word',
    'part',
    'pos',
    'thing',
    'num',
    'count',
    'times',
    'mm',
    'inch',
    'size',
    'thread',
    'ways',
    'measure',
    'quality',
    'look',
    'colour',
    'state',
    'quoted',
    'label',
    'cell',
    'litres',
    'turns',
    'torque',
    'clock',
    'posture',
    'exact',
  )

/** Words that belong to no field and say nothing by themselves. */
const isLoose = (a: Atom): boolean => is(a, 'sep', 'det', 'filler', 'conj', 'prep', 'pron', 'aux', 'pass')

/** How surely each atom tells what it tells. */
export interface Sureness {
  kind: Certainty
  field: (name: string, i: number) => Certainty
}

/** All of it as surely. */
export const allAs = (level: Certainty): Sureness => ({ kind: level, field: () => level })

/** The tokens of a stretch, and what of it nobody took. */
export interface Told {
  tokens: Token[]
  left: string[]
}

/** The tokens of a stretch told as one act, and what of it nobody took. `at` is where its text stands in the line. */
export function tokensOf(t: Telling, text: string, at: number, sure: Sureness): Told {
  const tokens: Token[] = []
  const left: string[] = []
  const roles = t.atoms.map((a, i) => t.roles[i] ?? (content(a) ? 'note' : 'sign'))
  // What joins two pieces of one text belongs to it.
  for (let i = 1; i < roles.length - 1; i++) {
    if (roles[i] !== 'sign' || !isLoose(t.atoms[i]!)) continue
    let next = i + 1
    while (next < roles.length && roles[next] === 'sign' && isLoose(t.atoms[next]!) && !is(t.atoms[next], 'sep'))
      next += 1
    if (
      (!is(t.atoms[i], 'sep') || (t.atoms[i]!.sign === '/' && roles[next] === 'wires')) &&
      roles[next] === roles[i - 1] &&
      ['name', 'mark', 'lies', 'hose', 'waypoints', 'note', 'wires'].includes(roles[i - 1]!)
    )
      for (let k = i; k < next; k++) roles[k] = roles[i - 1]!
  }
  for (let i = 0; i < roles.length;) {
    let j = i
    while (j + 1 < roles.length && roles[j + 1] === roles[i] && roles[i] !== 'sign') j += 1
    const [start, end] = [t.atoms[i]!.start, t.atoms[j]!.end]
    const role = roles[i]!
    const untold = role === 'note' && t.roles[i] === undefined
    const words = text.slice(start, end)
    if (untold) left.push(words)
    tokens.push({
      start: at + start,
      end: at + end,
      text: words,
      role,
      certainty:
        role === 'sign'
          ? 'sure'
          : untold
            ? 'text'
            : role === 'act' || role === 'thing'
              ? sure.kind
              : sure.field(role, i),
    })
    i = j + 1
  }
  return { tokens, left }
}

/**
 * Tokens so that every character of the line that is not white space lies in one: what lies between two belongs to the one before, but not
 * to text that is kept as it is.
 */
export function withGaps(tokens: readonly Token[], line: string): Token[] {
  const out: Token[] = []
  const put = (token: Token) => out.push({ ...token, text: line.slice(token.start, token.end) })
  let at = 0
  for (const token of tokens) {
    const gap = line.slice(at, token.start)
    const said = gap.trim()
    if (said) {
      const last = out.at(-1)
      const end = at + gap.trimEnd().length
      if (last && last.certainty !== 'text' && /^\S/.test(gap))
        out[out.length - 1] = { ...last, end, text: line.slice(last.start, end) }
      else put({ start: at + gap.length - gap.trimStart().length, end, text: '', role: 'sign', certainty: 'sure' })
    }
    put(token)
    at = token.end
  }
  const rest = line.slice(at)
  if (rest.trim()) {
    const start = at + rest.length - rest.trimStart().length
    put({ start, end: at + rest.trimEnd().length, text: '', role: 'sign', certainty: 'sure' })
  }
  return out
}
