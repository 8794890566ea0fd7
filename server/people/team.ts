import type { Member, Role, SessionShown } from '@dialytica/core/wire'
import type { DataSource, EntityManager } from 'typeorm'
import { In, IsNull, MoreThan, Not } from 'typeorm'
import { EntryCode, Shop, User, type UserRow } from '../entities/index.ts'
import { notFound, ProblemError } from '../problems.ts'
import { codeFor } from './entry-codes.ts'
import { endSessionsOf } from './devices.ts'

/** The people of a shop with the devices that they are signed in on: those who may sign in first, by name. */
export async function teamOf(
  db: DataSource,
  shopId: string,
  sessions: readonly { user: string; shown: SessionShown }[],
  now = new Date(),
): Promise<Member[]> {
  const users = await db.getRepository(User).find({ where: { shopId }, order: { endedAt: 'ASC', name: 'ASC' } })
  const codes = await db.getRepository(EntryCode).findBy({ userId: In(users.map(u => u.id)), until: MoreThan(now) })
  return users.map(({ id, name, login, role, demo, createdAt, endedAt }) => ({
    ...{ id, name, login, role, demo, since: createdAt.toISOString(), ended: endedAt?.toISOString() ?? null },
    codeUntil: codes.find(c => c.userId === id)?.until.toISOString() ?? null,
    sessions: sessions.flatMap(s => (s.user === id ? [s.shown] : [])),
  }))
}

/** Does something to a person of a shop, alone: two who change its people at once come one after the other. */
const changing = <T>(
  db: DataSource,
  shopId: string,
  id: string,
  change: (m: EntityManager, user: UserRow) => Promise<T>,
): Promise<T> =>
  db.transaction(async m => {
    await m.findOneOrFail(Shop, { where: { id: shopId }, lock: { mode: 'pessimistic_write' } })
    const user = await m.findOneBy(User, { id, shopId })
    if (!user) throw notFound()
    return change(m, user)
  })

/** Who signs in with a password that the page of the demo shows keeps it. */
function notOfDemo(user: UserRow): void {
  if (user.demo)
    throw new ProblemError('not-allowed', 'A person of the demo stays as they are: add somebody, and try it on them.')
}

/** What may change of a person. */
export interface Change {
  name?: string
  role?: Role
  ended?: boolean
}

/**
 * Changes a person. With the end of their account their password, sessions and codes end; taken up again, they need a code. Throws `needs-lead` where
 * the shop would be left without a lead who can sign in.
 */
export const changeMember = (db: DataSource, shopId: string, id: string, { name, role, ended }: Change) =>
  changing(db, shopId, id, async (m, user) => {
    if (role !== undefined || ended !== undefined) notOfDemo(user)
    const isLead = (role ?? user.role) === 'lead' && !(ended ?? Boolean(user.endedAt))
    const others = { shopId, role: 'lead' as const, endedAt: IsNull(), id: Not(id), passwordHash: Not('') }
    if (user.role === 'lead' && !user.endedAt && !isLead && !(await m.existsBy(User, others)))
      throw new ProblemError('needs-lead', 'Make somebody else lead first, who has signed in already.')
    await m.update(User, { id }, { name: name ?? user.name, role: role ?? user.role })
    if (ended === undefined || ended === Boolean(user.endedAt)) return
    await m.update(User, { id }, { endedAt: ended ? new Date() : null, ...(ended && { passwordHash: '' }) })
    await endSessionsOf(m, shopId, 'person', id)
    await m.delete(EntryCode, { userId: id })
  })

/** A code with which a person chooses a new password; the one that they have ends now, on every device. */
export const newCodeFor = (db: DataSource, shopId: string, id: string) =>
  changing(db, shopId, id, async (m, user) => {
    notOfDemo(user)
    if (user.endedAt) throw new ProblemError('not-allowed', 'Their account has ended: take it up again first.')
    return codeFor(m, id)
  })
