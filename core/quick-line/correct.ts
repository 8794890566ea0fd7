import { conditions } from '../items/condition.ts'
import { passings } from '../items/route.ts'
import { glyphFor, moveKinds, variantsOf, type MoveKindName } from '../moves/registry.ts'
import { teachable } from '../hearing/taught.ts'
import type { TaughtWord } from '../moves/taught-word.ts'
import { readExact } from './exact.ts'
import { formatMove } from './format.ts'
import { leafOf } from '../moves/fields-of.ts'
import type { ParsedClause } from './clause.ts'
import { quote } from '../grammar/quoted.ts'
import type { Token } from '../grammar/token.ts'

/** Another reading of a token: what it would be called, and the line with it put in place. */
export interface Correction {
  label: string
  line: string
  /** What the shop learns from it: a word, and what it means from now on. */
  teaches?: TaughtWord
}

/** What is learnt where a token stands for something else than it was taken for. */
function lessonOf({ role, text }: Token, put: string): TaughtWord | undefined {
  const word = teachable(text)
  if (!word || text.includes('=')) return undefined
  if (role === 'act') {
    const exact = readExact(put, 0)
    const means = exact?.kind ?? (Object.keys(moveKinds) as MoveKindName[]).find(k => moveKinds[k].grammar.verb === put)
    return means && { word, means }
  }
  if (/^(?:take off )?name=/.test(put)) return { word, means: 'part' }
  if (/^look=/.test(put)) return { word, means: 'look' }
  return undefined
}

const sizes = ['T15', 'T20', 'T25', 'T30', 'PH1', 'PH2', '7 mm', '8 mm', '10 mm', '13 mm', '1/4 in']

const figure = (text: string) => /\d+/.exec(text)?.[0]
const counted = (text: string, by: number) => {
  const n = Number(
    figure(text) ?? { one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, single: 1 }[text.toLowerCase()] ?? 2,
  )
  return n + by > 0 ? `${n + by}x` : null
}

/** What can be put in the place of a token, likeliest first, each as the text that says it. */
function texts(token: Token, { kind, move }: ParsedClause): [label: string, text: string][] {
  const { role, text } = token
  const words = text.startsWith('"') ? text.slice(1, -1) : text
  const has = (name: string) => kind !== null && leafOf(kind, name) !== undefined
  const asText: [string, string][] = (
    [
      ['place', 'place'],
      ['name', 'name of the part'],
      ['look', 'look'],
      ['label', 'label'],
      ['note', 'note'],
    ] as const
  )
    .filter(([name]) => has(name) && name !== role)
    .map(([name, label]) => [label, `${name}=${quote(words)}`])
  const alone: [string, string][] = [
    ['a part taken off', `take off name=${quote(words.replace(/^(?:the|an?|its)\s+/i, ''))}`],
    ['a thing looked at', `inspect thing=${quote(words)}`],
  ]
  switch (role) {
    case 'count':
      return [1, -1].flatMap(by => {
        const next = counted(text, by)
        return next ? [[next.replace('x', ' ×'), next] as [string, string]] : []
      })
    case 'drive':
    case 'size':
      return sizes.filter(s => s !== text.toUpperCase()).map(s => [s, s])
    case 'length':
      return [
        ...(figure(text) && has('count')
          ? ([[`${figure(text)} pieces`, `${figure(text)}x`]] as [string, string][])
          : []),
        ...(figure(text) ? ([[`${figure(text)} mm spanner`, `${figure(text)} af`]] as [string, string][]) : []),
      ]
    case 'cell': {
      const at = /([a-z])\s?(\d+)/i.exec(text)
      return at
        ? [1, -1].flatMap(by =>
            Number(at[2]) + by > 0
              ? [
                  [`${at[1]!.toUpperCase()}${Number(at[2]) + by}`, `@${at[1]!.toUpperCase()}${Number(at[2]) + by}`] as [
                    string,
                    string,
                  ],
                ]
              : [],
          )
        : []
    }
    case 'housing':
      return [['wires', `wires=${quote(words)}`], ...asText]
    case 'wires':
      return [['housing', `housing=${quote(words)}`], ...asText]
    case 'condition':
      return [
        ...conditions.filter(c => c !== move?.condition).map(c => [c, `condition=${quote(c)}`] as [string, string]),
        ...asText,
      ]
    case 'waypoints':
      return passings.map(by => [by, (passings as readonly string[]).includes(words) ? by : `${by} ${quote(words)}`])
    case 'act':
      return kind && move
        ? variantsOf[glyphFor(kind)]
            .filter(other => other !== kind)
            .map(other => {
              const verb = formatMove({ ...move, kind: other } as typeof move).split(/ \d| screw| [a-zA-Z]+=/)[0]!
              return [verb, verb]
            })
        : []
    case 'words':
      return alone
    case 'sign':
    case 'zone':
    case 'lead':
      return []
    default:
      return kind === null ? alone : asText
  }
}

/** The other readings of a token of a line, each one tap; the last leaves it out. */
export function corrections(line: string, clause: ParsedClause, token: Token): Correction[] {
  const put = (text: string) => `${line.slice(0, token.start)}${text}${line.slice(token.end)}`
  const others = texts(token, clause).map(([label, text]): Correction => {
    const teaches = lessonOf(token, text)
    return { label, line: put(text), ...(teaches && { teaches }) }
  })
  return token.role === 'sign' ? [] : [...others, { label: 'leave out', line: put('').replace(/ {2,}/g, ' ').trim() }]
}
