import type { MigrationInterface, QueryRunner } from 'typeorm'

/** When an event was by the clock of the server, beside what the clock of its device showed. Logs of before keep the one that they have. */
export class WhenItWas1765000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE event ADD COLUMN IF NOT EXISTS happened_at CHAR(24) CHARACTER SET ascii NULL')
  }
  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE event DROP COLUMN happened_at')
  }
}
