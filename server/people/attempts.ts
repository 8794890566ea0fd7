import { createHash } from 'node:crypto'
import type { ClientRateLimitInfo, Store } from 'express-rate-limit'
import type { DataSource } from 'typeorm'

/** A key of any length and any signs as the name under which it is counted. */
const nameOf = (key: string) => createHash('sha256').update(key).digest('hex')

/** Counts tries in the database, so that every server of the shop sees the same count. `windowMs` in milliseconds. */
export function attempts(db: DataSource, windowMs: number): Store {
  return {
    async increment(key): Promise<ClientRateLimitInfo> {
      const name = nameOf(key)
      const now = new Date()
      const resets = new Date(now.getTime() + windowMs)
      await db.query(
        `INSERT INTO attempt (name, hits, resets_at) VALUES (?, 1, ?)
         ON DUPLICATE KEY UPDATE hits = IF(resets_at < ?, 1, hits + 1), resets_at = IF(resets_at < ?, VALUES(resets_at), resets_at)`,
        [name, resets, now, now],
      )
      // What is over is swept a little at a time.
      await db.query('DELETE FROM attempt WHERE resets_at < ? LIMIT 50', [now])
      const [row] = await db.query('SELECT hits, resets_at FROM attempt WHERE name = ?', [name])
      return { totalHits: Number(row?.hits ?? 1), resetTime: row?.resets_at ?? resets }
    },
    async decrement(key) {
      await db.query('UPDATE attempt SET hits = IF(hits > 0, hits - 1, 0) WHERE name = ?', [nameOf(key)])
    },
    async resetKey(key) {
      await db.query('DELETE FROM attempt WHERE name = ?', [nameOf(key)])
    },
  }
}
