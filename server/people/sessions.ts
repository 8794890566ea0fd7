import { createHash, randomBytes } from 'node:crypto'
import { parseCookie } from 'cookie'
import type { DataSource } from 'typeorm'
import { LessThan, MoreThan } from 'typeorm'
import { Session, Shop, User, type UserRow } from '../entities/index.ts'
import { fits } from './passwords.ts'
import type { Person } from '@dialytica/core/wire'

export const cookieName = 'dialytica_session'
const life = 30 * 24 * 3600 * 1000
/** A device that joined a job by a code stays in it for a day. */
const joinedLife = 24 * 3600 * 1000

const hashOf = (token: string) => createHash('sha256').update(token).digest('hex')

/** The person of a login and password; `null` when they do not go together. */
export async function personBy(db: DataSource, login: string, password: string): Promise<UserRow | null> {
  const user = await db
    .getRepository(User)
    .createQueryBuilder('u')
    .addSelect('u.passwordHash')
    .where('u.login = :login', { login })
    .getOne()
  // The database takes some letters for others; a login is the same only when it is written the same.
  const same = user?.login === login ? user : null
  return (await fits(password, same?.passwordHash)) ? same : null
}

/** Starts a session and returns its opaque token; the database keeps only the token's hash. */
export async function startSession(
  db: DataSource,
  userId: string,
  now = new Date(),
  jobId: string | null = null,
): Promise<{ token: string; expires: Date }> {
  const token = randomBytes(32).toString('base64url')
  const expires = new Date(now.getTime() + (jobId ? joinedLife : life))
  const sessions = db.getRepository(Session)
  await sessions.delete({ expiresAt: LessThan(now) })
  await sessions.insert({ tokenHash: hashOf(token), userId, createdAt: now, expiresAt: expires, jobId })
  return { token, expires }
}

export const endSession = async (db: DataSource, token: string): Promise<void> => {
  await db.getRepository(Session).delete({ tokenHash: hashOf(token) })
}

/** The token of a request's cookie header. */
export const tokenIn = (header: string | undefined): string | undefined => parseCookie(header ?? '')[cookieName]

/** The person of a token, while its session lasts. */
export async function personOf(db: DataSource, token: string | undefined, now = new Date()): Promise<Person | null> {
  if (!token) return null
  const session = await db.getRepository(Session).findOneBy({ tokenHash: hashOf(token), expiresAt: MoreThan(now) })
  const user = session && (await db.getRepository(User).findOneBy({ id: session.userId }))
  const shop = user && (await db.getRepository(Shop).findOneBy({ id: user.shopId }))
  if (!session || !user || !shop) return null
  const { id, shopId, login, name, role, demo } = user
  const { name: shopName, timeZone } = shop
  return { id, shopId, login, name, role, demo, shop: shopName, timeZone, joined: session.jobId }
}

/** Outside demo mode nobody is let in as a person of the demo, whatever was started before. */
export const endDemoSessions = async (db: DataSource): Promise<void> => {
  await db.query('DELETE s FROM session s JOIN user u ON u.id = s.user_id WHERE u.demo')
}
