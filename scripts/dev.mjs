import { spawn } from 'node:child_process'
import { join } from 'node:path'
import { needMariaDb, needModules, needNode } from './machine.mjs'
import { startMariaDb } from './mariadb.mjs'
import { data, root } from './paths.mjs'

/** The server, started anew at each change, and Vite in front of it. */
needNode()
await needMariaDb()
await needModules()
const database = process.env.DATABASE_URL ? null : await startMariaDb(join(data, 'mariadb'))
const port = process.env.PORT ?? '7340'
const env = {
  ...process.env,
  PORT: port,
  API_PORT: port,
  DIALYTICA_DATA: data,
  DIALYTICA_DEMO: process.env.DIALYTICA_DEMO ?? '1',
  DATABASE_URL: process.env.DATABASE_URL ?? database.url(),
}
const children = [
  spawn('npx', ['tsx', 'watch', join(root, 'server', 'main.ts')], { cwd: root, env, stdio: 'inherit' }),
  spawn('npx', ['vite', 'web', '--host', '127.0.0.1'], { cwd: root, env, stdio: 'inherit' }),
]
process.on('SIGINT', async () => {
  children.forEach(c => c.kill('SIGTERM'))
  await database?.stop()
  process.exit(0)
})
