import type { MigrationInterface, QueryRunner } from 'typeorm'

const tables = [
  `CREATE TABLE IF NOT EXISTS device (
    shop_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES shop (id) ON DELETE CASCADE,
    id VARCHAR(64) CHARACTER SET ascii NOT NULL,
    name VARCHAR(120) NOT NULL,
    PRIMARY KEY (shop_id, id))`,
  `CREATE TABLE IF NOT EXISTS entry_code (
    user_id CHAR(36) CHARACTER SET ascii PRIMARY KEY REFERENCES user (id) ON DELETE CASCADE,
    code_hash CHAR(64) CHARACTER SET ascii NOT NULL,
    until DATETIME(3) NOT NULL)`,
  `CREATE TABLE IF NOT EXISTS invitation (
    code_hash CHAR(64) CHARACTER SET ascii PRIMARY KEY,
    session_hash CHAR(64) CHARACTER SET ascii NOT NULL REFERENCES session (token_hash) ON DELETE CASCADE,
    job_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES job (id) ON DELETE CASCADE,
    hand VARCHAR(64) CHARACTER SET ascii NOT NULL,
    until DATETIME(3) NOT NULL,
    INDEX (until))`,
]

/**
 * Sessions that can be listed, named and ended; accounts that end; codes with which somebody chooses a password. Invitations stand in a table and
 * are good once. Devices that had joined a job before do not say whose session they came from: they end, and join again.
 */
export class PeopleAndDevices1764900000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query('DELETE FROM session WHERE job_id IS NOT NULL')
    await runner.query(
      `ALTER TABLE session ADD COLUMN IF NOT EXISTS id CHAR(36) CHARACTER SET ascii NOT NULL DEFAULT '',
         ADD COLUMN IF NOT EXISTS device VARCHAR(64) CHARACTER SET ascii NULL, ADD COLUMN IF NOT EXISTS says VARCHAR(120) NOT NULL DEFAULT '',
         ADD COLUMN IF NOT EXISTS seen_at DATETIME(3) NULL, ADD COLUMN IF NOT EXISTS from_hash CHAR(64) CHARACTER SET ascii NULL`,
    )
    const sessions = (await runner.query("SELECT token_hash AS hash FROM session WHERE id = ''")) as { hash: string }[]
    for (const { hash } of sessions)
      await runner.query('UPDATE session SET id = UUID(), seen_at = created_at WHERE token_hash = ?', [hash])
    await runner.query(
      `ALTER TABLE session MODIFY id CHAR(36) CHARACTER SET ascii NOT NULL, MODIFY seen_at DATETIME(3) NOT NULL,
         ADD UNIQUE INDEX IF NOT EXISTS id (id), ADD INDEX IF NOT EXISTS device (device),
         ADD CONSTRAINT from_session FOREIGN KEY IF NOT EXISTS from_session (from_hash) REFERENCES session (token_hash) ON DELETE CASCADE`,
    )
    await runner.query('ALTER TABLE user ADD COLUMN IF NOT EXISTS ended_at DATETIME(3) NULL')
    for (const sql of tables) await runner.query(`${sql} ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`)
    // The key that signed invitations has nothing to sign any more.
    await runner.query("DELETE FROM secret WHERE name = 'invitation'")
  }
  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['invitation', 'entry_code', 'device']) await runner.query(`DROP TABLE ${table}`)
    await runner.query('DELETE FROM session WHERE job_id IS NOT NULL')
    await runner.query(
      `ALTER TABLE session DROP FOREIGN KEY from_session, DROP INDEX id, DROP INDEX device, DROP COLUMN id,
         DROP COLUMN device, DROP COLUMN says, DROP COLUMN seen_at, DROP COLUMN from_hash`,
    )
    await runner.query('ALTER TABLE user DROP COLUMN ended_at')
  }
}
