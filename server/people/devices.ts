import type { SessionShown } from '@dialytica/core/wire'
import type { DataSource, EntityManager } from 'typeorm'

interface Row extends Omit<SessionShown, 'began' | 'seen' | 'until' | 'here'> {
  userId: string
  hash: string
  began: Date
  seen: Date
  until: Date
}

/** The sessions of a shop that last, of one person or of all, last seen first, each with whose it is; `here` is the one that asks. */
export async function sessionsOf(
  db: DataSource,
  { shop, person, here }: { shop: string; person?: string; here: string },
  now = new Date(),
): Promise<{ user: string; shown: SessionShown }[]> {
  const rows = (await db.query(
    `SELECT s.user_id AS userId, s.token_hash AS hash, s.id, s.device, COALESCE(d.name, '') AS name, s.says,
       s.created_at AS began, s.seen_at AS seen, s.expires_at AS until, IF(s.job_id IS NULL, NULL, COALESCE(n.serial, '')) AS joined
     FROM session s JOIN user u ON u.id = s.user_id
     LEFT JOIN device d ON d.shop_id = u.shop_id AND d.id = s.device
     LEFT JOIN job j ON j.id = s.job_id LEFT JOIN unit n ON n.id = j.unit_id
     WHERE u.shop_id = ? AND s.expires_at > ? ${person ? 'AND s.user_id = ?' : ''} ORDER BY s.seen_at DESC, s.id`,
    [shop, now, ...(person ? [person] : [])],
  )) as Row[]
  return rows.map(({ userId, hash, began, seen, until, ...row }) => ({
    user: userId,
    shown: {
      ...row,
      began: began.toISOString(),
      seen: seen.toISOString(),
      until: until.toISOString(),
      here: hash === here,
    },
  }))
}

/** By what sessions are named: one, those on a device, those of a person. */
const columns = { session: 's.id', device: 's.device', person: 's.user_id' } as const

/** Ends sessions of a shop by what names them; says how many. */
export async function endSessionsOf(
  db: DataSource | EntityManager,
  shop: string,
  by: keyof typeof columns,
  value: string,
): Promise<number> {
  const done = (await db.query(
    `DELETE s FROM session s JOIN user u ON u.id = s.user_id WHERE u.shop_id = ? AND ${columns[by]} = ?`,
    [shop, value],
  )) as { affectedRows: number }
  return done.affectedRows
}

/** True where somebody of a shop is signed in on a device. */
export async function isDeviceOf(db: DataSource, shop: string, device: string, now = new Date()): Promise<boolean> {
  const found = (await db.query(
    'SELECT 1 FROM session s JOIN user u ON u.id = s.user_id WHERE u.shop_id = ? AND s.device = ? AND s.expires_at > ? LIMIT 1',
    [shop, device, now],
  )) as unknown[]
  return found.length > 0
}
