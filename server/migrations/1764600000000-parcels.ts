import type { MigrationInterface, QueryRunner } from 'typeorm'

/** What came in from outside: what is in it, and what taking it in added, so that it can be taken back. */
export class Parcels1764600000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS parcel (
      id CHAR(36) CHARACTER SET ascii PRIMARY KEY,
      shop_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES shop (id),
      user_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES user (id),
      name VARCHAR(200) NOT NULL,
      preview LONGTEXT NOT NULL,
      added LONGTEXT NULL,
      came_at DATETIME(3) NOT NULL,
      taken_at DATETIME(3) NULL,
      back_at DATETIME(3) NULL,
      INDEX (shop_id, taken_at)) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`)
  }
  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE parcel')
  }
}
