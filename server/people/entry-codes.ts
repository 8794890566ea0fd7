import type { DataSource, EntityManager } from 'typeorm'
import { MoreThan } from 'typeorm'
import { EntryCode, Session, User, type UserRow } from '../entities/index.ts'
import { codeMeant, newCode } from './codes.ts'
import { hashPassword } from './passwords.ts'
import { hashOf } from './sessions.ts'

/** So long a code to choose a password is good, in milliseconds: three days, so that Friday's is good on Monday. */
const life = 3 * 24 * 3600 * 1000

const kept = (userId: string, code: string) => hashOf(`${userId} ${codeMeant(code)}`)

/** A new code for a person, in the place of the one before; only its hash is kept. Their password no longer lets them in, and their sessions end. */
export async function codeFor(m: EntityManager, userId: string, now = new Date()) {
  const code = newCode()
  const until = new Date(now.getTime() + life)
  await m.update(User, { id: userId }, { passwordHash: '' })
  await m.delete(Session, { userId })
  await m.delete(EntryCode, { userId })
  await m.insert(EntryCode, { userId, codeHash: kept(userId, code), until })
  return { person: userId, code, until: until.toISOString() }
}

/** Takes a code once and keeps the password that was chosen with it; `null` where login and code do not go together, or the code is over. */
export async function takeCode(
  db: DataSource,
  { login, code, password }: { login: string; code: string; password: string },
  now = new Date(),
): Promise<UserRow | null> {
  const user = await db.getRepository(User).findOneBy({ login })
  if (user?.login !== login || user.endedAt) return null
  const passwordHash = await hashPassword(password)
  return db.transaction(async m => {
    // Of several who take it at the same moment one does.
    const taken = await m.delete(EntryCode, { userId: user.id, codeHash: kept(user.id, code), until: MoreThan(now) })
    if (!taken.affected) return null
    await m.update(User, { id: user.id }, { passwordHash })
    return user
  })
}
