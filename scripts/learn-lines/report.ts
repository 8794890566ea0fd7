import { readFileSync, writeFileSync } from 'node:fs'
import { line as pathOf } from 'd3-shape'
import { scaleLinear } from 'd3-scale'
import { certaintyOf } from '../../core/hearing/certainty.ts'
import type { HeardWith } from '../../core/hearing/hear.ts'
import { readOne } from '../../core/hearing/read-one.ts'
import { shippedCertainty } from '../../core/hearing/weights.ts'
import { atLeast, type Judged } from './certainty.ts'
import { crossed } from './folds.ts'
import { linesOfOthers, spokenLines } from './lines.ts'
import { byField, piecesOf } from './pieces.ts'
import { measureNarration, narrations, unseen as notLookedAt } from '../narrations/score.ts'
import { measure, row, rowHeads, type Measured } from './measure.ts'
import { prepare } from './prepare.ts'
import { train } from './train.ts'

/** Measures the reader on lines that it has not seen, and writes the figures and the plot of its certainty into the documents. */
const own = spokenLines()
const tuned = own.filter(l => !l.held)
const held = own.filter(l => l.held)
const others = linesOfOthers()
const certainties = shippedCertainty()

const all = [...tuned, ...others]
const parts = crossed(all.map(prepare))
const judged = parts.flatMap(fold => fold.judged)
const rightKind = judged.map(j => ({ ...j, right: j.kindRight }))
/** What each line is heard with: weights that were learnt without it. */
const without = new Map(
  parts.flatMap(({ weights, unseen }) => unseen.map(p => [p.line, { weights, certainties }] as const)),
)
const unseen = measure(all, l => readOne(l.text, without.get(l)!))
const withoutOthers: HeardWith = { weights: train(tuned.map(prepare)), certainties }
const ofOthers = measure(others, l => readOne(l.text, withoutOthers))
const ofHeld = measure(held)
const seen = measure(all)

const table = (heads: readonly string[], rows: readonly (readonly string[])[]): string =>
  [heads, heads.map((_, i) => (i ? '--:' : '---')), ...rows].map(r => `| ${r.join(' | ')} |`).join('\n')
const byVoice = (m: Measured) =>
  table(
    rowHeads,
    [...m.voices].map(([v, s]) => row(v, s)),
  )
const byKind = (m: Measured) =>
  table(
    ['kind', 'n', 'kind right', 'all right'],
    [...m.kinds]
      .filter(([kind]) => kind !== 'note')
      .sort((a, b) => b[1].items - a[1].items)
      .map(([kind, k]) => [
        kind,
        String(k.items),
        ((100 * k.kindRight) / k.items).toFixed(1),
        ((100 * k.allRight) / k.items).toFixed(1),
      ]),
  )

/** Acts in tenths of their likelihood: what was said, what was right, how many. */
function bins(acts: readonly Judged[], coefficients: readonly number[]) {
  return Array.from({ length: 10 }, (_, b) => {
    const inBin = acts.filter(j => Math.min(9, Math.floor(certaintyOf(j.doubts, coefficients) * 10)) === b)
    const said = inBin.reduce((sum, j) => sum + certaintyOf(j.doubts, coefficients), 0) / Math.max(1, inBin.length)
    return { said, right: inBin.filter(j => j.right).length / Math.max(1, inBin.length), n: inBin.length }
  }).filter(b => b.n >= 5)
}
function plot(): string {
  const x = scaleLinear([0, 1], [60, 460])
  const y = scaleLinear([0, 1], [420, 20])
  const curves = [
    { points: bins(rightKind, certainties.kind), dash: '', says: 'kind' },
    { points: bins(judged, certainties.whole), dash: '6 4', says: 'all of it' },
  ]
  const most = Math.max(1, ...curves.flatMap(c => c.points.map(p => p.n)))
  const path = pathOf<{ said: number; right: number }>(
    p => x(p.said),
    p => y(p.right),
  )
  const ticks = x.ticks(5)
  return [
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 500 470" font-family="sans-serif" font-size="13">',
    '<title>How likely an act was said to be right, and how often it was, on lines that were not seen</title>',
    '<rect width="500" height="470" fill="#fbf8f1"/>',
    ...ticks.map(
      t =>
        `<text x="${x(t)}" y="440" text-anchor="middle">${t}</text><text x="50" y="${y(t) + 4}" text-anchor="end">${t}</text>`,
    ),
    `<path d="M${x(0)} ${y(0)}L${x(1)} ${y(1)}" stroke="#999" stroke-dasharray="2 4"/>`,
    `<path d="M${x(0)} ${y(1)}V${y(0)}H${x(1)}" fill="none" stroke="#222"/>`,
    ...curves.flatMap(({ points, dash, says }) => [
      `<path d="${path(points) ?? ''}" fill="none" stroke="#15655e" stroke-width="2" stroke-dasharray="${dash}"/>`,
      ...points.map(
        p =>
          `<circle cx="${x(p.said)}" cy="${y(p.right)}" r="${(2 + 7 * Math.sqrt(p.n / most)).toFixed(1)}" fill="#15655e" fill-opacity="${dash ? 0.35 : 0.7}"/>`,
      ),
      `<text x="${x(points[0]!.said) + 10}" y="${y(points[0]!.right) - 8}">${says}</text>`,
    ]),
    `<text x="260" y="462" text-anchor="middle">said to be right with this likelihood</text>`,
    `<text x="18" y="220" text-anchor="middle" transform="rotate(-90 18 220)">right</text>`,
    '</svg>',
  ].join('\n')
}

