import { parseArgs } from 'node:util'
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

/** Prints a new code for an account, where its lead is the one who forgot the password; returns the status of the process. */
async function codeAgain(login: string): Promise<number> {
  const db = await connect(process.env.DATABASE_URL!)
  try {
    const user = await db.getRepository(User).findOneBy({ login })
    if (!user) {
      console.error(`Nobody signs in as ${login}.`)
      return 1
    }
    const { code, until } = await newCodeFor(db, user.shopId, user.id)
    console.log(`${login} signs in with the code ${code} and chooses a password. It is good once, until ${until}.`)
    return 0
  } catch (error) {
    console.error((error as Error).message)
    return 1
  } finally {
    await db.destroy()
  }
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
if (login && values['new-code']) process.exit(await codeAgain(loginOf(login)))
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
