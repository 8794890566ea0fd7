import { IsNull, type EntityManager } from 'typeorm'
import { Model, Unit, type ModelRow, type UnitRow } from '../entities/index.ts'
import { notFound, ProblemError } from '../problems.ts'
import { forget } from '../search/keep.ts'

/** A model of a shop by its id, or the one that it was made one with. Throws not-found. */
export async function modelNow(m: Pick<EntityManager, 'getRepository'>, shopId: string, id: string): Promise<ModelRow> {
  const models = m.getRepository(Model)
  const row = await models.findOneBy({ id, shopId })
  const now = row?.madeOneWith ? await models.findOneBy({ id: row.madeOneWith, shopId }) : row
  if (!now) throw notFound()
  return now
}

/** A unit of a shop by its id, or the one that it was made one with; null where it is none of this shop. */
export async function unitNow(
  m: Pick<EntityManager, 'getRepository'>,
  shopId: string,
  id: string,
): Promise<UnitRow | null> {
  const units = m.getRepository(Unit)
  const row = await units.findOneBy({ id, shopId })
  return row?.madeOneWith ? units.findOneBy({ id: row.madeOneWith, shopId }) : row
}

/** Both models, locked in one order so that two who make the same two one do not wait for each other. */
async function bothLocked(m: EntityManager, shopId: string, ids: readonly [string, string]): Promise<ModelRow[]> {
  const found = new Map<string, ModelRow>()
  for (const id of [...ids].sort()) {
    const row = await m.findOne(Model, {
      where: { id, shopId, madeOneWith: IsNull() },
      lock: { mode: 'pessimistic_write' },
    })
    if (!row) throw notFound()
    found.set(id, row)
  }
  return ids.map(id => found.get(id)!)
}

/** The machines of one model go over to another; one whose serial is there already becomes that one, with its jobs. */
async function moveUnits(m: EntityManager, from: string, into: string): Promise<void> {
  const doubles = (await m.query(
    `SELECT a.id AS was, b.id AS now FROM unit a JOIN unit b ON b.model_id = ? AND b.serial = a.serial AND b.made_one_with IS NULL
     WHERE a.model_id = ? AND a.made_one_with IS NULL`,
    [into, from],
  )) as { was: string; now: string }[]
  for (const { was, now } of doubles) {
    await m.query('UPDATE job SET unit_id = ? WHERE unit_id = ?', [now, was])
    await m.query('UPDATE unit SET made_one_with = ? WHERE id = ? OR made_one_with = ?', [now, was, was])
  }
  await m.query('UPDATE unit SET model_id = ? WHERE model_id = ? AND made_one_with IS NULL', [into, from])
  await forget(
    m,
    doubles.map(d => d.was),
  )
}

/** What leads said of two models, and of which model another is the sister, is said of the one that is left. */
async function moveHand(m: EntityManager, from: string, into: string): Promise<void> {
  await m.query('UPDATE book_hand SET model_id = ? WHERE model_id = ?', [into, from])
  const sister = `JSON_VALUE(body, '$.kind') = 'sister' AND JSON_VALUE(body, '$.model')`
  await m.query(`UPDATE book_hand SET body = JSON_SET(body, '$.model', ?) WHERE ${sister} = ?`, [into, from])
  // No model is its own sister.
  await m.query(`DELETE FROM book_hand WHERE model_id = ? AND ${sister} = ?`, [into, into])
}

/**
 * Makes one model of two, in one transaction: machines, jobs, what was said of the model, its book and what can be found of it go over to
 * `into`; the name of `from` is kept and means the other from now on. Throws not-found where one of them is none of this shop or is made one
 * already, and `invalid` where they are of two kinds or the same.
 */
export async function makeOne(m: EntityManager, shopId: string, from: string, into: string): Promise<void> {
  if (from === into) throw new ProblemError('invalid', 'These are the same model: choose another.')
  const [was, now] = await bothLocked(m, shopId, [from, into])
  if (was!.family !== now!.family)
    throw new ProblemError('invalid', 'These are two kinds of machine: correct the plate of each job instead.')
  await m.query('UPDATE search_source SET edition = 0 WHERE model_id = ?', [from])
  await moveUnits(m, from, into)
  await m.query('UPDATE said SET model_id = ? WHERE model_id = ?', [into, from])
  await moveHand(m, from, into)
  // The kept book of each is of other jobs now: it is laid anew when somebody asks for it.
  await m.query('DELETE FROM book WHERE model_id = ?', [from])
  await forget(m, [from])
  await m.query('UPDATE model SET made_one_with = ? WHERE id = ? OR made_one_with = ?', [into, from, from])
}
