import { fork } from 'node:child_process'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { needFont, needMariaDb, needModules, needNode, needPages } from './machine.mjs'
import { startMariaDb } from './mariadb.mjs'
import { data, root } from './paths.mjs'
import { fail, step } from './say.mjs'

const port = Number(process.env.PORT ?? 7340)
const host = process.env.HOST ?? '127.0.0.1'
const address = `http://${host === '0.0.0.0' ? '127.0.0.1' : host}:${port}`

const isFree = () =>
  new Promise(done => {
    const probe = createServer()
    probe.once('error', () => done(false))
    probe.listen(port, host, () => probe.close(() => done(true)))
  })

/** What answers at the address, or null when nothing does that speaks our language within two seconds. */
const health = () =>
  Promise.race([
    fetch(`${address}/api/health`)
      .then(r => r.json())
      .catch(() => null),
    new Promise(done => setTimeout(done, 2000, null)),
  ])

needNode()
if (!(await isFree())) {
  if ((await health())?.name === 'dialytica') {
    console.log(`Dialytica already runs on ${address}. Stop it there with Ctrl-C, or set PORT to start another.`)
    process.exit(0)
  }
  fail(`Port ${port} is taken by another program. Free it, or set PORT to another: PORT=7350 npm start`)
}
await needModules()
await needPages()
let database = null
if (!process.env.DATABASE_URL) {
  await needMariaDb()
  await needFont()
  database = await step('Starting the database', () => startMariaDb(join(data, 'mariadb'))).catch(e => fail(e.message))
}

const server = fork(join(root, 'server', 'main.ts'), [], {
  cwd: root,
  execArgv: ['--import', 'tsx'],
  detached: true,
  env: {
    DIALYTICA_DEMO: process.env.DATABASE_URL ? '0' : '1',
    ...process.env,
    PORT: String(port),
    HOST: host,
    DIALYTICA_DATA: data,
    DATABASE_URL: process.env.DATABASE_URL ?? database.url(),
  },
})

let stopping = false
async function stop(status) {
  if (stopping) return
  stopping = true
  if (server.exitCode === null && server.signalCode === null) {
    const ended = new Promise(done => server.once('exit', done))
    server.kill('SIGTERM')
    await ended
  }
  await database?.stop()
  process.exit(status)
}
process.on('SIGINT', () => {
  console.log('\nStopping.')
  stop(0)
})
process.on('SIGTERM', () => stop(0))
server.on('exit', (code, signal) => {
  if (!stopping) console.error(`The server ended (${signal ?? code}). Everything recorded is kept; start again.`)
  stop(1)
})
