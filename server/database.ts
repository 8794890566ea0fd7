import { DataSource } from 'typeorm'
import { entities } from './entities/index.ts'
import { FirstTables1764000000000 } from './migrations/1764000000000-first-tables.ts'
import { YearOfMake1764100000000 } from './migrations/1764100000000-year-of-make.ts'
import { JoiningDevices1764200000000 } from './migrations/1764200000000-joining-devices.ts'

/** Connects and brings the tables up to date. Moments are UTC on the wire. */
export async function connect(url: string): Promise<DataSource> {
  const source = new DataSource({
    type: 'mariadb',
    url: url.replace(/^mysql:/, 'mariadb:'),
    entities,
    migrations: [FirstTables1764000000000, YearOfMake1764100000000, JoiningDevices1764200000000],
    migrationsRun: true,
    timezone: 'Z',
    charset: 'utf8mb4',
    extra: { connectionLimit: 12, waitForConnections: true },
  })
  return source.initialize()
}
