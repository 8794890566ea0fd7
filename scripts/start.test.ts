import { spawn, type ChildProcess } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { mkdir, mkdtemp, readFile, rm, writeFile } from 'node:fs/promises'
import { createServer, type AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'

const root = fileURLToPath(new URL('..', import.meta.url))
const listening = () =>
  new Promise<{ port: number; close(): Promise<void> }>(done => {
    const server = createServer(socket => socket.destroy()).listen(0, '127.0.0.1', () => {
      done({ port: (server.address() as AddressInfo).port, close: () => new Promise(end => server.close(() => end())) })
    })
  })
async function freePort(): Promise<number> {
  const { port, close } = await listening()
  await close()
  return port
}

interface Started {
  child: ChildProcess
  said: () => string
  ended: Promise<number | null>
}

let data: string
let port: number
const children: ChildProcess[] = []

/** The start command on a data folder of its own; the demo is left out, it has tests of its own. */
function start(): Started {
  const env = { ...process.env, PORT: String(port), DIALYTICA_DATA: data, DIALYTICA_DEMO: '0' } as Record<
    string,
    string
  >
  delete env.DATABASE_URL
  const child = spawn(process.execPath, [join(root, 'scripts', 'start.mjs')], {
    cwd: root,
    env,
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  children.push(child)
  let said = ''
  child.stdout.on('data', d => (said += String(d)))
  child.stderr.on('data', d => (said += String(d)))
  return { child, said: () => said, ended: new Promise(done => child.once('exit', done)) }
}
const health = async () => {
  const reply = await fetch(`http://127.0.0.1:${port}/api/health`).catch(() => null)
  return reply ? ((await reply.json()) as { database: string }).database : 'away'
}
const isUp = () => expect.poll(health, { timeout: 60_000 }).toBe('up')
const databasePid = async () =>
  (JSON.parse(await readFile(join(data, 'mariadb', 'server.json'), 'utf8')) as { pid: number }).pid
/** True while the process does anything: one that is dead and not yet reaped does not count. */
const isAlive = (pid: number) => {
  try {
    return !/^State:\s+Z/m.test(readFileSync(`/proc/${pid}/status`, 'utf8'))
  } catch {
    return false
  }
}

beforeEach(async () => {
  data = await mkdtemp(join(tmpdir(), 'dialytica-start-'))
  port = await freePort()
})
afterEach(async () => {
  for (const child of children.splice(0))
    if (child.exitCode === null && child.signalCode === null) child.kill('SIGKILL')
  const pid = await databasePid().catch(() => 0)
  if (pid && isAlive(pid)) process.kill(pid, 'SIGKILL')
  await expect.poll(() => !pid || !isAlive(pid)).toBe(true)
  await rm(data, { recursive: true, force: true, maxRetries: 5 })
})

describe('the start command', () => {
  it('survives a kill -9 of its database, of its server, and of itself', async () => {
    const first = start()
    await isUp()
    const before = await databasePid()
    process.kill(before, 'SIGKILL')
    await expect.poll(databasePid, { timeout: 60_000 }).not.toBe(before)
    await isUp()

    first.child.kill('SIGKILL')
    await first.ended
    await expect.poll(health, { timeout: 60_000 }).toBe('away')
    const left = await databasePid()
    expect(isAlive(left)).toBe(true)
    const second = start()
    await isUp()
    expect(await databasePid()).toBe(left)

    second.child.kill('SIGINT')
    expect(await second.ended).toBe(0)
    expect(isAlive(left)).toBe(false)
  })

  it('says so when it already runs, and does nothing', async () => {
    const first = start()
    await isUp()
    const second = start()
    expect(await second.ended).toBe(0)
    expect(second.said()).toContain('already runs')
    first.child.kill('SIGINT')
    expect(await first.ended).toBe(0)
  })

  it('says which port is taken, and what to do', async () => {
    const other = await listening()
    port = other.port
    const started = start()
    expect(await started.ended).toBe(1)
    expect(started.said()).toContain(`Port ${port} is taken`)
    expect(started.said()).toContain('set PORT')
    await other.close()
  })
})

/** Runs one of the commands to its end; resolves to its status and what it said. */
const run = (script: string, args: string[], more: Record<string, string> = {}) =>
  new Promise<{ status: number | null; said: string }>(done => {
    const env = { ...process.env, DIALYTICA_DATA: data, ...more } as Record<string, string>
    delete env.DATABASE_URL
    const child = spawn(process.execPath, [join(root, 'scripts', script), ...args], { cwd: root, env })
    let said = ''
    child.stdout.on('data', d => (said += String(d)))
    child.stderr.on('data', d => (said += String(d)))
    child.once('exit', status => done({ status, said }))
  })

describe('the account command', () => {
  it('makes the first account, with which one can sign in; a second one of that login is refused', async () => {
    const account = (...args: string[]) => run('account.mjs', args, { DIALYTICA_PASSWORD: 'a long password' })
    const who = ['--shop', 'Quay Street', '--login', 'Ada', '--name', 'Ada Quill', '--role', 'lead']
    expect(await account('--login', 'ada')).toMatchObject({ status: 2, said: expect.stringContaining('--shop NAME') })
    expect(await account(...who)).toMatchObject({ status: 0, said: expect.stringContaining('can now sign in') })
    expect(await account(...who)).toMatchObject({ status: 1, said: expect.stringContaining('is taken') })
    const started = start()
    await isUp()
    const reply = await fetch(`http://127.0.0.1:${port}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ login: 'ada', password: 'a long password' }),
    })
    expect(await reply.json()).toMatchObject({ name: 'Ada Quill', role: 'lead', shop: 'Quay Street' })
    started.child.kill('SIGINT')
    await started.ended
  })
})

describe('backup and restore', () => {
  it('bring back what was there, and ask before they replace anything', async () => {
    const person = (login: string) =>
      run('account.mjs', ['--shop', 'Quay Street', '--login', login, '--name', login], {
        DIALYTICA_PASSWORD: 'a long password',
      })
    expect((await person('ada')).status).toBe(0)
    await mkdir(join(data, 'photos', 'shop'), { recursive: true })
    await writeFile(join(data, 'photos', 'shop', 'one.jpg'), 'picture')
    const kept = join(data, 'kept')
    expect(await run('backup.mjs', [kept])).toMatchObject({ status: 0, said: expect.stringContaining(kept) })

    expect(await run('demo-reset.mjs', [])).toMatchObject({ status: 1, said: expect.stringContaining('--yes') })
    expect((await run('demo-reset.mjs', ['--yes'])).status).toBe(0)
    expect(await run('restore.mjs', [kept])).toMatchObject({ status: 1, said: expect.stringContaining('--yes') })
    expect(await run('restore.mjs', [join(data, 'nowhere')])).toMatchObject({
      status: 1,
      said: expect.stringContaining('Name the folder'),
    })
    expect((await run('restore.mjs', [kept, '--yes'])).status).toBe(0)
    expect(await person('ada')).toMatchObject({ status: 1, said: expect.stringContaining('is taken') })
    expect(await readFile(join(data, 'photos', 'shop', 'one.jpg'), 'utf8')).toBe('picture')
  })
})
