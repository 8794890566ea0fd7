import type { MigrationInterface, QueryRunner } from 'typeorm'

/** The year of make of a unit, where it is known. */
export class YearOfMake1764100000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE unit ADD COLUMN IF NOT EXISTS made SMALLINT UNSIGNED NULL')
  }
  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE unit DROP COLUMN made')
  }
}
