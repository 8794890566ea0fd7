import { readConfig } from './config.ts'
import { seedDemo } from './seed/demo.ts'
import { serve } from './server.ts'

const config = readConfig(process.env)
try {
  const running = await serve(config, context =>
    config.demo ? seedDemo(context, line => console.log(line)) : Promise.resolve(),
  )
  const stop = async () => {
    await running.stop()
    process.exit(0)
  }
  process.once('SIGINT', stop)
  process.once('SIGTERM', stop)
  // Started by the start command: when that is gone, so is this.
  process.once('disconnect', stop)
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
