import { randomBytes } from 'node:crypto'
import type { DataSource } from 'typeorm'
import { LessThan, MoreThan } from 'typeorm'
import { Invitation, type InvitationRow } from '../entities/index.ts'
import { hashOf } from './sessions.ts'

/** So long a code on the screen is good, in milliseconds. */
const life = 300_000

/** A code by which one other device joins a job; it goes with the session of who made it. */
export async function invitationTo(
  db: DataSource,
  { session, job, hand }: { session: string; job: string; hand: string },
  now = new Date(),
): Promise<{ code: string; until: string }> {
  const code = randomBytes(16).toString('base64url')
  const until = new Date(now.getTime() + life)
  const invitations = db.getRepository(Invitation)
  await invitations.delete({ until: LessThan(now) })
  await invitations.insert({ codeHash: hashOf(code), sessionHash: session, jobId: job, hand, until })
  return { code, until: until.toISOString() }
}

/** Takes an invitation: of all who come with a code one gets it; `null` for the others, and where it is over. */
export async function takeInvitation(db: DataSource, code: string, now = new Date()): Promise<InvitationRow | null> {
  const invitations = db.getRepository(Invitation)
  const key = { codeHash: hashOf(code) }
  const found = await invitations.findOneBy({ ...key, until: MoreThan(now) })
  if (!found) return null
  return (await invitations.delete(key)).affected ? found : null
}
