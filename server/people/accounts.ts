import { randomUUID } from 'node:crypto'
import type { DataSource } from 'typeorm'
import { Shop, User, type ShopRow, type UserRow } from '../entities/index.ts'
import { hashPassword } from './passwords.ts'
import type { Role } from '@dialytica/core/wire'

/** The shop of a name, made when there is none yet. */
export async function shopNamed(db: DataSource, name: string, timeZone = 'UTC'): Promise<ShopRow> {
  const shops = db.getRepository(Shop)
  const found = await shops.findOneBy({ name })
  return found ?? shops.save({ id: randomUUID(), name, timeZone, createdAt: new Date() })
}

/** A new account of a shop. */
export async function createAccount(
  db: DataSource,
  account: { id?: string; shopId: string; login: string; name: string; role: Role; password: string; demo?: boolean },
): Promise<UserRow> {
  const { password, id = randomUUID(), demo = false, ...rest } = account
  const user = { ...rest, id, demo, passwordHash: await hashPassword(password), createdAt: new Date() }
  await db.getRepository(User).insert(user)
  return user
}
