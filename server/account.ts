import { parseArgs } from 'node:util'
import { connect } from './database.ts'
import { createAccount, shopNamed } from './people/accounts.ts'
import { loginOf } from './people/logins.ts'
import { limits } from '@dialytica/core/schema'
import { roles, type Role } from '@dialytica/core/wire'

const usage = `npm run account -- --shop NAME --login LOGIN --name "FULL NAME" --role ${roles.join('|')} [--time-zone Europe/London]
The password is read from standard input or from DIALYTICA_PASSWORD; it needs at least ${limits.passwordLeast} characters.`

async function fromInput(): Promise<string> {
  if (process.env.DIALYTICA_PASSWORD) return process.env.DIALYTICA_PASSWORD
  if (process.stdin.isTTY) process.stderr.write('Password: ')
  for await (const chunk of process.stdin) return String(chunk).split('\n')[0]!
  return ''
}

const { values } = parseArgs({
  options: {
    shop: { type: 'string' },
    login: { type: 'string' },
    name: { type: 'string' },
    role: { type: 'string', default: 'lead' },
    'time-zone': { type: 'string', default: 'UTC' },
  },
})
const { shop, login, name = login, role } = values
if (!shop || !login || !name || !roles.includes(role as Role)) {
  console.error(usage)
  process.exit(2)
}
const password = await fromInput()
if (password.length < limits.passwordLeast) {
  console.error(`The password needs at least ${limits.passwordLeast} characters.`)
  process.exit(2)
}
const db = await connect(process.env.DATABASE_URL!)
try {
  const { id } = await shopNamed(db, shop, values['time-zone'])
  await createAccount(db, { shopId: id, login: loginOf(login), name, role: role as Role, password })
  console.log(`${login} can now sign in to ${shop} as ${role}.`)
} catch (error) {
  const taken = (error as { errno?: number }).errno === 1062
  console.error(taken ? `The login ${login} is taken: choose another.` : (error as Error).message)
  process.exitCode = 1
} finally {
  await db.destroy()
}
