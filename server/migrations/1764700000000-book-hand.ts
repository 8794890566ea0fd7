import type { MigrationInterface, QueryRunner } from 'typeorm'

/** What leads say of the book of a model: renamed, merged, pinned, standard, trap, withdrawn, and what is taken back. Nothing is ever changed in it. */
export class BookHand1764700000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE IF NOT EXISTS book_hand (
      id CHAR(36) CHARACTER SET ascii PRIMARY KEY,
      model_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES model (id),
      user_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES user (id),
      at DATETIME(3) NOT NULL,
      body LONGTEXT NOT NULL,
      INDEX (model_id, at)) ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`)
  }
  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE book_hand')
  }
}
