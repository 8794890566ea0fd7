import type { EntityManager } from 'typeorm'
import type { EventRow } from '../entities/index.ts'

/** So many events go in one statement. */
const together = 1000

/** Puts rows into logs. As one list of values: to name a parameter for each value took as long as the statement itself. */
export async function putEvents(m: EntityManager, rows: readonly EventRow[]): Promise<void> {
  for (let from = 0; from < rows.length; from += together) {
    const values = rows
      .slice(from, from + together)
      .map(({ jobId, seq, id, kind, at, when, actor, device, body, receivedAt }) => [
        jobId,
        seq,
        id,
        kind,
        at,
        when,
        actor,
        device,
        JSON.stringify(body),
        receivedAt,
      ])
    await m.query(
      'INSERT INTO event (job_id, seq, id, kind, at, happened_at, actor, device, body, received_at) VALUES ?',
      [values],
    )
  }
}
