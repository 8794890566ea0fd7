import type { JobState } from '../log/state.ts'

/**
 * The text of the square code on a label: `%`, the first eight figures of the job, a full stop, then the cell (`B3`) or `M` and the
 * first eight figures of a move. It has only signs of the alphanumeric mode, at most 20 of them: the smallest QR code holds it.
 * It begins with a sign that is no key of the application, so that a scanner that types is told from a hand.
 */
export const labelSign = '%'
const short = (id: string) => id.slice(0, 8).toUpperCase()

/** The code on the label of a cell. */
export const cellCode = (job: string, cell: string): string => `${labelSign}${short(job)}.${cell}`
/** The code on the label of a plug or a part: of the move that took it off. */
export const moveCode = (job: string, move: string): string => `${labelSign}${short(job)}.M${short(move)}`

/** What a label leads to: a cell of this job's tray, or a move of one of its steps. */
export type Labelled =
  { of: 'cell'; cell: string } | { of: 'move'; step: string; move: string } | { of: 'another job'; job: string }

const form = /^%([0-9A-F]{8})\.(?:M([0-9A-F]{8})|([A-Z][1-9]\d?))$/

/** What a scanned text leads to in a job; null when it is no label of ours, or names a move that this job does not have. */
export function readLabel(text: string, state: JobState, job: string): Labelled | null {
  const [, ofJob, ofMove, cell] = form.exec(text.trim().toUpperCase()) ?? []
  if (!ofJob) return null
  if (ofJob !== short(job)) return { of: 'another job', job: ofJob.toLowerCase() }
  if (cell) return { of: 'cell', cell }
  for (const step of state.order) {
    const move = state.steps.get(step)!.moves.find(m => short(m.id) === ofMove)
    if (move) return { of: 'move', step, move: move.id }
  }
  return null
}

/** The label at the end of a typed text, and the text without it; null when there is none. */
export function labelAtEnd(text: string): { label: string; before: string } | null {
  const at = text.lastIndexOf(labelSign)
  const label = text.slice(at).trim()
  return at >= 0 && form.test(label.toUpperCase()) ? { label, before: text.slice(0, at).trimEnd() } : null
}
