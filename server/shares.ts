import { AsyncLocalStorage } from 'node:async_hooks'
import mysql, { type Pool, type PoolConnection, type PoolOptions } from 'mysql2'
import { ProblemError } from './problems.ts'

const working = new AsyncLocalStorage<string>()
/** Does work for a shop: the connections that it takes are of the share of this shop. */
export const forShop = <T>(shop: string, work: () => Promise<T>): Promise<T> => working.run(shop, work)

interface Share {
  held: number
  line: (() => void)[]
}
/** So many pieces of work of one shop may wait for a connection. */
const longest = 500

type Given = Parameters<Pool['getConnection']>[0]

/** A pool of which one shop holds at most `own` connections; what it asks for beyond waits for its own, not for those of others. */
export function inShares(pool: Pool, own: number): Pool {
  const shares = new Map<string, Share>()
  const take = pool.getConnection.bind(pool)
  const leave = (shop: string, share: Share) => {
    share.held -= 1
    const next = share.line.shift()
    if (next) next()
    else if (!share.held) shares.delete(shop)
  }
  const begin = (shop: string, share: Share, given: Given) => {
    share.held += 1
    take((error, connection) => {
      if (error) leave(shop, share)
      given(error, error ? connection : untilLeft(connection, () => leave(shop, share)))
    })
  }
  pool.getConnection = given => {
    const shop = working.getStore()
    if (shop === undefined) return take(given)
    const share = shares.get(shop) ?? { held: 0, line: [] }
    shares.set(shop, share)
    if (share.held < own) begin(shop, share, given)
    else if (share.line.length < longest) share.line.push(() => begin(shop, share, given))
    else
      given(
        new ProblemError('busy', 'Much is being done already: it is tried again by itself in a moment.') as never,
        undefined as never,
      )
  }
  return pool
}

/** A connection that says once when it is given back, or is gone. */
function untilLeft(connection: PoolConnection, left: () => void): PoolConnection {
  const { release, destroy } = connection
  const once = (how: () => void) => () => {
    connection.release = release
    connection.destroy = destroy
    how.call(connection)
    left()
  }
  connection.release = once(release)
  connection.destroy = once(destroy)
  return connection
}

/** The driver of the database with a pool in shares; a statement that takes longer than so many seconds is ended, 0 for none. */
export const driverWith = (own: number, seconds: number): typeof mysql => ({
  ...mysql,
  createPool(options: PoolOptions | string) {
    const pool = mysql.createPool(options as PoolOptions)
    pool.on('connection', connection => connection.query(`SET SESSION max_statement_time = ${seconds}`))
    return inShares(pool, own)
  },
})
