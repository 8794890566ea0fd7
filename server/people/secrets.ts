import { randomBytes } from 'node:crypto'
import type { DataSource } from 'typeorm'
import { Secret } from '../entities/index.ts'
import { ignoreDouble } from '../retried.ts'

/** A key of this database by its name, 32 bytes; made when it is first asked for. Every server of the same database has the same one. */
export async function secretKey(db: DataSource, name: string): Promise<Buffer> {
  const secrets = db.getRepository(Secret)
  const found = await secrets.findOneBy({ name })
  if (found) return Buffer.from(found.value, 'hex')
  await secrets.insert({ name, value: randomBytes(32).toString('hex') }).catch(ignoreDouble)
  return secretKey(db, name)
}
