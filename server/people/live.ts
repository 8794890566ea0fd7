import type { Person } from '@dialytica/core/wire'
import type { DataSource } from 'typeorm'
import { lasting } from './sessions.ts'

/** Watches over the sessions whose streams are open here, whichever server ended or changed them. */
export interface Live {
  /** Says who a session is of, which was followed `as` a person: they themselves when their role or name changed, `null` once it has ended. Returns the end of it. */
  follow(session: string, as: Person, hear: (now: Person | null) => void): () => void
  close(): void
}

/** One look for all sessions that are followed, every `period` milliseconds while there are any. */
export function live(db: DataSource, period = 400): Live {
  const followers = new Map<string, Set<(now: Person | null) => void>>()
  const known = new Map<string, string>()
  async function look(): Promise<void> {
    const asked = [...followers.keys()]
    const found = new Map((await lasting(db, asked)).map(s => [s.session, s.person]))
    for (const session of asked) {
      const person = found.get(session) ?? null
      const now = JSON.stringify(person)
      const before = known.get(session)
      if (before === undefined || before === now) continue
      known.set(session, now)
      for (const hear of followers.get(session) ?? []) hear(person)
    }
  }
  let looking = false
  const timer = setInterval(() => {
    if (looking || followers.size === 0) return
    looking = true
    // While the database is away nobody is taken to have left.
    const done = () => (looking = false)
    look().then(done, done)
  }, period)
  timer.unref()
  return {
    follow(session, as, hear) {
      if (!known.has(session)) known.set(session, JSON.stringify(as))
      const set = followers.get(session) ?? new Set()
      followers.set(session, set.add(hear))
      return () => {
        set.delete(hear)
        if (set.size) return
        followers.delete(session)
        known.delete(session)
      }
    },
    close: () => clearInterval(timer),
  }
}
