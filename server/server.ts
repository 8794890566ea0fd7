import type { Server } from 'node:http'
import { readFileSync } from 'node:fs'
import pino, { type Logger } from 'pino'
import { createApp } from './app.ts'
import type { Config } from './config.ts'
import { connect } from './database.ts'
import { emptyStates } from './joblog/states.ts'
import { watch } from './joblog/watch.ts'
import { live } from './people/live.ts'
import { endDemoSessions } from './people/sessions.ts'
import { sweepParts } from './photos/store.ts'
import type { Context } from './context.ts'
import { reader } from './search/reader.ts'
import { openPool } from './work/pool.ts'
import { turns } from './work/turns.ts'

export const version = (
  JSON.parse(readFileSync(new URL('../package.json', import.meta.url), 'utf8')) as { version: string }
).version

export interface Running {
  context: Context
  server: Server
  port: number
  stop(): Promise<void>
}

/** Connects, migrates, prepares and listens. `prepare` runs before the first request is taken. */
export async function serve(
  config: Config,
  prepare?: (context: Context) => Promise<void>,
  log: Logger = pino({ level: config.logLevel }),
): Promise<Running> {
  const db = await connect(config.databaseUrl)
  const pool = openPool()
  const context: Context = {
    db,
    config,
    states: emptyStates(),
    watch: watch(db),
    live: live(db),
    pool,
    reader: reader(db, pool, config.databaseUrl),
    // So many are read at once, from slow networks too; what waits is not read yet.
    uploads: turns(10, 200, 60),
    version,
  }
  await sweepParts(config.data)
  if (!config.demo) await endDemoSessions(db)
  await prepare?.(context)
  const app = createApp(context, log)
  const server = await new Promise<Server>((done, fail) => {
    const listening = app.listen(config.port, config.host, error => (error ? fail(error) : done(listening)))
  })
  // Longer than a proxy or a browser keeps a connection: a request on one that is being closed would be lost without an answer.
  server.keepAliveTimeout = 75_000
  server.headersTimeout = 80_000
  void context.reader.catchUp()
  const address = server.address()
  return {
    context,
    server,
    port: typeof address === 'object' && address ? address.port : config.port,
    async stop() {
      context.watch.close()
      context.live.close()
      context.reader.close()
      server.closeAllConnections()
      await new Promise(done => server.close(done))
      await context.pool.close()
      await db.destroy()
    },
  }
}
