import type { BodyOf, EventName } from '@dialytica/core/log'
import type { EntityManager } from 'typeorm'
import { Said, Unit, type EventRow } from '../entities/index.ts'

/** What is asked of a whole shop or model, not of one job. */
export const askedOfShop = [
  'word-taught',
  'shop-set',
  'ritual-kept',
  'code-kept',
  'cause-told',
  'part-adapted',
  'tool-made',
  'part-offered',
  'part-compared',
] as const satisfies readonly EventName[]
export type AskedOfShop = (typeof askedOfShop)[number]
const isAsked = (kind: EventName): kind is AskedOfShop => (askedOfShop as readonly EventName[]).includes(kind)

/** A job is of another machine: what it said of its model is of the other model from now on. */
export async function movedTo(m: EntityManager, jobId: string, unit: string): Promise<void> {
  const { modelId } = await m.findOneByOrFail(Unit, { id: unit })
  await m.update(Said, { jobId }, { modelId })
}

/** Keeps where in a log something stands that is asked of its whole shop; what was taken back goes. To be called with the events, in one transaction. */
export async function keepSaid(
  m: EntityManager,
  shopId: string,
  unit: string,
  events: readonly EventRow[],
): Promise<void> {
  const asked = events.filter(e => isAsked(e.kind))
  if (asked.length) {
    const { modelId } = await m.findOneByOrFail(Unit, { id: unit })
    const rows = asked.map(({ kind, receivedAt, jobId, seq, id }) => ({
      shopId,
      kind,
      receivedAt,
      jobId,
      seq,
      id,
      modelId,
    }))
    await m.createQueryBuilder().insert().into(Said).values(rows).updateEntity(false).execute()
  }
  for (const { kind, jobId, body } of events)
    if (kind === 'entry-withdrawn') await m.delete(Said, { jobId, id: (body as BodyOf<'entry-withdrawn'>).entry })
}
