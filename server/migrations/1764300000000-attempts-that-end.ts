import type { MigrationInterface, QueryRunner } from 'typeorm'

/** Counts of tries are swept when they are over, found by their end. */
export class AttemptsThatEnd1764300000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE attempt ADD INDEX IF NOT EXISTS resets_at (resets_at)')
  }
  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE attempt DROP INDEX resets_at')
  }
}
