import { timingSafeEqual } from 'node:crypto'
import type { DataSource } from 'typeorm'
import { Secret, User, type UserRow } from '../entities/index.ts'
import { ignoreDouble } from '../retried.ts'
import { createAccount, shopNamed } from './accounts.ts'
import { codeFrom, codeMeant } from './codes.ts'
import { macOf, secretKey } from './sealed.ts'

/** True until somebody who is not of the demo has an account. */
export const isFresh = async (db: DataSource): Promise<boolean> =>
  !(await db.getRepository(User).existsBy({ demo: false }))

/** The code of the first account: the same for every server of this database, and after each start. */
export const firstCode = async (db: DataSource): Promise<string> =>
  codeFrom(macOf(await secretKey(db, 'first account'), 'code'))

/** True when a code is that of the first account, as it was typed. */
export async function isFirstCode(db: DataSource, typed: string): Promise<boolean> {
  const key = await secretKey(db, 'first account')
  const [given, right] = [typed, await firstCode(db)].map(code => macOf(key, codeMeant(code))) as [Buffer, Buffer]
  return timingSafeEqual(given, right)
}

/** Makes the first shop and its lead; `null` for all but one of those who come at the same moment. */
export const makeFirst = (
  db: DataSource,
  { shop, timeZone, ...lead }: { shop: string; timeZone: string; name: string; login: string; password: string },
): Promise<UserRow | null> =>
  db.transaction(async m => {
    const mine = await m.insert(Secret, { name: 'first account made', value: '1'.repeat(64) }).then(
      () => true,
      error => (ignoreDouble(error), false),
    )
    if (!mine) return null
    const { id: shopId } = await shopNamed(m, shop, timeZone)
    return createAccount(m, { ...lead, shopId, role: 'lead' })
  })
