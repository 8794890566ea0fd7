import { fork } from 'node:child_process'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { hasMariaDb, hasModules, hasPages, needMariaDb, needModules, needNode, needPages } from './machine.mjs'
import { startMariaDb } from './mariadb.mjs'
import { data, root } from './paths.mjs'
import { announce, fail, step } from './say.mjs'

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
const own = !process.env.DATABASE_URL
const toDo = [own && !hasMariaDb(), !hasModules(), !hasPages(), own].filter(Boolean).length
if (toDo > 1)
  announce(`Getting ready: ${toDo} things to do, at the first start about two minutes. Nothing is asked of you.`, toDo)
// The database first: where its packages cannot be installed, that is said before anything long begins.
if (own) await needMariaDb()
await needModules()
await needPages()
const database = own
  ? await step('Starting the database', () => startMariaDb(join(data, 'mariadb'))).catch(e => fail(e.message))
  : null

let server
let stopping = false
/** True once a server has served here: from then on it is started again whenever it ends. */
let served = false
/** How long the next start waits, in milliseconds: longer each time that the server ended before it served. */
let pause = 0

function launch() {
  server = fork(join(root, 'server', 'main.ts'), [], {
    cwd: root,
    execArgv: ['--import', 'tsx'],
    detached: true,
    env: {
      DIALYTICA_DEMO: own ? '1' : '0',
      DIALYTICA_PRACTICE: own ? '1' : '0',
      ...process.env,
      PORT: String(port),
      HOST: host,
      DIALYTICA_DATA: data,
      DATABASE_URL: own ? database.url() : process.env.DATABASE_URL,
    },
  })
  server.once('message', () => {
    served = true
    pause = 0
  })
  server.once('exit', (code, signal) => {
    if (stopping) return
    console.error(
      `The server ended (${signal ?? code}). Everything recorded is kept${served ? '; it is started again' : ''}.`,
    )
    // What never served says itself why.
    if (!served) return void stop(1)
    setTimeout(launch, pause)
    pause = Math.min(5000, pause + 500)
  })
}

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
launch()
