import type { Role } from '@dialytica/core/wire'
import { EntitySchema } from 'typeorm'
import { hash, key, moment, ref, text } from './columns.ts'

export interface ShopRow {
  id: string
  name: string
  timeZone: string
  createdAt: Date
}
export const Shop = new EntitySchema<ShopRow>({
  name: 'shop',
  columns: {
    id: key,
    name: text(120),
    timeZone: { ...text(64), name: 'time_zone' },
    createdAt: { ...moment, name: 'created_at' },
  },
})

export interface UserRow {
  id: string
  shopId: string
  login: string
  name: string
  role: Role
  /** Empty where nobody can sign in with a password: none was chosen yet, or it was taken back. */
  passwordHash: string
  demo: boolean
  createdAt: Date
  /** Set where the account has ended; the person stays in the record of what they did. */
  endedAt: Date | null
}
export const User = new EntitySchema<UserRow>({
  name: 'user',
  columns: {
    id: key,
    shopId: { ...ref, name: 'shop_id' },
    login: text(120),
    name: text(120),
    role: text(20),
    passwordHash: { ...text(255), name: 'password_hash', select: false },
    demo: { type: 'boolean' },
    createdAt: { ...moment, name: 'created_at' },
    endedAt: { ...moment, name: 'ended_at', nullable: true },
  },
})

export interface SessionRow {
  tokenHash: string
  userId: string
  createdAt: Date
  expiresAt: Date
  /** Set where the session is of a device that joined one job. */
  jobId: string | null
  /** By this it is told and ended; it lets nobody in. */
  id: string
  /** The name of the device in the log of a job, where it said one. */
  device: string | null
  /** What the device says it is: `Firefox on Android`. */
  says: string
  /** When it was last used, give or take a minute. */
  seenAt: Date
  /** The session of who invited it: it ends with that one. */
  fromHash: string | null
}
export const Session = new EntitySchema<SessionRow>({
  name: 'session',
  columns: {
    tokenHash: { ...hash, primary: true, name: 'token_hash' },
    userId: { ...ref, name: 'user_id' },
    createdAt: { ...moment, name: 'created_at' },
    expiresAt: { ...moment, name: 'expires_at' },
    jobId: { ...ref, name: 'job_id', nullable: true },
    id: ref,
    device: { ...text(64), nullable: true },
    says: text(120),
    seenAt: { ...moment, name: 'seen_at' },
    fromHash: { ...hash, name: 'from_hash', nullable: true },
  },
})

/** What a shop calls a device. */
export interface DeviceRow {
  shopId: string
  id: string
  name: string
}
export const Device = new EntitySchema<DeviceRow>({
  name: 'device',
  columns: { shopId: { ...key, name: 'shop_id' }, id: { ...text(64), primary: true }, name: text(120) },
})

/** A code with which a person chooses their password. */
export interface EntryCodeRow {
  userId: string
  codeHash: string
  until: Date
}
export const EntryCode = new EntitySchema<EntryCodeRow>({
  name: 'entry_code',
  columns: { userId: { ...key, name: 'user_id' }, codeHash: { ...hash, name: 'code_hash' }, until: moment },
})

/** A code by which one other device joins a job. */
export interface InvitationRow {
  codeHash: string
  sessionHash: string
  jobId: string
  hand: string
  until: Date
}
export const Invitation = new EntitySchema<InvitationRow>({
  name: 'invitation',
  columns: {
    codeHash: { ...hash, primary: true, name: 'code_hash' },
    sessionHash: { ...hash, name: 'session_hash' },
    jobId: { ...ref, name: 'job_id' },
    hand: text(64),
    until: moment,
  },
})
