import { parseArgs } from 'node:util'
import type { DataSource } from 'typeorm'
import { connect } from './database.ts'
import { User } from './entities/index.ts'
import { createAccount, shopNamed } from './people/accounts.ts'
import { loginOf } from './people/logins.ts'
import { newCodeFor } from './people/team.ts'
import { limits } from '@dialytica/core/schema'
import { roles, type Role } from '@dialytica/core/wire'

const usage = `npm run account -- --shop NAME --login LOGIN --name "FULL NAME" --role ${roles.join('|')} [--time-zone Europe/London]
The password is read from standard input or from DIALYTICA_PASSWORD; it needs at least ${limits.passwordLeast} characters.
npm run account -- --login LOGIN --new-code
prints a code with which LOGIN chooses another password; the one of now ends, on every device.`

async function fromInput(): Promise<string> {
  if (process.env.DIALYTICA_PASSWORD) return process.env.DIALYTICA_PASSWORD
  if (process.stdin.isTTY) process.stderr.write('Password: ')
  for await (const chunk of process.stdin) return String(chunk).split('\n')[0]!
  return ''
}

/** Does a piece of work on the database and ends the process: with what is wrong, where it did not go. */
async function inDatabase(work: (db: DataSource) => Promise<string>): Promise<never> {
  const db = await connect(process.env.DATABASE_URL!)
  const [status, words] = await work(db)
    .then(said => [0, said] as const)
    .catch((error: Error) => [1, error.message] as const)
  await db.destroy()
  if (status) console.error(words)
  else console.log(words)
  process.exit(status)
}

/** A new code for an account, where its lead is the one who forgot the password. */
async function codeAgain(db: DataSource, login: string): Promise<string> {
  const user = await db.getRepository(User).findOneBy({ login })
  if (!user) throw new Error(`Nobody signs in as ${login}.`)
  const { code, until } = await newCodeFor(db, user.shopId, user.id)
  return `${login} signs in with the code ${code} and chooses a password. It is good once, until ${until}.`
}

const { values } = parseArgs({
  options: {
    shop: { type: 'string' },
    login: { type: 'string' },
    name: { type: 'string' },
    role: { type: 'string', default: 'lead' },
    'new-code': { type: 'boolean', default: false },
    'time-zone': { type: 'string', default: 'UTC' },
  },
})
const { shop, login, name = login, role } = values
if (login && values['new-code']) await inDatabase(db => codeAgain(db, loginOf(login)))
if (!shop || !login || !name || !roles.includes(role as Role)) {
  console.error(usage)
  process.exit(2)
}
const password = await fromInput()
if (password.length < limits.passwordLeast) {
  console.error(`The password needs at least ${limits.passwordLeast} characters.`)
  process.exit(2)
}
await inDatabase(async db => {
  const { id } = await shopNamed(db, shop, values['time-zone'])
  await createAccount(db, { shopId: id, login: loginOf(login), name, role: role as Role, password }).catch(
    (error: { errno?: number }) => {
      if (error.errno !== 1062) throw error
      throw new Error(`The login ${login} is taken: choose another.`)
    },
  )
  return `${login} can now sign in to ${shop} as ${role}.`
})
