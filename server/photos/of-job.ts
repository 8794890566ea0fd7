import { photosIn } from '@dialytica/core/parcel'
import { LRUCache } from 'lru-cache'
import type { DataSource } from 'typeorm'
import { Hand, Job } from '../entities/index.ts'
import { eventsAfter } from '../joblog/states.ts'

/** The photos that the log of a job names, as far as it was read. */
const named = new LRUCache<string, { seq: number; hashes: ReadonlySet<string> }>({ max: 64 })

/** True for a photo that the log of a job names, or a step that its devices hold in hand. */
export async function isOfJob(db: DataSource, job: string, hash: string): Promise<boolean> {
  const row = await db.getRepository(Job).findOne({ where: { id: job }, select: { id: true, seq: true } })
  if (!row) return false
  let known = named.get(job) ?? { seq: 0, hashes: new Set<string>() }
  if (known.seq < row.seq) {
    const more = await eventsAfter(db.manager, job, known.seq)
    known = { seq: more.at(-1)?.seq ?? known.seq, hashes: new Set([...known.hashes, ...photosIn(more)]) }
    named.set(job, known)
  }
  if (known.hashes.has(hash)) return true
  const hands = await db.getRepository(Hand).findBy({ jobId: job })
  return hands.some(h => h.step.photos.some(p => p.hash === hash))
}
