import { timingSafeEqual } from 'node:crypto'
import type { DataSource } from 'typeorm'
import { asUuid, macOf, momentBytes, sealed, secretKey, unsealed, uuidBytes } from './sealed.ts'

/** So long a link to a customer's page is good, in seconds: 30 days. */
export const linkLife = 30 * 86_400
/** So many figures the code has. */
const figures = 6

/** The key that signs links. */
const key = (db: DataSource) => secretKey(db, 'report link')
/** The code of a link: it is told apart from the link, and follows from it by the key of the server alone. */
const codeOf = (secret: Buffer, body: Buffer): string =>
  String(macOf(secret, 'code', body).readUInt32BE(0) % 10 ** figures).padStart(figures, '0')

/** A link to the customer's page of a job, good until a moment in seconds since 1970, and its code. Nothing is kept of it. */
export async function linkTo(db: DataSource, job: string, until: number): Promise<{ link: string; code: string }> {
  const secret = await key(db)
  const body = Buffer.concat([uuidBytes(job), momentBytes(until)])
  return { link: sealed(secret, body), code: codeOf(secret, body) }
}

/** What a link and its code open: a job; or why they do not. */
export async function linked(
  db: DataSource,
  link: string,
  code: string,
  now = Date.now(),
): Promise<{ job: string } | 'over' | 'wrong'> {
  const secret = await key(db)
  const body = unsealed(secret, link)
  if (!body) return 'wrong'
  if (body.readUInt32BE(16) * 1000 < now) return 'over'
  const [given, right] = [macOf(secret, code.replace(/\s/g, '')), macOf(secret, codeOf(secret, body))]
  return timingSafeEqual(given, right) ? { job: asUuid(body.subarray(0, 16)) } : 'wrong'
}
