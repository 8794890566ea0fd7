import type { MigrationInterface, QueryRunner } from 'typeorm'

const tables = [
  // What is searched: a job, a machine or a model, and up to which event it was read.
  `CREATE TABLE IF NOT EXISTS search_source (
    source_id CHAR(36) CHARACTER SET ascii PRIMARY KEY,
    shop_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES shop (id),
    model_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES model (id),
    seq INT UNSIGNED NOT NULL,
    edition INT UNSIGNED NOT NULL)`,
  // What can be found: what all jobs of a model say in the same words is one thing, with the newest of them.
  `CREATE TABLE IF NOT EXISTS search_thing (
    id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
    shop_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES shop (id),
    model_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES model (id),
    hash BINARY(16) NOT NULL,
    kind VARCHAR(20) CHARACTER SET ascii NOT NULL,
    title VARCHAR(500) NOT NULL,
    zone VARCHAR(64) NULL,
    sources INT UNSIGNED NOT NULL,
    source_id CHAR(36) CHARACTER SET ascii NOT NULL,
    step_id CHAR(36) CHARACTER SET ascii NULL,
    photo CHAR(64) CHARACTER SET ascii NULL,
    at DATETIME(3) NOT NULL,
    UNIQUE (model_id, hash))`,
  // In which sources it is said, and where.
  `CREATE TABLE IF NOT EXISTS search_said (
    source_id CHAR(36) CHARACTER SET ascii NOT NULL,
    thing_id INT UNSIGNED NOT NULL,
    step_id CHAR(36) CHARACTER SET ascii NULL,
    photo CHAR(64) CHARACTER SET ascii NULL,
    at DATETIME(3) NOT NULL,
    PRIMARY KEY (source_id, thing_id),
    INDEX (thing_id, at))`,
  // The words of a shop, with how many things have each.
  `CREATE TABLE IF NOT EXISTS search_word (
    id INT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
    shop_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES shop (id),
    word VARCHAR(40) COLLATE utf8mb4_bin NOT NULL,
    times INT UNSIGNED NOT NULL,
    UNIQUE (shop_id, word))`,
  // Under what a word is found when it is typed with slips.
  `CREATE TABLE IF NOT EXISTS search_near (
    shop_id CHAR(36) CHARACTER SET ascii NOT NULL,
    near VARCHAR(10) COLLATE utf8mb4_bin NOT NULL,
    word_id INT UNSIGNED NOT NULL,
    PRIMARY KEY (shop_id, near, word_id))`,
  // Which things have a word, and whether it is in their title; the newest thing has the highest number.
  `CREATE TABLE IF NOT EXISTS search_posting (
    word_id INT UNSIGNED NOT NULL,
    place TINYINT UNSIGNED NOT NULL,
    thing_id INT UNSIGNED NOT NULL,
    PRIMARY KEY (word_id, place, thing_id),
    INDEX (thing_id))`,
]

/** What is found by the one field over models, machines, complaints, steps and notes. */
export class Search1764500000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const sql of tables) await runner.query(`${sql} ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`)
  }
  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['posting', 'near', 'word', 'said', 'thing', 'source'])
      await runner.query(`DROP TABLE search_${table}`)
  }
}
