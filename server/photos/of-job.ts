import { photosIn } from '@dialytica/core/parcel'
import { LRUCache } from 'lru-cache'
import type { DataSource } from 'typeorm'
import { Job, PhotoEntity } from '../entities/index.ts'
import { eventsAfter } from '../joblog/states.ts'

/** The photos that the log of a job names, as far as it was read. */
const named = new LRUCache<string, { seq: number; hashes: ReadonlySet<string> }>({ max: 64 })

/** True for a photo that was taken for a job, or that its log names. What only a step in hand names says nothing: any device writes that. */
export async function isOfJob(db: DataSource, shopId: string, job: string, hash: string): Promise<boolean> {
  const row = await db.getRepository(Job).findOne({ where: { id: job }, select: { id: true, seq: true } })
  if (!row) return false
  let known = named.get(job) ?? { seq: 0, hashes: new Set<string>() }
  if (known.seq < row.seq) {
    const more = await eventsAfter(db.manager, job, known.seq)
    known = { seq: more.at(-1)?.seq ?? known.seq, hashes: new Set([...known.hashes, ...photosIn(more)]) }
    named.set(job, known)
  }
  return known.hashes.has(hash) || db.getRepository(PhotoEntity).existsBy({ shopId, hash, jobId: job })
}
