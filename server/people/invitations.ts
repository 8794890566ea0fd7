import type { DataSource } from 'typeorm'
import { asUuid, momentBytes, sealed, secretKey, unsealed, uuidBytes } from './sealed.ts'

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

/** The key that signs invitations. */
const key = (db: DataSource) => secretKey(db, 'invitation')

/** The invitation as one short sealed text: job, person, end and hand. */
export async function signed(db: DataSource, { job, user, hand, until }: Invitation): Promise<string> {
  const body = Buffer.concat([uuidBytes(job), uuidBytes(user), momentBytes(until), Buffer.from(hand, 'ascii')])
  return sealed(await key(db), body)
}

/** What a text invites to; `null` when it was not signed here, or its time is over. */
export async function invitationIn(db: DataSource, text: string, now = Date.now()): Promise<Invitation | null> {
  const body = unsealed(await key(db), text)
  if (!body) return null
  const until = body.readUInt32BE(32)
  if (until * 1000 < now) return null
  return {
    job: asUuid(body.subarray(0, 16)),
    user: asUuid(body.subarray(16, 32)),
    until,
    hand: body.subarray(36).toString('ascii'),
  }
}
