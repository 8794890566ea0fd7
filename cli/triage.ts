import { beliefs, heard, nextChecks, table } from '@dialytica/core/triage'
import { text, warn } from '@dialytica/core/words'
import { Unfit } from './answer.ts'
import { familyOf } from './read-lines.ts'

/** So many causes and checks are told. */
const most = 5
const percent = (share: number) => `${(share * 100).toFixed(0).padStart(3)} %`

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
  const evidence = { told: findings, not: [], checked }
  const held = beliefs(table, build, evidence)
  const next = nextChecks(table, build, held, evidence).slice(0, most)
  const causes = held.slice(0, most)
  if (!inWords)
    return [
      JSON.stringify(
        {
          heard: findings,
          causes: causes.map(b => ({ cause: b.cause?.id ?? null, part: b.cause?.part ?? null, share: b.share })),
          next: next.map(n => ({ check: n.check.id, minutes: n.minutes, setting: n.check.setting, bits: n.bits })),
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
    ...next.map(
      ({ check, minutes }, i) =>
        `${i + 1}. ${check.id}, ${minutes} min, ${check.setting}${check.caution ? `. ${text(warn(check.caution))}` : ''}`,
    ),
  ]
}
