import type { MigrationInterface, QueryRunner } from 'typeorm'

/** A model that turned out to be another one, and a machine that was kept twice, say what they are now: what still names them by their old ids finds that. */
export class ModelsMadeOne1765200000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const table of ['model', 'unit'])
      await runner.query(
        `ALTER TABLE ${table} ADD COLUMN IF NOT EXISTS made_one_with CHAR(36) CHARACTER SET ascii NULL,
           ADD INDEX IF NOT EXISTS made_one_with (made_one_with)`,
      )
  }
  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['model', 'unit'])
      await runner.query(`ALTER TABLE ${table} DROP COLUMN IF EXISTS made_one_with`)
  }
}
