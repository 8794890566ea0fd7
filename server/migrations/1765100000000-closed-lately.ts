import type { MigrationInterface, QueryRunner } from 'typeorm'

/** What was closed lately is read off the end of one index: by the index of before, every closed job of the shop was read and sorted for the last six. */
export class ClosedLately1765100000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'ALTER TABLE job ADD INDEX IF NOT EXISTS closed (shop_id, closed_at, id), DROP INDEX IF EXISTS shop_id',
    )
  }
  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE job ADD INDEX shop_id (shop_id, closed_at, changed_at), DROP INDEX closed')
  }
}
