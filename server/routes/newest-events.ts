import type { EntityManager } from 'typeorm'
import { Event, type EventRow } from '../entities/index.ts'
import type { AskedOfShop } from '../joblog/said.ts'

/** The events of a kind in all jobs of a shop, or of one model of it, that were not taken back: at most so many, those that came last first. */
export function newestEvents(
  db: Pick<EntityManager, 'getRepository'>,
  shop: string,
  kind: AskedOfShop,
  most: number,
  model?: string,
): Promise<EventRow[]> {
  const asked = db
    .getRepository(Event)
    .createQueryBuilder('e')
    .innerJoin('said', 's', 's.job_id = e.job_id AND s.seq = e.seq')
    .where('s.shop_id = :shop AND s.kind = :kind', { shop, kind })
    .orderBy('s.received_at', 'DESC')
    .addOrderBy('s.job_id', 'DESC')
    .addOrderBy('s.seq', 'DESC')
    .limit(most)
  if (model) asked.andWhere('s.model_id = :model', { model })
  return asked.getMany()
}
