import type { MigrationInterface, QueryRunner } from 'typeorm'

/** A photo says for which job it was taken: a device that joined that job sees it before a step names it, and those of no other job. */
export class PhotoOfAJob1765300000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE photo ADD COLUMN IF NOT EXISTS job_id CHAR(36) CHARACTER SET ascii NULL')
  }
  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE photo DROP COLUMN IF EXISTS job_id')
  }
}
