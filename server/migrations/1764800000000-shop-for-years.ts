import { asRead } from '@dialytica/core/intake'
import { itemKinds } from '@dialytica/core/items'
import type { MigrationInterface, QueryRunner } from 'typeorm'

const said = `CREATE TABLE IF NOT EXISTS said (
  shop_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES shop (id),
  kind VARCHAR(40) CHARACTER SET ascii NOT NULL,
  received_at DATETIME(3) NOT NULL,
  job_id CHAR(36) CHARACTER SET ascii NOT NULL,
  seq INT UNSIGNED NOT NULL,
  id CHAR(36) CHARACTER SET ascii NOT NULL,
  model_id CHAR(36) CHARACTER SET ascii NOT NULL,
  PRIMARY KEY (shop_id, kind, received_at, job_id, seq),
  INDEX (model_id, kind, received_at),
  INDEX (job_id, id))`
const tables = [
  // What is asked of a whole shop or model, by its kind: where in which log it stands. What was taken back is not here.
  said,
  // The words of a shop's steps, with how often each stands there.
  `CREATE TABLE IF NOT EXISTS phrase (
    shop_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES shop (id),
    text VARCHAR(60) COLLATE utf8mb4_bin NOT NULL,
    times INT UNSIGNED NOT NULL,
    PRIMARY KEY (shop_id, text),
    INDEX (shop_id, times))`,
  // What each job gave to them: taken away again when it says otherwise.
  `CREATE TABLE IF NOT EXISTS phrases_of_job (
    job_id CHAR(36) CHARACTER SET ascii PRIMARY KEY,
    phrases LONGTEXT NOT NULL)`,
]
/** Those of then: a migration does what it did when it was written. */
const kinds = [
  'word-taught',
  'shop-set',
  'ritual-kept',
  'code-kept',
  'cause-told',
  'part-adapted',
  'tool-made',
  'part-offered',
  'part-compared',
]

/** The pieces that a summary owes, all kinds together. */
const owed = itemKinds.map(k => `COALESCE(JSON_VALUE(summary, '$.owed.${k}'), 0)`).join(' + ')

/** What is asked of a whole shop has tables of its own, so that nobody has to read its logs for it. The words of its steps are read in afterwards, as the search is. */
export class ShopForYears1764800000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const sql of tables) await runner.query(`${sql} ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`)
    await runner.query(
      `INSERT IGNORE INTO said
       SELECT j.shop_id, e.kind, e.received_at, e.job_id, e.seq, e.id, u.model_id
       FROM event e JOIN job j ON j.id = e.job_id JOIN unit u ON u.id = j.unit_id WHERE e.kind IN (?)`,
      [kinds],
    )
    await runner.query(
      `DELETE s FROM event w JOIN said s ON s.job_id = w.job_id AND s.id = JSON_VALUE(w.body, '$.entry')
       WHERE w.kind = 'entry-withdrawn'`,
    )
    await runner.query(
      `ALTER TABLE job ADD COLUMN IF NOT EXISTS waits BOOLEAN NOT NULL DEFAULT FALSE, ADD COLUMN IF NOT EXISTS due DATETIME(3) NULL,
         ADD COLUMN IF NOT EXISTS pieces INT UNSIGNED NOT NULL DEFAULT 0`,
    )
    await runner.query(
      `UPDATE job SET waits = JSON_VALUE(summary, '$.waitsFor') IS NOT NULL,
         due = STR_TO_DATE(LEFT(JSON_VALUE(summary, '$.due'), 23), '%Y-%m-%dT%H:%i:%s.%f'), pieces = ${owed}`,
    )
    await runner.query(
      `ALTER TABLE job ADD INDEX IF NOT EXISTS floor (shop_id, closed_at, waits, due, pieces, changed_at),
         ADD INDEX IF NOT EXISTS changed (shop_id, changed_at), ADD INDEX IF NOT EXISTS of_unit (unit_id, closed_at, changed_at)`,
    )
    await runner.query(
      `ALTER TABLE unit ADD COLUMN IF NOT EXISTS as_read VARCHAR(120) NOT NULL DEFAULT '' AFTER serial`,
    )
    const units = (await runner.query('SELECT id, serial FROM unit')) as { id: string; serial: string }[]
    for (const { id, serial } of units)
      await runner.query('UPDATE unit SET as_read = ? WHERE id = ?', [asRead(serial), id])
    await runner.query(
      'ALTER TABLE unit ADD INDEX IF NOT EXISTS as_read (shop_id, as_read), ADD INDEX IF NOT EXISTS newest (shop_id, created_at)',
    )
  }
  async down(runner: QueryRunner): Promise<void> {
    // The keys to other tables need an index; these took the place of theirs.
    await runner.query('ALTER TABLE unit DROP INDEX newest, DROP INDEX as_read, DROP COLUMN as_read')
    await runner.query('ALTER TABLE job ADD INDEX unit_id (unit_id), DROP INDEX of_unit, DROP INDEX changed')
    await runner.query('ALTER TABLE job DROP INDEX floor, DROP COLUMN waits, DROP COLUMN due, DROP COLUMN pieces')
    for (const table of ['phrases_of_job', 'phrase', 'said']) await runner.query(`DROP TABLE ${table}`)
  }
}
