import { lastSaid, type BodyOf } from '@dialytica/core/log'
import type { EntityManager } from 'typeorm'
import type { AskedOfShop } from '../joblog/said.ts'
import { modelNow } from '../machines/made-one.ts'
import { newestEvents } from './newest-events.ts'

type Db = Pick<EntityManager, 'getRepository'>
type Said<K extends AskedOfShop> = BodyOf<K> & { at: string }

/** What the jobs of a shop, or of one model of it, say of a kind and did not take back, from so many events, the newest of them. */
export async function saidIn<K extends AskedOfShop>(
  db: Db,
  shop: string,
  kind: K,
  newest: number,
  model?: string,
): Promise<{ job: string; said: Said<K> }[]> {
  const rows = await newestEvents(db, shop, kind, newest, model)
  return rows.map(({ at, jobId, body }) => ({
    job: jobId,
    said: { ...body, at: new Date(at).toISOString() } as unknown as Said<K>,
  }))
}

/** Of each thing what was said last of it in a shop, by the time of its word. */
export const lastSaidIn = async <K extends AskedOfShop>(
  db: Db,
  shop: string,
  kind: K,
  of: (one: Said<K>) => string,
  newest: number,
  model?: string,
): Promise<Said<K>[]> =>
  lastSaid(
    (await saidIn(db, shop, kind, newest, model)).map(one => one.said),
    of,
  )

/** So many settings that were said are read, the newest first. */
const newestSettings = 500
/** What a shop set for all its jobs, of each thing what was said last. */
export const settingsSaid = (db: Db, shop: string) =>
  lastSaidIn(db, shop, 'shop-set', one => one.setting, newestSettings)

/** The same of a model, where it is one of this shop; else it is not found. */
export async function lastSaidOfModel<K extends AskedOfShop>(
  db: Db,
  shop: string,
  model: string,
  kind: K,
  of: (one: Said<K>) => string,
  newest: number,
): Promise<Said<K>[]> {
  const { id } = await modelNow(db, shop, model)
  return lastSaidIn(db, shop, kind, of, newest, id)
}
