import { findablesOf, ofMachine, ofModel, type Findable } from '@dialytica/core/findable'
import type { DataSource, EntityManager } from 'typeorm'
import { Job, Model, Unit, type ModelRow, type UnitRow } from '../entities/index.ts'
import { stateAt, type States } from '../joblog/states.ts'
import { retried } from '../retried.ts'
import { edition, keep, type Source } from './keep.ts'
import { keepPhrases } from './phrases.ts'

const keptWhole = (db: DataSource, source: Source, findables: readonly Findable[]) =>
  retried(() => db.transaction(m => keep(m, source, findables)))

const modelOf = (m: EntityManager, id: string) => m.findOneByOrFail(Model, { id })

/** Reads a model for the search. */
export const readModel = (db: DataSource, model: ModelRow): Promise<void> =>
  keptWhole(db, { id: model.id, shop: model.shopId, model, seq: 0, at: model.createdAt }, [
    ofModel(model.maker, model.code, model.family, model.notes),
  ])

/** Reads a machine for the search, by what is known of it without a job. */
export async function readMachine(db: DataSource, unit: UnitRow): Promise<void> {
  const model = await modelOf(db.manager, unit.modelId)
  const { serial, stands } = unit
  await keptWhole(db, { id: unit.id, shop: unit.shopId, model, seq: 0, at: unit.createdAt }, [
    ofMachine(model.maker, model.code, serial, stands),
  ])
}

/** Reads a job for the search, as it stands. */
export async function readJob(db: DataSource, states: States, id: string): Promise<void> {
  const job = await db.getRepository(Job).findOneBy({ id })
  if (!job) return
  const unit = await db.getRepository(Unit).findOneByOrFail({ id: job.unitId })
  const model = await modelOf(db.manager, unit.modelId)
  const state = await stateAt(db.manager, states, id, job.seq)
  const source = { id, shop: job.shopId, model, seq: job.seq, at: job.changedAt }
  await retried(() =>
    db.transaction(async m => {
      await keep(m, source, findablesOf(state, model.family))
      await keepPhrases(m, job.shopId, id, state)
    }),
  )
}

/** The tables of what is read, each with what else says that it was not read as far as it goes now. */
const readFrom = { model: 'FALSE', unit: 'FALSE', job: 's.seq <> t.seq' } as const
/** What was made one with another is found as that one. */
const isThere = { model: 't.made_one_with IS NULL', unit: 't.made_one_with IS NULL', job: 'TRUE' } as const
type From = keyof typeof readFrom

/** What was not read yet, or not as far as it goes now: at most so many. */
const behind = async (db: DataSource, table: From, most: number): Promise<string[]> =>
  (
    (await db.query(
      `SELECT t.id FROM ${table} t LEFT JOIN search_source s ON s.source_id = t.id
       WHERE ${isThere[table]} AND (s.source_id IS NULL OR s.edition <> ? OR ${readFrom[table]}) LIMIT ?`,
      [edition, most],
    )) as { id: string }[]
  ).map(r => r.id)

/** True when something was not read yet. */
export async function isBehind(db: DataSource): Promise<boolean> {
  for (const table of Object.keys(readFrom) as From[]) if ((await behind(db, table, 1)).length) return true
  return false
}

/** So many are read in one go, so that others have their turn in between. */
const together = 20

const readOne = async (db: DataSource, states: States, table: From, id: string): Promise<void> => {
  if (table === 'job') return readJob(db, states, id)
  if (table === 'unit') return readMachine(db, await db.getRepository(Unit).findOneByOrFail({ id }))
  return readModel(db, await modelOf(db.manager, id))
}

/** Reads what was not read yet, a part of it; returns whether there is more. What cannot be read is left until it changes. */
export async function readBehind(db: DataSource, states: States): Promise<boolean> {
  for (const table of Object.keys(readFrom) as From[]) {
    const some = await behind(db, table, together)
    for (const id of some)
      await readOne(db, states, table, id).catch(() =>
        db.query(
          `INSERT INTO search_source (source_id, shop_id, model_id, seq, edition)
           SELECT t.id, t.shop_id, ${{ model: 't.id', unit: 't.model_id', job: '(SELECT u.model_id FROM unit u WHERE u.id = t.unit_id)' }[table]},
             ${table === 'job' ? 't.seq' : '0'}, ? FROM ${table} t WHERE t.id = ?
           ON DUPLICATE KEY UPDATE seq = VALUES(seq), edition = VALUES(edition)`,
          [edition, id],
        ),
      )
    if (some.length) return true
  }
  return false
}
