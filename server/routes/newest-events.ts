import type { EventName } from '@dialytica/core/log'
import type { EntityManager } from 'typeorm'
import { Event } from '../entities/index.ts'

/** The events of some kinds in all jobs of a shop, or of one model of it, at most so many, those that came last first. */
export const newestEvents = (
  db: Pick<EntityManager, 'getRepository'>,
  shop: string,
  kinds: readonly EventName[],
  most: number,
  model?: string,
) => {
  const asked = db
    .getRepository(Event)
    .createQueryBuilder('e')
    .innerJoin('job', 'j', 'j.id = e.job_id')
    .where('j.shop_id = :shop', { shop })
    .andWhere('e.kind IN (:...kinds)', { kinds })
    .orderBy('e.received_at', 'DESC')
    .limit(most)
  if (model) asked.innerJoin('unit', 'u', 'u.id = j.unit_id').andWhere('u.model_id = :model', { model })
  return asked.getMany()
}
