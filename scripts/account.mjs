import { join } from 'node:path'
import { needMariaDb, needModules, needNode } from './machine.mjs'
import { withMariaDb } from './mariadb.mjs'
import { data, root } from './paths.mjs'
import { openly } from './run.mjs'

/** Makes an account; with the application running or not. */
needNode()
await needModules()
const makeAccount = url =>
  openly(process.execPath, ['--import', 'tsx', join(root, 'server', 'account.ts'), ...process.argv.slice(2)], {
    cwd: root,
    env: { ...process.env, DATABASE_URL: url },
  })
if (process.env.DATABASE_URL) process.exit(await makeAccount(process.env.DATABASE_URL))
await needMariaDb()
process.exit(await withMariaDb(join(data, 'mariadb'), makeAccount))
