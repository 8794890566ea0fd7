import { DataSource } from 'typeorm'
import { entities } from './entities/index.ts'
import { FirstTables1764000000000 } from './migrations/1764000000000-first-tables.ts'

/** Connects and brings the tables up to date. Moments are UTC on the wire. */
export async function connect(url: string): Promise<DataSource> {
  const source = new DataSource({
    type: 'mariadb',
    url: url.replace(/^mysql:/, 'mariadb:'),
    entities,
    migrations: [FirstTables1764000000000],
    migrationsRun: true,
    timezone: 'Z',
    charset: 'utf8mb4',
    extra: { connectionLimit: 12, waitForConnections: true },
  })
  return source.initialize()
}
