import { parseArgs } from 'node:util'
import { readConfig } from './config.ts'
import { connect } from './database.ts'
import { User } from './entities/index.ts'
import { fillShop, usualSize, type Size } from './seed/fill.ts'

const usage = `npm run shop:fill -- --login LOGIN [--models ${usualSize.models}] [--units ${usualSize.units}] [--jobs ${usualSize.jobs}] [--steps ${usualSize.steps}] [--open ${usualSize.open}] [--photos] [--seed ${usualSize.seed}]
Fills the shop of an account with made-up machines and jobs, for trying how the application stands at a size. For a shop to try things in, not for yours.`

const text = { type: 'string' } as const
const flag = { type: 'boolean' } as const
const { values } = parseArgs({
  options: {
    login: text,
    ...{ models: text, units: text, jobs: text, steps: text, open: text, seed: text },
    ...{ photos: flag, help: flag },
  },
})
const whole = (name: 'models' | 'units' | 'jobs' | 'steps' | 'open' | 'seed', least: number): number => {
  const value = values[name] === undefined ? usualSize[name] : Number(values[name])
  if (Number.isInteger(value) && value >= least) return value
  console.error(`--${name} takes a whole number, ${least} or more.`)
  process.exit(2)
}
if (!values.login || values.help) {
  console.error(usage)
  process.exit(2)
}
const size: Size = {
  ...usualSize,
  models: whole('models', 1),
  units: whole('units', 1),
  jobs: whole('jobs', 1),
  steps: whole('steps', 4),
  open: whole('open', 0),
  seed: whole('seed', 1),
  photos: values.photos ?? false,
}
const config = readConfig(process.env)
const db = await connect(config.databaseUrl)
try {
  const account = await db.getRepository(User).findOneBy({ login: values.login })
  if (!account) throw new Error(`There is no account ${values.login}: make one with npm run account.`)
  const { shopId: shop, id: actor } = account
  await fillShop({ db, data: config.data, shop, actor }, size, line => console.log(line))
  console.log(
    `${size.jobs} jobs on ${size.units} machines of ${size.models} models are in the shop of ${values.login}.`,
  )
} catch (error) {
  const twice = (error as { errno?: number }).errno === 1062
  console.error(twice ? 'This shop was filled with this seed before: choose another --seed.' : (error as Error).message)
  process.exitCode = 1
} finally {
  await db.destroy()
}
