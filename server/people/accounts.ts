import { randomUUID } from 'node:crypto'
import type { DataSource, EntityManager } from 'typeorm'
import { Shop, User, type ShopRow, type UserRow } from '../entities/index.ts'
import { hashPassword } from './passwords.ts'
import type { Role } from '@dialytica/core/wire'

type Tables = Pick<DataSource | EntityManager, 'getRepository'>

/** The shop of a name, made when there is none yet. */
export async function shopNamed(db: Tables, name: string, timeZone = 'UTC'): Promise<ShopRow> {
  const shops = db.getRepository(Shop)
  const found = await shops.findOneBy({ name })
  return found ?? shops.save({ id: randomUUID(), name, timeZone, createdAt: new Date() })
}

/** A new account of a shop. Without a password nobody can sign in with it until one is chosen by a code. */
export async function createAccount(
  db: Tables,
  account: { id?: string; shopId: string; login: string; name: string; role: Role; password?: string; demo?: boolean },
): Promise<UserRow> {
  const { password, id = randomUUID(), demo = false, ...rest } = account
  const passwordHash = password ? await hashPassword(password) : ''
  const user = { ...rest, id, demo, passwordHash, createdAt: new Date(), endedAt: null }
  await db.getRepository(User).insert(user)
  return user
}
