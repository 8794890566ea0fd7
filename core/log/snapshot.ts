import { List, Map, Set } from 'immutable'
import { blank, type JobState } from './state.ts'

/** A state as plain JSON, to be stored and folded on. */
export interface Snapshot {
  version: 5
  state: Record<string, unknown>
}

/** Keys in order, so that equal states have equal snapshots whatever the order of arrival. */
const sorted = <V>(map: Map<string, V>): [string, V][] => [...map.entries()].sort(([a], [b]) => (a < b ? -1 : 1))

/** The snapshot of a state; `fromSnapshot(toSnapshot(s))` folds on exactly as `s` does. */
export const toSnapshot = (s: JobState): Snapshot => ({
  version: 5,
  state: {
    opened: s.opened,
    intake: s.intake,
    phase: s.phase,
    turns: sorted(s.turns),
    minutes: s.minutes.toArray().sort((a, b) => a - b),
    closing: s.closing,
    tray: s.tray,
    trayAt: s.trayAt,
    owed: s.owed,
    steps: sorted(s.steps),
    order: s.order.toArray(),
    debts: sorted(s.debts),
    owing: s.owing.toArray().sort(),
    entries: sorted(s.entries),
    constraints: sorted(s.constraints),
    dropped: s.dropped.toArray().sort(),
    plainMirror: s.plainMirror,
    plainMirrorAt: s.plainMirrorAt,
    latest: s.latest,
    latestOf: sorted(s.latestOf),
    size: s.size,
    seen: s.seen.toArray().sort(),
  },
})

/** True when a stored snapshot was made by this version; an older one is left aside, and the log folded from its start. */
export const isCurrent = ({ version }: { version: number }): boolean => version === 5

/** The state of a snapshot. The caller has made it with `toSnapshot`; it is not validated again. */
export function fromSnapshot({ state }: Snapshot): JobState {
  const s = state as Record<keyof JobState, never>
  return {
    ...blank,
    opened: s.opened,
    intake: s.intake,
    phase: s.phase,
    turns: Map(s.turns),
    minutes: Set(s.minutes),
    closing: s.closing,
    tray: s.tray,
    trayAt: s.trayAt,
    owed: s.owed,
    steps: Map(s.steps),
    order: List(s.order),
    debts: Map(s.debts),
    owing: Set(s.owing),
    entries: Map(s.entries),
    constraints: Map(s.constraints),
    dropped: Set(s.dropped),
    plainMirror: s.plainMirror,
    plainMirrorAt: s.plainMirrorAt,
    latest: s.latest,
    latestOf: Map(s.latestOf),
    size: s.size,
    seen: Set(s.seen),
  }
}
