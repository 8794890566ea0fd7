import { firstCode, isFresh } from './people/first-account.ts'
import { readConfig } from './config.ts'
import { seedDemo } from './seed/demo.ts'
import { serve } from './server.ts'

const config = readConfig(process.env)
/** How long a server that ends waits for what it is doing, in milliseconds. */
const patience = 8000
const stopping = new AbortController()
const say = (line: string) => console.log(line)
let machines = Promise.resolve()
/** The code of the first account, while nobody has one. */
let first: string | undefined
try {
  const running = await serve(config, async context => {
    if (!config.demo) {
      if (await isFresh(context.db)) first = await firstCode(context.db)
      return
    }
    const demo = await seedDemo(context, say, { signal: stopping.signal })
    machines = demo.machines.catch((error: Error) => say(`The demo is not complete: ${error.message}. Start again.`))
  })
  const stop = async () => {
    // Whatever hangs on a dead connection is not waited for: everything that was answered is in the database.
    setTimeout(() => process.exit(0), patience).unref()
    stopping.abort()
    try {
      await machines
      await running.stop()
    } finally {
      process.exit(0)
    }
  }
  const end = () => void stop()
  process.once('SIGINT', end)
  process.once('SIGTERM', end)
  // Started by the start command: when that is gone, so is this.
  process.once('disconnect', end)
  process.send?.('serves')
  if (first)
    console.log(
      `Nobody has an account yet. Open http://${config.host}:${running.port}/first and give the code ${first}`,
    )
  console.log(`Dialytica ${running.context.version} serves on http://${config.host}:${running.port}`)
} catch (error) {
  const { code, message } = error as { code?: string; message: string }
  console.error(
    code === 'EADDRINUSE'
      ? `Port ${config.port} is taken by another program: free it, or set PORT to another.`
      : message,
  )
  process.exit(1)
}
