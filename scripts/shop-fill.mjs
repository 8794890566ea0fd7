import { join } from 'node:path'
import { needMariaDb, needModules, needNode } from './machine.mjs'
import { withMariaDb } from './mariadb.mjs'
import { data, root } from './paths.mjs'
import { openly } from './run.mjs'

/** Fills a shop with made-up machines and jobs; with the application running or not. */
needNode()
await needModules()
const fill = url =>
  openly(process.execPath, ['--import', 'tsx', join(root, 'server', 'fill.ts'), ...process.argv.slice(2)], {
    cwd: root,
    env: { ...process.env, DATABASE_URL: url, DIALYTICA_DATA: data },
  })
if (process.env.DATABASE_URL) process.exit(await fill(process.env.DATABASE_URL))
await needMariaDb()
process.exit(await withMariaDb(join(data, 'mariadb'), fill))
