import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto'
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

const macBytes = 16
/** HMAC-SHA-256 (RFC 2104) of some parts, one after the other. */
export const macOf = (secret: Buffer, ...parts: (Buffer | string)[]): Buffer =>
  parts.reduce((mac, part) => mac.update(part), createHmac('sha256', secret)).digest()
const sealOf = (secret: Buffer, body: Buffer) => macOf(secret, body).subarray(0, macBytes)

/** Bytes as one short text with their MAC before them, cut to 128 bits (RFC 2104, section 5). */
export const sealed = (secret: Buffer, body: Buffer): string =>
  Buffer.concat([sealOf(secret, body), body]).toString('base64url')
/** The bytes of a sealed text; `null` when it was not sealed with this key. */
export function unsealed(secret: Buffer, text: string): Buffer | null {
  const bytes = Buffer.from(text, 'base64url')
  const body = bytes.subarray(macBytes)
  if (body.length === 0) return null
  return timingSafeEqual(bytes.subarray(0, macBytes), sealOf(secret, body)) ? body : null
}

/** A UUID as its 16 bytes, and back. */
export const uuidBytes = (id: string): Buffer => Buffer.from(id.replaceAll('-', ''), 'hex')
export const asUuid = (bytes: Buffer): string =>
  bytes.toString('hex').replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5')
/** A moment in seconds since 1970 as four bytes. */
export function momentBytes(seconds: number): Buffer {
  const bytes = Buffer.alloc(4)
  bytes.writeUInt32BE(seconds)
  return bytes
}
