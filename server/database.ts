import { setTimeout } from 'node:timers/promises'
import { DataSource } from 'typeorm'
import { entities } from './entities/index.ts'
import { FirstTables1764000000000 } from './migrations/1764000000000-first-tables.ts'
import { YearOfMake1764100000000 } from './migrations/1764100000000-year-of-make.ts'
import { JoiningDevices1764200000000 } from './migrations/1764200000000-joining-devices.ts'
import { AttemptsThatEnd1764300000000 } from './migrations/1764300000000-attempts-that-end.ts'
import { BookOfAModel1764400000000 } from './migrations/1764400000000-book-of-a-model.ts'
import { Search1764500000000 } from './migrations/1764500000000-search.ts'
import { Parcels1764600000000 } from './migrations/1764600000000-parcels.ts'
import { driverWith } from './shares.ts'
import { BookHand1764700000000 } from './migrations/1764700000000-book-hand.ts'
import { ShopForYears1764800000000 } from './migrations/1764800000000-shop-for-years.ts'
import { PeopleAndDevices1764900000000 } from './migrations/1764900000000-people-and-devices.ts'
import { WhenItWas1765000000000 } from './migrations/1765000000000-when-it-was.ts'
import { ClosedLately1765100000000 } from './migrations/1765100000000-closed-lately.ts'
import { ModelsMadeOne1765200000000 } from './migrations/1765200000000-models-made-one.ts'
import { PhotoOfAJob1765300000000 } from './migrations/1765300000000-photo-of-a-job.ts'

/** What may be held of a database: so many connections, of one shop so many, and a statement for so many seconds, 0 for as long as it takes. */
export interface Shares {
  connections: number
  own: number
  seconds: number
}
/** For what a hand waits for. */
const forHands: Shares = { connections: 24, own: 10, seconds: 20 }
/** For what is done once, beside the hands. */
export const forOnce: Shares = { connections: 2, own: 2, seconds: 0 }

/** Connects. Moments are UTC on the wire. */
export async function open(url: string, { connections, own, seconds }: Shares = forHands): Promise<DataSource> {
  const source = new DataSource({
    type: 'mariadb',
    url: url.replace(/^mysql:/, 'mariadb:'),
    entities,
    migrations: [
      FirstTables1764000000000,
      YearOfMake1764100000000,
      JoiningDevices1764200000000,
      AttemptsThatEnd1764300000000,
      BookOfAModel1764400000000,
      Search1764500000000,
      Parcels1764600000000,
      BookHand1764700000000,
      ShopForYears1764800000000,
      PeopleAndDevices1764900000000,
      WhenItWas1765000000000,
      ClosedLately1765100000000,
      ModelsMadeOne1765200000000,
      PhotoOfAJob1765300000000,
    ],
    timezone: 'Z',
    charset: 'utf8mb4',
    driver: driverWith(own, seconds),
    extra: { connectionLimit: connections, waitForConnections: true },
  })
  return source.initialize()
}

/** A database that is just being started again is waited for, in milliseconds. */
const starting = 20_000

/** Connects; a database that is not there yet is tried again for a while. */
async function reached(url: string, until = Date.now() + starting): Promise<DataSource> {
  try {
    return await open(url, forOnce)
  } catch (error) {
    const { code } = error as { code?: string }
    if (!/^(ECONNREFUSED|ECONNRESET|PROTOCOL_CONNECTION_LOST)$/.test(code ?? '') || Date.now() > until) throw error
    await setTimeout(200)
    return reached(url, until)
  }
}

/** How long a server waits for another that brings the tables up to date, in seconds. */
const patience = 120

/** Brings the tables up to date: of several servers that start at once one does it, the others wait. */
async function upToDate(url: string): Promise<void> {
  const source = await reached(url)
  const runner = source.createQueryRunner()
  // The name holds for the whole database server, so it carries the name of the database.
  const lock = `dialytica tables ${String(source.options.database ?? new URL(url).pathname.slice(1))}`.slice(0, 64)
  try {
    const [{ got }] = (await runner.query('SELECT GET_LOCK(?, ?) AS got', [lock, patience])) as [{ got: unknown }]
    if (Number(got) !== 1)
      throw new Error(
        'Another server has been bringing the tables up to date for too long: look at it, then start again.',
      )
    await source.runMigrations()
  } finally {
    await runner.query('SELECT RELEASE_LOCK(?)', [lock]).catch(() => undefined)
    await runner.release().catch(() => undefined)
    await source.destroy().catch(() => undefined)
  }
}

/** Connects to tables that are up to date. */
export async function connect(url: string): Promise<DataSource> {
  await upToDate(url)
  return open(url)
}
