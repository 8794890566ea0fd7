import { existsSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { running } from './mariadb.mjs'
import { data } from './paths.mjs'
import { fail } from './say.mjs'

/** Takes away the private database and its photos, so that the next start loads the demo anew. Asks for --yes. */
const folder = join(data, 'mariadb')
if (process.env.DATABASE_URL) fail('DATABASE_URL is set: a database that is not our own is never reset.')
if (running(folder)) fail('The database runs: stop the application first.')
if (!process.argv.includes('--yes') && existsSync(folder))
  fail(`This takes away everything in ${data}. If you mean it: npm run demo:reset -- --yes`)
for (const name of ['mariadb', 'photos']) rmSync(join(data, name), { recursive: true, force: true })
console.log('Taken away. npm start loads the demo anew.')
