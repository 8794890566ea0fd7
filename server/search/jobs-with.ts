import type { FindableKind } from '@dialytica/core/findable'
import type { Summary } from '@dialytica/core/ledger'
import type { DataSource } from 'typeorm'

/** A job in which something is said. */
interface JobWith {
  job: string
  serial: string
  complaint: string
  step: string | null
  at: Date
  open: number
}
const most = 50

/** The jobs in which a thing is said, those of a machine, or of a model; the newest first. Null where the shop has no such thing. */
export async function jobsWith(db: DataSource, shop: string, thing: number): Promise<JobWith[] | null> {
  const [row] = (await db.query('SELECT kind, source_id AS source FROM search_thing WHERE id = ? AND shop_id = ?', [
    thing,
    shop,
  ])) as { kind: FindableKind; source: string }[]
  if (!row) return null
  const [from, id] =
    row.kind === 'machine'
      ? ['FROM job j JOIN unit u ON u.id = j.unit_id WHERE u.id = ?', row.source]
      : row.kind === 'model'
        ? ['FROM job j JOIN unit u ON u.id = j.unit_id WHERE u.model_id = ?', row.source]
        : [
            'FROM search_said s JOIN job j ON j.id = s.source_id JOIN unit u ON u.id = j.unit_id WHERE s.thing_id = ?',
            String(thing),
          ]
  const said = row.kind === 'machine' || row.kind === 'model' ? 'NULL' : 's.step_id'
  const jobs = (await db.query(
    `SELECT j.id AS job, u.serial, j.summary, ${said} AS step, j.changed_at AS at, j.closed_at IS NULL AS open
     ${from} AND j.shop_id = ? ORDER BY j.changed_at DESC LIMIT ${most}`,
    [id, shop],
  )) as (Omit<JobWith, 'complaint'> & { summary: string })[]
  return jobs.map(({ summary, ...rest }) => ({ ...rest, complaint: (JSON.parse(summary) as Summary).complaint }))
}
