import {
  actName,
  beliefs,
  fieldOf,
  heard,
  heardCircuit,
  heardWell,
  nextActs,
  noEvidence,
  table,
  type Act,
} from '@dialytica/core/triage'
import { text, warn } from '@dialytica/core/words'
import { Unfit } from './answer.ts'
import { familyOf } from './read-lines.ts'

/** So many causes and checks are told. */
const most = 5
const percent = (share: number) => `${(share * 100).toFixed(0).padStart(3)} %`

function inFull(act: Act): string {
  const minutes = `${act.minutes} min`
  if (act.does === 'ask') return `ask: ${act.finding.id}?`
  if (act.does === 'put right') return `put it right: ${act.cause.id} (${act.cause.part}), ${minutes}`
  const { id, setting, caution } = act.check
  return `${id}, ${minutes}, ${setting}${caution ? `. ${text(warn(caution))}` : ''}`
}

/** `good: CHECK` or `bad: CHECK` as what a check showed; null where a line is none. Throws `Unfit` where there is no such check. */
function resultOf(line: string): { check: string; good: boolean } | null {
  const [, how, name] = /^(good|bad):\s*(.+)$/i.exec(line.trim()) ?? []
  if (!how || !name) return null
  const check = table.checks.find(c => c.id === name.trim())
  if (!check) throw new Unfit(`there is no check "${name.trim()}": take one as it is told`)
  return { check: check.id, good: how.toLowerCase() === 'good' }
}

/**
 * What a complaint in people's words may come from, and what to look at first; lines `good: CHECK` and `bad: CHECK` are what checks showed. As
 * one JSON object, or in words. Throws `Unfit` where the family or a check is none, or nothing in it is understood.
 */
export function triage(told: string, family: string | undefined, inWords: boolean): string[] {
  const build = familyOf(family)
  const lines = told.split(/\r?\n/).map(line => ({ line, result: resultOf(line) }))
  const checked = lines.flatMap(l => l.result ?? [])
  const complaint = lines.flatMap(l => (l.result ? [] : [l.line])).join('\n')
  const findings = heard(complaint, table.findings).map(f => f.id)
  if (findings.length + checked.length === 0)
    throw new Unfit('nothing in it is understood: say what the machine does or does not do')
  const not = heardWell(complaint, table.findings).map(f => f.id)
  const evidence = { ...noEvidence, told: findings, not, checked, circuit: heardCircuit(complaint) }
  const field = fieldOf(table, build)
  const held = beliefs(field, evidence)
  const next = nextActs(field, evidence, { open: [], power: true }, 'test first').slice(0, most)
  const causes = held.slice(0, most)
  if (!inWords)
    return [
      JSON.stringify(
        {
          heard: findings,
          causes: causes.map(b => ({ cause: b.cause?.id ?? null, part: b.cause?.part ?? null, share: b.share })),
          next: next.map(a => ({ does: a.does, what: actName(a), minutes: a.minutes, bits: a.bits })),
        },
        null,
        2,
      ),
    ]
  return [
    `heard: ${findings.join(', ') || 'nothing'}`,
    '',
    ...causes.map(({ cause, share }) =>
      cause
        ? `${percent(share)}  ${cause.id} (${cause.part}): ${cause.why}`
        : `${percent(share)}  something that is not in the table`,
    ),
    '',
    ...next.map((act, i) => `${i + 1}. ${inFull(act)}`),
  ]
}
