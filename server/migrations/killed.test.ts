import { createConnection, type Connection, type RowDataPacket } from 'mysql2/promise'
import { randomUUID } from 'node:crypto'
import type { MigrationInterface, QueryRunner } from 'typeorm'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { connect, open, forOnce } from '../database.ts'

let admin: Connection
const names = [0, 1].map(() => `t_${randomUUID().replaceAll('-', '').slice(0, 16)}`)
const urlOf = (name: string) => process.env.DATABASE_URL!.replace(/\/\w+$/, `/${name}`)
beforeAll(async () => {
  admin = await createConnection(process.env.DATABASE_URL!)
  for (const name of names) await admin.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`)
})
afterAll(async () => {
  for (const name of names) await admin.query(`DROP DATABASE ${name}`)
  await admin.end()
})

/** Columns, keys and what refers to what, as the database tells them. */
async function tablesOf(name: string): Promise<RowDataPacket[]> {
  const ask = async (sql: string) => (await admin.query<RowDataPacket[]>(sql, [name]))[0]
  return [
    ...(await ask(
      `SELECT table_name, column_name, column_type, is_nullable, column_default FROM information_schema.columns
       WHERE table_schema = ? AND table_name <> 'migrations' ORDER BY 1, 2`,
    )),
    ...(await ask(
      `SELECT table_name, index_name, seq_in_index, column_name, non_unique FROM information_schema.statistics
       WHERE table_schema = ? AND table_name <> 'migrations' ORDER BY 1, 2, 3`,
    )),
    ...(await ask(
      `SELECT table_name, constraint_name, referenced_table_name, delete_rule
       FROM information_schema.referential_constraints WHERE constraint_schema = ? ORDER BY 1, 2`,
    )),
  ]
}

/** A runner whose server is killed after so many statements. */
const dyingAfter = (runner: QueryRunner, statements: number): QueryRunner => {
  let left = statements
  return {
    async query(sql: string, values?: unknown[]) {
      if (left-- === 0) throw new Error('killed')
      return (await runner.query(sql, values)) as unknown
    },
  } as unknown as QueryRunner
}

it('an update that is killed after any of its statements goes on at the next start, to the same tables', async () => {
  const [killed, whole] = names as [string, string]
  const source = await open(urlOf(killed), forOnce)
  const runner = source.createQueryRunner()
  let kills = 0
  for (const migration of source.migrations as MigrationInterface[])
    for (let statements = 0; ; statements++) {
      const problem = await migration.up(dyingAfter(runner, statements)).then(
        () => null,
        error => error as Error,
      )
      if (!problem) break
      expect(problem.message).toBe('killed')
      kills += 1
    }
  // The last kill: everything is done, and nothing of it was noted yet.
  for (const migration of source.migrations as MigrationInterface[]) await migration.up(runner)
  await runner.release()
  await source.destroy()
  expect(kills).toBeGreaterThan(30)
  await (await connect(urlOf(whole))).destroy()
  expect(await tablesOf(killed)).toEqual(await tablesOf(whole))
  await (await connect(urlOf(killed))).destroy()
})
