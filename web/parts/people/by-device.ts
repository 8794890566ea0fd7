import type { Member, SessionShown } from '@dialytica/core/wire'

/** A session with whose it is. */
export interface On {
  who: string
  session: SessionShown
}
/** A device with who is signed in on it, last seen first. */
export interface DeviceShown {
  /** Its name in the log of a job; a session that did not say one stands for itself. */
  key: string
  device: string | null
  /** What the shop calls it, else what it says it is. */
  title: string
  says: string
  seen: string
  here: boolean
  on: readonly On[]
}

/** The devices of a shop: the one that asks first, then as they were last seen. */
export function byDevice(team: readonly Pick<Member, 'name' | 'sessions'>[]): DeviceShown[] {
  const all = team.flatMap(m => m.sessions.map(session => ({ who: m.name, session })))
  const groups = new Map<string, On[]>()
  for (const on of all.sort((a, b) => (a.session.seen < b.session.seen ? 1 : -1))) {
    const key = on.session.device ?? on.session.id
    groups.set(key, [...(groups.get(key) ?? []), on])
  }
  const shown = [...groups].map(([key, on]): DeviceShown => {
    const { device, name, says, seen } = on[0]!.session
    const title = name || says || 'A device that does not say what it is'
    return { key, device, title, says: name ? says : '', seen, here: on.some(o => o.session.here), on }
  })
  return [...shown.filter(d => d.here), ...shown.filter(d => !d.here)]
}
