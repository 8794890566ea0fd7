import type { MigrationInterface, QueryRunner } from 'typeorm'

const tables = [
  `CREATE TABLE IF NOT EXISTS shop (
    id CHAR(36) CHARACTER SET ascii PRIMARY KEY,
    name VARCHAR(120) NOT NULL,
    time_zone VARCHAR(64) NOT NULL,
    created_at DATETIME(3) NOT NULL)`,
  `CREATE TABLE IF NOT EXISTS user (
    id CHAR(36) CHARACTER SET ascii PRIMARY KEY,
    shop_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES shop (id),
    login VARCHAR(120) NOT NULL UNIQUE,
    name VARCHAR(120) NOT NULL,
    role VARCHAR(20) NOT NULL,
    password_hash VARCHAR(255) NOT NULL,
    demo BOOLEAN NOT NULL DEFAULT FALSE,
    created_at DATETIME(3) NOT NULL)`,
  `CREATE TABLE IF NOT EXISTS session (
    token_hash CHAR(64) CHARACTER SET ascii PRIMARY KEY,
    user_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES user (id) ON DELETE CASCADE,
    created_at DATETIME(3) NOT NULL,
    expires_at DATETIME(3) NOT NULL,
    INDEX (expires_at))`,
  `CREATE TABLE IF NOT EXISTS model (
    id CHAR(36) CHARACTER SET ascii PRIMARY KEY,
    shop_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES shop (id),
    maker VARCHAR(120) NOT NULL,
    code VARCHAR(120) NOT NULL,
    family VARCHAR(40) NOT NULL,
    notes VARCHAR(500) NOT NULL,
    created_at DATETIME(3) NOT NULL,
    UNIQUE (shop_id, maker, code))`,
  `CREATE TABLE IF NOT EXISTS unit (
    id CHAR(36) CHARACTER SET ascii PRIMARY KEY,
    shop_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES shop (id),
    model_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES model (id),
    serial VARCHAR(120) NOT NULL,
    stands VARCHAR(500) NOT NULL,
    created_at DATETIME(3) NOT NULL,
    UNIQUE (shop_id, model_id, serial))`,
  `CREATE TABLE IF NOT EXISTS job (
    id CHAR(36) CHARACTER SET ascii PRIMARY KEY,
    shop_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES shop (id),
    unit_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES unit (id),
    seq INT UNSIGNED NOT NULL,
    summary LONGTEXT NOT NULL,
    opened_at DATETIME(3) NOT NULL,
    changed_at DATETIME(3) NOT NULL,
    closed_at DATETIME(3) NULL,
    INDEX (shop_id, closed_at, changed_at))`,
  `CREATE TABLE IF NOT EXISTS event (
    job_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES job (id),
    seq INT UNSIGNED NOT NULL,
    id CHAR(36) CHARACTER SET ascii NOT NULL,
    kind VARCHAR(40) CHARACTER SET ascii NOT NULL,
    at CHAR(24) CHARACTER SET ascii NOT NULL,
    actor CHAR(36) CHARACTER SET ascii NOT NULL,
    device VARCHAR(64) NOT NULL,
    body LONGTEXT NOT NULL,
    received_at DATETIME(3) NOT NULL,
    PRIMARY KEY (job_id, seq),
    UNIQUE (job_id, id))`,
  `CREATE TABLE IF NOT EXISTS snapshot (
    job_id CHAR(36) CHARACTER SET ascii PRIMARY KEY REFERENCES job (id),
    seq INT UNSIGNED NOT NULL,
    state LONGTEXT NOT NULL)`,
  `CREATE TABLE IF NOT EXISTS photo (
    shop_id CHAR(36) CHARACTER SET ascii NOT NULL REFERENCES shop (id),
    hash CHAR(64) CHARACTER SET ascii NOT NULL,
    width INT UNSIGNED NOT NULL,
    height INT UNSIGNED NOT NULL,
    bytes INT UNSIGNED NOT NULL,
    taken_at DATETIME(3) NULL,
    created_at DATETIME(3) NOT NULL,
    PRIMARY KEY (shop_id, hash))`,
  `CREATE TABLE IF NOT EXISTS attempt (
    name VARCHAR(190) PRIMARY KEY,
    hits INT UNSIGNED NOT NULL,
    resets_at DATETIME(3) NOT NULL)`,
]

/** People, machines, the job log, photos; and the count of sign-in attempts, which every server must see. */
export class FirstTables1764000000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    for (const sql of tables) await runner.query(`${sql} ENGINE=InnoDB DEFAULT CHARSET=utf8mb4`)
  }
  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['attempt', 'photo', 'snapshot', 'event', 'job', 'unit', 'model', 'session', 'user', 'shop'])
      await runner.query(`DROP TABLE ${table}`)
  }
}
