import { spawn, type ChildProcess } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtemp, rm } from 'node:fs/promises'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { createConnection } from 'mysql2/promise'

const root = fileURLToPath(new URL('../..', import.meta.url))

const freePort = () =>
  new Promise<number>(done => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as { port: number }
      probe.close(() => done(port))
    })
  })

/** What the account command does: the first account of a shop. */
export const shopPassword = 'ten letters or more'
async function firstAccount(url: string): Promise<void> {
  const words = ['--shop', 'Quay Street Washers', '--login', 'lead', '--name', 'Ada Quill', '--role', 'lead']
  const made = spawn(process.execPath, ['--import', 'tsx', join(root, 'server', 'account.ts'), ...words], {
    cwd: root,
    stdio: 'inherit',
    env: { ...process.env, DATABASE_URL: url, DIALYTICA_PASSWORD: shopPassword },
  })
  await new Promise<void>((done, fail) =>
    made.once('exit', code => (code === 0 ? done() : fail(new Error(`no account was made: ${code}`)))),
  )
}

/** A server as a technician's browser meets it: on its own port and database, with the demo, to be stopped and started. */
export interface TestServer {
  url: string
  /** Where its database is. */
  database: string
  start(): Promise<void>
  /** Kills it as a power cut would. */
  kill(): Promise<void>
  end(): Promise<void>
}

/** A server with the demo; without it one of a shop with nothing in it but its first account, `lead`. */
export async function testServer({ demo = true } = {}): Promise<TestServer> {
  const base = process.env.DATABASE_URL
  if (!base) throw new Error('DATABASE_URL is not set: run the browser tests by npm test')
  const name = `e_${randomUUID().replaceAll('-', '').slice(0, 16)}`
  const admin = await createConnection(base)
  await admin.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`)
  const data = await mkdtemp(join(tmpdir(), 'dialytica-e2e-'))
  const port = await freePort()
  const url = base.replace(/\/\w+$/, `/${name}`)
  let child: ChildProcess | null = null

  const ended = (c: ChildProcess) =>
    new Promise<void>(done => (c.exitCode !== null || c.signalCode ? done() : c.once('exit', () => done())))
  /** True when every machine of the demo is in. */
  const isLoaded = async () => {
    const { demo, loading } = (await (await fetch(`http://127.0.0.1:${port}/api/health`)).json()) as {
      demo: boolean
      loading?: { machines: number; of: number }
    }
    return !demo || !loading || loading.machines >= loading.of
  }
  async function start(): Promise<void> {
    const starting = spawn(process.execPath, ['--import', 'tsx', join(root, 'server', 'main.ts')], {
      cwd: root,
      stdio: ['ignore', 'pipe', 'pipe'],
      env: {
        ...process.env,
        PORT: String(port),
        DATABASE_URL: url,
        DIALYTICA_DATA: data,
        DIALYTICA_DEMO: demo ? '1' : '0',
        DIALYTICA_PRACTICE: demo ? '1' : '0',
      },
    })
    child = starting
    await new Promise<void>((done, fail) => {
      let said = ''
      const hear = (chunk: Buffer) => {
        said += String(chunk)
        if (said.includes('serves on')) done()
      }
      starting.stdout!.on('data', hear)
      starting.stderr!.on('data', hear)
      starting.once('exit', code => fail(new Error(`the server ended with ${code}: ${said}`)))
    })
    while (!(await isLoaded())) await new Promise(done => setTimeout(done, 100))
  }
  async function kill(): Promise<void> {
    if (!child) return
    const dying = child
    child = null
    dying.kill('SIGKILL')
    await ended(dying)
  }
  await start()
  if (!demo) await firstAccount(url)
  return {
    url: `http://127.0.0.1:${port}`,
    database: url,
    start,
    kill,
    async end() {
      await kill()
      await admin.query(`DROP DATABASE ${name}`)
      await admin.end()
      await rm(data, { recursive: true, force: true })
    },
  }
}
