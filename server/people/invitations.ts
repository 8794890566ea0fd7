import { createHmac, timingSafeEqual } from 'node:crypto'
import type { DataSource } from 'typeorm'
import { secretKey } from './secrets.ts'

/** Who invites a device to which job, to hold which step in hand. */
export interface Invitation {
  job: string
  user: string
  hand: string
  /** In seconds since 1970. */
  until: number
}

/** So long a code on the screen is good, in seconds. */
export const invitationLife = 300
const macBytes = 16

const uuidBytes = (id: string) => Buffer.from(id.replaceAll('-', ''), 'hex')
const asUuid = (bytes: Buffer) => bytes.toString('hex').replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5')

/** The key that signs invitations. */
const key = (db: DataSource) => secretKey(db, 'invitation')
const macOf = (secret: Buffer, body: Buffer) => createHmac('sha256', secret).update(body).digest().subarray(0, macBytes)

/** The invitation as one short text: job, person, end and hand, signed by HMAC-SHA-256 cut to 128 bits (RFC 2104, section 5). */
export async function signed(db: DataSource, { job, user, hand, until }: Invitation): Promise<string> {
  const end = Buffer.alloc(4)
  end.writeUInt32BE(until)
  const body = Buffer.concat([uuidBytes(job), uuidBytes(user), end, Buffer.from(hand, 'ascii')])
  return Buffer.concat([macOf(await key(db), body), body]).toString('base64url')
}

/** What a text invites to; `null` when it was not signed here, or its time is over. */
export async function invitationIn(db: DataSource, text: string, now = Date.now()): Promise<Invitation | null> {
  const bytes = Buffer.from(text, 'base64url')
  const body = bytes.subarray(macBytes)
  if (body.length <= 36) return null
  if (!timingSafeEqual(bytes.subarray(0, macBytes), macOf(await key(db), body))) return null
  const until = body.readUInt32BE(32)
  if (until * 1000 < now) return null
  return {
    job: asUuid(body.subarray(0, 16)),
    user: asUuid(body.subarray(16, 32)),
    until,
    hand: body.subarray(36).toString('ascii'),
  }
}
