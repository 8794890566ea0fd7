import { randomBytes } from 'node:crypto'
import sharp from 'sharp'
import { sizes } from '../server/photos/develop.ts'
import { sha256, takeIn } from '../server/photos/store.ts'
import { median, type Line } from './line.ts'
import { serving } from './serving.ts'

/** A photo of 12 megapixels taken in (verified, re-encoded in three sizes, stored), against bare re-encoding in those sizes. */
export async function takeInPhoto(): Promise<Line> {
  const w = await serving()
  const { db, config } = w.running.context
  const [{ id: shopId }] = await db.query('SELECT id FROM shop LIMIT 1')
  const raw = { width: 4000, height: 3000, channels: 3 as const }
  const photos = await Promise.all(
    Array.from({ length: 8 }, () =>
      sharp(randomBytes(400 * 300 * 3), { raw: { width: 400, height: 300, channels: 3 } })
        .resize(raw.width, raw.height)
        .jpeg()
        .toBuffer(),
    ),
  )
  const taken = await median(7, i => takeIn(db, config.data, shopId, sha256(photos[i + 1]!), photos[i + 1]!))
  const bare = await median(7, i =>
    Promise.all(
      Object.values(sizes).map(edge =>
        sharp(photos[i + 1]!)
          .rotate()
          .resize({ width: edge, height: edge, fit: 'inside', withoutEnlargement: true })
          .jpeg({ quality: 84 })
          .toBuffer(),
      ),
    ),
  )
  await w.end()
  return {
    name: 'take-in-photo',
    figure: taken,
    unit: 'ms',
    against: 'bare re-encoding in the same three sizes',
    ratio: taken / bare,
    target: 'ratio under 1.5',
    holds: taken / bare < 1.5,
  }
}
