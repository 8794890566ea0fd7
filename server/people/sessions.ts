import { createHash, randomBytes, randomUUID } from 'node:crypto'
import type { Person } from '@dialytica/core/wire'
import { parseCookie } from 'cookie'
import type { DataSource } from 'typeorm'
import { LessThan } from 'typeorm'
import { Session, User, type UserRow } from '../entities/index.ts'
import { fits } from './passwords.ts'

export const cookieName = 'dialytica_session'
const life = 30 * 24 * 3600 * 1000
/** A device that joined a job by a code stays in it for a day. */
const joinedLife = 24 * 3600 * 1000
/** How exactly it is kept when a session was last used, in milliseconds. */
const seenWithin = 60_000

/** What is kept of a token or a code: it cannot be made from it again. */
export const hashOf = (token: string): string => createHash('sha256').update(token).digest('hex')

/** The person of a login and password; `null` when they do not go together, or the account has ended. */
export async function personBy(db: DataSource, login: string, password: string): Promise<UserRow | null> {
  const user = await db
    .getRepository(User)
    .createQueryBuilder('u')
    .addSelect('u.passwordHash')
    .where('u.login = :login', { login })
    .getOne()
  // The database takes some letters for others; a login is the same only when it is written the same.
  const same = user?.login === login && user.passwordHash && !user.endedAt ? user : null
  return (await fits(password, same?.passwordHash)) ? same : null
}

/** What a device says of itself, and for a device that joins: which job, and from which session. */
export interface Came {
  device?: string
  says?: string
  joins?: { job: string; from: string }
}

/** Starts a session and returns its opaque token; the database keeps only the token's hash. */
export async function startSession(
  db: DataSource,
  userId: string,
  { device, says = '', joins }: Came = {},
  now = new Date(),
): Promise<{ token: string; expires: Date }> {
  const token = randomBytes(32).toString('base64url')
  const expires = new Date(now.getTime() + (joins ? joinedLife : life))
  const sessions = db.getRepository(Session)
  await sessions.delete({ expiresAt: LessThan(now) })
  await sessions.insert({
    ...{ tokenHash: hashOf(token), userId, createdAt: now, expiresAt: expires, id: randomUUID(), seenAt: now },
    ...{ device: device ?? null, says, jobId: joins?.job ?? null, fromHash: joins?.from ?? null },
  })
  return { token, expires }
}

/** Ends a session, and with it those of the devices that joined a job from it. */
export const endSession = async (db: DataSource, token: string): Promise<void> => {
  await db.getRepository(Session).delete({ tokenHash: hashOf(token) })
}

/** The token of a request's cookie header. */
export const tokenIn = (header: string | undefined): string | undefined => parseCookie(header ?? '')[cookieName]

/** A session that lasts: whose it is, and by what it is known. */
export interface Signed {
  session: string
  person: Person
  seenAt: Date
}

/** The sessions of some tokens' hashes, as far as they last at a moment. */
export async function lasting(db: DataSource, hashes: readonly string[], now = new Date()): Promise<Signed[]> {
  if (hashes.length === 0) return []
  const rows = (await db.query(
    `SELECT s.token_hash AS session, s.seen_at AS seenAt, s.job_id AS joined, u.id, u.shop_id AS shopId, u.login, u.name,
       u.role, u.demo, h.name AS shop, h.time_zone AS timeZone
     FROM session s JOIN user u ON u.id = s.user_id JOIN shop h ON h.id = u.shop_id
     WHERE s.token_hash IN (?) AND s.expires_at > ? AND u.ended_at IS NULL`,
    [hashes, now],
  )) as (Person & { session: string; seenAt: Date; demo: unknown })[]
  return rows.map(({ session, seenAt, demo, ...person }) => ({
    session,
    seenAt,
    person: { ...person, demo: Boolean(demo) },
  }))
}

/** The session of a token, while it lasts; it counts as seen now. */
export async function signedBy(db: DataSource, token: string | undefined, now = new Date()): Promise<Signed | null> {
  const [signed] = token ? await lasting(db, [hashOf(token)], now) : []
  if (signed && now.getTime() - signed.seenAt.getTime() > seenWithin)
    await db.getRepository(Session).update({ tokenHash: signed.session }, { seenAt: now })
  return signed ?? null
}

/** The person of a token, while its session lasts. */
export const personOf = async (db: DataSource, token: string | undefined, now = new Date()): Promise<Person | null> =>
  (await signedBy(db, token, now))?.person ?? null

/** Outside demo mode nobody is let in as a person of the demo, whatever was started before. */
export const endDemoSessions = async (db: DataSource): Promise<void> => {
  await db.query('DELETE s FROM session s JOIN user u ON u.id = s.user_id WHERE u.demo')
}
