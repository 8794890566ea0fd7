import { settledCount, type JobState, type Phase } from '../log/state.ts'
import { minuteOf } from '../log/fold.ts'
import { piecesOwed } from './open-debts.ts'

/** A gap of more than so many minutes between two acts is no work. */
export const pause = 20

/** Minutes of work in each phase, from the minutes in which something was recorded; phases without work left out. O(minutes). */
export function timeByPhase(state: JobState): { phase: Phase; minutes: number }[] {
  const turns = state.turns
    .valueSeq()
    .toArray()
    .map(t => ({ phase: t.phase, minute: minuteOf(t.at.split('|')[0]!), at: t.at }))
    .sort((a, b) => (a.at < b.at ? -1 : 1))
  const spent = new Map<Phase, number>()
  const minutes = state.minutes.toArray().sort((a, b) => a - b)
  let next = 0
  let phase: Phase = 'intake'
  minutes.forEach((minute, i) => {
    while (next < turns.length && turns[next]!.minute <= minute) phase = turns[next++]!.phase
    const gap = (minutes[i + 1] ?? minute + 1) - minute
    spent.set(phase, (spent.get(phase) ?? 0) + (gap <= pause ? gap : 1))
  })
  return [...spent].map(([name, total]) => ({ phase: name, minutes: total }))
}

/** Minutes of work that the return still takes at this job's own pace: of its return, or of its descent before that has begun; null before either. */
export function minutesLeft(state: JobState): number | null {
  const spent = new Map(timeByPhase(state).map(t => [t.phase, t.minutes]))
  const debts = state.debts.valueSeq().toArray()
  const back = debts.reduce((n, d) => n + settledCount(d), 0)
  const off = debts.reduce((n, d) => n + d.count, 0)
  const [minutes, pieces] = back >= 3 ? [spent.get('return'), back] : [spent.get('descent'), off]
  return minutes && pieces ? Math.ceil((minutes / pieces) * piecesOwed(state.owed)) : null
}
