import { In, IsNull, Not, type EntityManager } from 'typeorm'
import { Job, Parcel, Unit, type Added, type ParcelRow } from '../entities/index.ts'
import { ProblemError } from '../problems.ts'
import { forget } from '../search/keep.ts'
import { forgetPhrases } from '../search/phrases.ts'

/** Takes away all that is kept of some jobs. */
async function dropJobs(m: EntityManager, jobs: readonly string[]): Promise<void> {
  for (const table of ['snapshot', 'hand', 'said', 'event'])
    await m.query(`DELETE FROM ${table} WHERE job_id IN (?)`, [jobs])
  await m.query('DELETE FROM job WHERE id IN (?)', [jobs])
}

/** Photos that no other parcel that is still here brought in too. */
async function onlyOf(m: EntityManager, { id, shopId }: ParcelRow, photos: readonly string[]): Promise<string[]> {
  const others = await m.find(Parcel, { where: { shopId, takenAt: Not(IsNull()), backAt: IsNull(), id: Not(id) } })
  const theirs = new Set(others.flatMap(o => o.added?.photos ?? []))
  return photos.filter(p => !theirs.has(p))
}

/**
 * Takes back what a parcel added, all of it or nothing, within a transaction. Returns the jobs that are gone and the photos that nobody needs any more.
 * Throws `changed` where somebody has worked on one of its jobs since.
 */
export async function takeBack(m: EntityManager, parcel: ParcelRow): Promise<{ jobs: string[]; photos: string[] }> {
  const added: Added = parcel.added!
  const ids = added.jobs.map(j => j.job)
  const rows = await m.find(Job, { where: { id: In(ids) }, lock: { mode: 'pessimistic_write' } })
  const seq = new Map(added.jobs.map(j => [j.job, j.seq]))
  const touched = rows.filter(r => r.seq !== seq.get(r.id))
  if (touched.length)
    throw new ProblemError(
      'changed',
      touched.length === 1
        ? 'Somebody has worked on a job of it since: it stays.'
        : `Somebody has worked on ${touched.length} jobs of it since: it stays.`,
    )
  await dropJobs(m, ids)
  // A machine or a model that came with it goes with it, unless something else is of it by now.
  const units: string[] = []
  for (const unit of added.units) if (!(await m.existsBy(Job, { unitId: unit }))) units.push(unit)
  await forget(m, [...ids, ...units])
  await forgetPhrases(m, parcel.shopId, ids)
  if (units.length) await m.query('DELETE FROM unit WHERE id IN (?)', [units])
  for (const model of added.models) {
    if (await m.existsBy(Unit, { modelId: model })) continue
    await forget(m, [model])
    for (const table of ['book', 'book_hand']) await m.query(`DELETE FROM ${table} WHERE model_id = ?`, [model])
    await m.query('DELETE FROM model WHERE id = ?', [model])
  }
  const photos = await onlyOf(m, parcel, added.photos)
  await m.update(Parcel, { id: parcel.id }, { backAt: new Date() })
  return { jobs: ids, photos }
}
