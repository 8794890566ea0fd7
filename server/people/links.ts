import { createHmac, timingSafeEqual } from 'node:crypto'
import type { DataSource } from 'typeorm'
import { secretKey } from './secrets.ts'

/** So long a link to a customer's page is good, in seconds: 30 days. */
export const linkLife = 30 * 86_400
const macBytes = 16
/** So many figures the code has. */
const figures = 6

const uuidBytes = (id: string) => Buffer.from(id.replaceAll('-', ''), 'hex')
const asUuid = (bytes: Buffer) => bytes.toString('hex').replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5')
const macOf = (secret: Buffer, ...parts: (Buffer | string)[]) =>
  parts.reduce((mac, part) => mac.update(part), createHmac('sha256', secret)).digest()

/** The code of a link: it is told apart from the link, and follows from it by the key of the server alone. */
const codeOf = (secret: Buffer, body: Buffer): string =>
  String(macOf(secret, 'code', body).readUInt32BE(0) % 10 ** figures).padStart(figures, '0')

/** A link to the customer's page of a job, good until a moment in seconds since 1970, and its code. Nothing is kept of it. */
export async function linkTo(db: DataSource, job: string, until: number): Promise<{ link: string; code: string }> {
  const secret = await secretKey(db, 'report link')
  const end = Buffer.alloc(4)
  end.writeUInt32BE(until)
  const body = Buffer.concat([uuidBytes(job), end])
  const link = Buffer.concat([macOf(secret, 'link', body).subarray(0, macBytes), body]).toString('base64url')
  return { link, code: codeOf(secret, body) }
}

/** What a link and its code open: a job; or why they do not. */
export async function linked(
  db: DataSource,
  link: string,
  code: string,
  now = Date.now(),
): Promise<{ job: string } | 'over' | 'wrong'> {
  const bytes = Buffer.from(link, 'base64url')
  const body = bytes.subarray(macBytes)
  if (body.length !== 20) return 'wrong'
  const secret = await secretKey(db, 'report link')
  if (!timingSafeEqual(bytes.subarray(0, macBytes), macOf(secret, 'link', body).subarray(0, macBytes))) return 'wrong'
  if (body.readUInt32BE(16) * 1000 < now) return 'over'
  const [given, right] = [macOf(secret, code.replace(/\s/g, '')), macOf(secret, codeOf(secret, body))]
  return timingSafeEqual(given, right) ? { job: asUuid(body.subarray(0, 16)) } : 'wrong'
}
