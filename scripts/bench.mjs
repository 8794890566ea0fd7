import { join } from 'node:path'
import { needMariaDb, needModules, needNode, needPages } from './machine.mjs'
import { startMariaDb } from './mariadb.mjs'
import { data, root } from './paths.mjs'
import { openly } from './run.mjs'

/** Runs the bench on a database of its own; `--json` for one object a line, `--only NAME` for one line. */
needNode()
await needMariaDb()
await needModules()
await needPages()
const database = await startMariaDb(join(data, 'bench-mariadb'))
const status = await openly(
  process.execPath,
  ['--import', 'tsx', join(root, 'bench', 'main.ts'), ...process.argv.slice(2)],
  {
    cwd: root,
    env: { ...process.env, DATABASE_URL: database.url() },
  },
)
await database.stop()
process.exit(status)
