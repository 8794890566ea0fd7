import type { MigrationInterface, QueryRunner } from 'typeorm'

/** The book of each model: its recordings laid side by side, what they say together, and of which jobs at which number it is. */
export class BookOfAModel1764400000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS book (
      model_id CHAR(36) CHARACTER SET ascii PRIMARY KEY REFERENCES model (id),
      jobs LONGTEXT NOT NULL,
      laid LONGTEXT NOT NULL,
      book LONGTEXT NOT NULL,
      changed_at DATETIME(3) NOT NULL) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`)
  }
  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE book')
  }
}
