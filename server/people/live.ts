import type { Person } from '@dialytica/core/wire'
import type { DataSource } from 'typeorm'
import { followed } from '../followed.ts'
import { lasting } from './sessions.ts'

/** Watches over the sessions whose streams are open here, whichever server ended or changed them. */
export interface Live {
  /** Says who a session is of, which was followed `as` a person: they themselves when their role or name changed, `null` once it has ended. Returns the end of it. */
  follow(session: string, as: Person, hear: (now: Person | null) => void): () => void
  close(): void
}

/** One look for all sessions that are followed, every `period` milliseconds while there are any. */
export function live(db: DataSource, period = 400): Live {
  const known = new Map<string, string>()
  const sessions = followed<(now: Person | null) => void>(period, look)
  async function look(asked: string[]): Promise<void> {
    const found = new Map((await lasting(db, asked)).map(s => [s.session, s.person]))
    for (const session of asked) {
      const person = found.get(session) ?? null
      const now = JSON.stringify(person)
      const before = known.get(session)
      if (before === undefined || before === now) continue
      known.set(session, now)
      for (const hear of sessions.of(session)) hear(person)
    }
  }
  return {
    follow(session, as, hear) {
      if (!known.has(session)) known.set(session, JSON.stringify(as))
      return sessions.follow(session, hear, () => known.delete(session))
    },
    close: sessions.close,
  }
}
