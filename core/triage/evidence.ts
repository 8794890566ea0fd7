import { entriesOf } from '../log/entry.ts'
import { lastSaid } from '../log/last-said.ts'
import { toldAtIntake, type JobState } from '../log/state.ts'
import type { Evidence } from './belief.ts'
import { proofFindings, readingChecks } from './fed-by.ts'
import { heard, heardCircuit, heardWell } from './heard.ts'
import type { Did } from './learn.ts'
import type { Finding } from './model.ts'
import type { CircuitName } from './table/circuits.ts'

/** What a code of a model says, as the shop kept it. */
export interface KeptCode {
  code: string
  says?: string | undefined
  circuit?: CircuitName | undefined
}

/** All that a job tells about what is wrong. */
export interface Told {
  evidence: Evidence
  /** Findings that were read out of the complaint, told since, or shown by a failed proof, and whether each counts. */
  read: { finding: Finding; isTold: boolean }[]
  /** Findings that the complaint told by itself, and that count: from these a shop learns what customers tell. */
  unasked: string[]
  /** Checks with what they showed, and what was put right in vain, in their order; by the entry that said it, where it can be taken back. */
  did: (Did & { entry: string | null })[]
  /** Checks that were tried and could not tell. */
  open: { check: string; entry: string }[]
  /** The cause, where somebody said that this is it. */
  cause: { cause: string; entry: string } | null
  /** What its code says on this model. */
  code: KeptCode | undefined
}

/** The same code, however it is written: `E-20`, `e 20`. */
export const codeForm = (code: string): string => code.toLowerCase().replace(/[^a-z0-9]/g, '')

/**
 * What is known of a job's fault: the complaint in its words, what was corrected and asked, what was checked, read, proved and put right. Each
 * finding and check counts as it was said last.
 */
export function toldBy(state: JobState, findings: readonly Finding[], codes: readonly KeptCode[]): Told {
  const said = { complaint: state.opened?.complaint, ...toldAtIntake(state) }
  const words = [said.complaint, said.seen].filter(Boolean).join('. ')
  const shown = typeof said.shows === 'string' && said.shows ? said.shows : undefined
  const read = [...heard(words, findings), ...(shown ? findings.filter(f => f.id === 'shows a code') : [])]
  const corrected = new Map(
    lastSaid(entriesOf(state, 'finding-told'), e => e.body.finding).map(e => [e.body.finding, e.body.how]),
  )
  const readIds = [...new Set(read.map(f => f.id))]
  const unasked = readIds.filter(id => (corrected.get(id) ?? 'so') === 'so')
  const told = [...unasked]
  for (const id of proofFindings(state)) if (!corrected.has(id) && !told.includes(id)) told.push(id)
  for (const [id, how] of corrected) if (how === 'so' && !told.includes(id)) told.push(id)
  const well = heardWell(words, findings).map(f => f.id)
  const not = [
    ...[...corrected].filter(([, how]) => how === 'not so').map(([id]) => id),
    ...well.filter(id => !corrected.has(id) && !told.includes(id)),
  ]

  const looked = lastSaid(entriesOf(state, 'trouble-checked'), e => e.body.check)
  const byHand = looked.flatMap(({ at, id, body }) =>
    body.result === 'cannot tell' ? [] : [{ at, entry: id, check: body.check, good: body.result === 'good' }],
  )
  const known = new Set(byHand.map(c => c.check))
  const fed = readingChecks(state).filter(c => !known.has(c.check))
  const causes = lastSaid(entriesOf(state, 'cause-told'), e => e.body.cause)
  const notIt = causes.flatMap(({ at, id, body }) => (body.is ? [] : [{ at, entry: id, notIt: body.cause }]))
  const did = [...byHand, ...fed, ...notIt]
    .sort((a, b) => (a.at < b.at ? -1 : 1))
    .map(({ at: _, ...rest }): Did & { entry: string | null } => ('check' in rest ? { entry: null, ...rest } : rest))
  const is = causes.findLast(c => c.body.is)
  const code = shown ? codes.find(c => codeForm(c.code) === codeForm(shown)) : undefined
  return {
    evidence: {
      told,
      not,
      checked: did.flatMap(d => ('check' in d ? [{ check: d.check, good: d.good }] : [])),
      ruledOut: notIt.map(n => n.notIt),
      silent: [
        ...[...corrected].filter(([, how]) => how === 'not known').map(([id]) => id),
        ...looked.filter(l => l.body.result === 'cannot tell').map(l => l.body.check),
      ],
      circuit: code?.circuit ?? heardCircuit(words),
    },
    read: [...new Set([...read, ...findings.filter(f => told.includes(f.id))])].map(finding => ({
      finding,
      isTold: told.includes(finding.id),
    })),
    unasked,
    did,
    open: looked.flatMap(({ id, body }) => (body.result === 'cannot tell' ? [{ check: body.check, entry: id }] : [])),
    cause: is ? { cause: is.body.cause, entry: is.id } : null,
    code,
  }
}