const total = (name: string, m: Measured) => row(name, m.all)
const shown = (of: readonly Judged[], coefficients: readonly number[], from: number) => {
  const { shown, right } = atLeast(of, coefficients, from)
  return [from.toFixed(2), (100 * shown).toFixed(1), (100 * right).toFixed(1)]
}
const text = [
  table(rowHeads, [
    total('cross-validated, 5 folds of all', unseen),
    total('held back of our own voices', ofHeld),
    total('other people, learnt without them', ofOthers),
    total('what it was learnt from', seen),
  ]),
  '### By kind of act, cross-validated',
  byKind(unseen),
  '### By voice, cross-validated; capitals are other people',
  byVoice(unseen),
  '### By voice, held back',
  byVoice(ofHeld),
  '### Certainty, on lines that were not seen',
  table(
    ['kind, from', 'shown', 'right'],
    [0.9, 0.93, 0.95, 0.97].map(f => shown(rightKind, certainties.kind, f)),
  ),
  'Pieces of acts whose kind is right, as they are shown:',
  table(
    ['piece', 'n', 'shown as certain', 'right of those'],
    byField(all.flatMap(l => piecesOf(l, without.get(l)!)))
      .filter(p => p.n >= 10)
      .map(p => [p.field, String(p.n), (100 * p.shown).toFixed(1), (100 * p.right).toFixed(1)]),
  ),
  table(
    ['all of it, from', 'shown', 'right'],
    [0.8, 0.85, 0.9, 0.93].map(f => shown(judged, certainties.whole, f)),
  ),
].join('\n\n')

const shareOf = (n: number, of: number) => (of ? (n / of).toFixed(2) : '–')
const spoken = narrations().map(n => ({ ...measureNarration(n), minutes: n.minutes }))
const ofSpoken = (name: string, all: typeof spoken): string[] => {
  const sum = (key: 'owed' | 'read' | 'found' | 'counted' | 'withCount' | 'sized' | 'withSize') =>
    all.reduce((n, s) => n + s[key], 0)
  return [
    name,
    all.length === 1 ? all[0]!.minutes.toFixed(0) : '',
    String(sum('owed')),
    shareOf(sum('found'), sum('owed')),
    shareOf(sum('found'), sum('read')),
    shareOf(sum('counted'), sum('withCount')),
    shareOf(sum('sized'), sum('withSize')),
  ]
}
const told = [
  '### Narrations',
  table(
    ['narration', 'minutes', 'acts', 'recall', 'precision', 'counts right', 'sizes right'],
    [
      ...spoken.map(s => ofSpoken(notLookedAt.includes(s.name) ? `${s.name}, unseen` : s.name, [s])),
      ofSpoken(
        'those looked at',
        spoken.filter(s => !notLookedAt.includes(s.name)),
      ),
      ofSpoken(
        'those unseen',
        spoken.filter(s => notLookedAt.includes(s.name)),
      ),
    ],
  ),
].join('\n\n')

const document = new URL('../../docs/quick-line.md', import.meta.url)
const [before, , after] = readFileSync(document, 'utf8').split(/<!-- figures -->/)
writeFileSync(document, `${before}<!-- figures -->\n\n${text}\n\n${told}\n\n<!-- figures -->${after ?? '\n'}`)
writeFileSync(new URL('../../docs/quick-line-certainty.svg', import.meta.url), `${plot()}\n`)
console.log(text)
