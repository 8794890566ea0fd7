import { join } from 'node:path'
import { needMariaDb, needModules, needNode } from './machine.mjs'
import { running, startMariaDb } from './mariadb.mjs'
import { data, root } from './paths.mjs'
import { openly } from './run.mjs'

/** Makes an account; with the application running or not. */
needNode()
await needModules()
let database = null
let url = process.env.DATABASE_URL
if (!url) {
  await needMariaDb()
  const folder = join(data, 'mariadb')
  const wasRunning = running(folder)
  database = await startMariaDb(folder)
  url = database.url()
  if (wasRunning) database.stop = async () => {}
}
const status = await openly(
  process.execPath,
  ['--import', 'tsx', join(root, 'server', 'account.ts'), ...process.argv.slice(2)],
  {
    cwd: root,
    env: { ...process.env, DATABASE_URL: url },
  },
)
await database?.stop()
process.exit(status)
