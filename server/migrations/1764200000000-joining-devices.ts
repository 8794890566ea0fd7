import type { MigrationInterface, QueryRunner } from 'typeorm'

/** Devices that join one job: sessions for that job only, the key that signs invitations, and steps that several devices hold in hand. */
export class JoiningDevices1764200000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE session ADD COLUMN IF NOT EXISTS job_id CHAR(36) CHARACTER SET ascii NULL')
    await runner.query(`CREATE TABLE IF NOT EXISTS secret (
      name VARCHAR(40) CHARACTER SET ascii PRIMARY KEY,
      value CHAR(64) CHARACTER SET ascii NOT NULL) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`)
    await runner.query(`CREATE TABLE IF NOT EXISTS hand (
      job_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES job (id),
      hand VARCHAR(64) CHARACTER SET ascii NOT NULL,
      version INT UNSIGNED NOT NULL,
      step LONGTEXT NOT NULL,
      changed_at DATETIME(3) NOT NULL,
      PRIMARY KEY (job_id, hand)) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`)
  }
  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE hand')
    await runner.query('DROP TABLE secret')
    await runner.query('ALTER TABLE session DROP COLUMN job_id')
  }
}
