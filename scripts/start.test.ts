import { spawn, type ChildProcess } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { createHash } from 'node:crypto'
import { cp, mkdtemp, readdir, readFile, rm, stat, truncate, writeFile } from 'node:fs/promises'
import { createServer, type AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import sharp from 'sharp'
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
/** The server that a start command has started: its child that runs the server's file; 0 while there is none. */
const serverPid = async (parent: number) => {
  const children = (await readFile(`/proc/${parent}/task/${parent}/children`, 'utf8').catch(() => '')).trim().split(' ')
  for (const pid of children.filter(Boolean))
    if (/server\/main\.ts/.test(await readFile(`/proc/${pid}/cmdline`, 'utf8').catch(() => ''))) return Number(pid)
  return 0
}
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

    // The server is started again by itself.
    const server = await serverPid(first.child.pid!)
    process.kill(server, 'SIGKILL')
    await expect.poll(() => serverPid(first.child.pid!), { timeout: 60_000 }).not.toBe(server)
    await isUp()

    first.child.kill('SIGKILL')
    await first.ended
    await expect.poll(health, { timeout: 60_000 }).toBe('away')
    const left = await databasePid()
    expect(isAlive(left)).toBe(true)
    const second = start()
    await isUp()
    expect(await databasePid()).toBe(left)

    // The database that was taken over is looked after like one of its own.
    process.kill(left, 'SIGKILL')
    await expect.poll(databasePid, { timeout: 60_000 }).not.toBe(left)
    await isUp()
    const taken = await databasePid()
    second.child.kill('SIGINT')
    expect(await second.ended).toBe(0)
    expect(isAlive(taken)).toBe(false)
  })

  it('says within its first words what it does', async () => {
    const first = start()
    await expect.poll(first.said, { timeout: 60_000 }).toMatch(/Starting the database/)
    await isUp()
    first.child.kill('SIGINT')
    expect(await first.ended).toBe(0)
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
  it('makes the first account, with which one can sign in, and a code where its password was forgotten; a second one of that login is refused', async () => {
    const account = (...args: string[]) => run('account.mjs', args, { DIALYTICA_PASSWORD: 'a long password' })
    const who = ['--shop', 'Quay Street', '--login', 'Ada', '--name', 'Ada Quill', '--role', 'lead']
    expect(await account('--login', 'ada')).toMatchObject({ status: 2, said: expect.stringContaining('--shop NAME') })
    expect(await account(...who)).toMatchObject({ status: 0, said: expect.stringContaining('can now sign in') })
    expect(await account(...who)).toMatchObject({ status: 1, said: expect.stringContaining('is taken') })
    expect(await account('--login', 'nobody', '--new-code')).toMatchObject({ status: 1 })
    const started = start()
    await isUp()
    const post = async (path: string, body: object) => {
      const headers = { 'content-type': 'application/json' }
      return fetch(`http://127.0.0.1:${port}/api/${path}`, { method: 'POST', headers, body: JSON.stringify(body) })
    }
    const enter = () => post('session', { login: 'ada', password: 'a long password' })
    expect(await (await enter()).json()).toMatchObject({ name: 'Ada Quill', role: 'lead', shop: 'Quay Street' })
    // Forgotten: a code takes the place of the password, while the application runs.
    const { said } = await account('--login', 'Ada', '--new-code')
    const code = /[0-9A-Z]{5}-[0-9A-Z]{5}/.exec(said)![0]
    expect((await enter()).status).toBe(401)
    expect((await post('welcome', { login: 'ada', code, password: 'one that is remembered' })).status).toBe(200)
    started.child.kill('SIGINT')
    await started.ended
  })
})

describe('backup and restore', () => {
  const address = (path: string) => `http://127.0.0.1:${port}/api${path}`
  /** Signs in and returns the cookie. */
  const signIn = async () => {
    const reply = await fetch(address('/session'), {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ login: 'ada', password: 'a long password' }),
    })
    return {
      cookie: reply.headers.get('set-cookie')!.split(';')[0]!,
      shop: ((await reply.json()) as { shopId: string }).shopId,
    }
  }
  const upload = async (cookie: string, width: number) => {
    const bytes = await sharp({ create: { width, height: 30, channels: 3, background: '#567' } })
      .jpeg()
      .toBuffer()
    const hash = createHash('sha256').update(bytes).digest('hex')
    const reply = await fetch(address(`/photos/${hash}`), {
      method: 'PUT',
      headers: { cookie, 'content-type': 'image/jpeg' },
      body: new Uint8Array(bytes),
    })
    expect(reply.status).toBe(200)
    return hash
  }

  it('keep one moment whole, tell a damaged backup, and change nothing unless all of it can be restored', async () => {
    const who = ['--shop', 'Quay Street', '--login', 'ada', '--name', 'Ada Quill', '--role', 'lead']
    expect((await run('account.mjs', who, { DIALYTICA_PASSWORD: 'a long password' })).status).toBe(0)
    const first = start()
    await isUp()
    const { cookie, shop } = await signIn()
    const then = await upload(cookie, 40)
    const kept = join(data, 'kept')
    expect(await run('backup.mjs', [kept])).toMatchObject({ status: 0, said: expect.stringContaining('1 photos') })
    const after = await upload(cookie, 50)
    expect(await run('backup.mjs', [kept])).toMatchObject({ status: 1, said: expect.stringContaining('not empty') })
    expect(await run('backup.mjs', ['--verify', kept])).toMatchObject({ status: 0 })
    for (const file of ['manifest.json', 'database.sql.gz', `photos/${shop}/${then.slice(0, 2)}/${then}.full.jpg`])
      expect((await stat(join(kept, file))).mode & 0o077).toBe(0)
    expect((await stat(kept)).mode & 0o077).toBe(0)
    expect(await readdir(data)).not.toContainEqual(expect.stringContaining('.part'))
    expect(await run('restore.mjs', [kept, '--yes'])).toMatchObject({
      status: 1,
      said: expect.stringContaining('Stop the application'),
    })
    first.child.kill('SIGINT')
    expect(await first.ended).toBe(0)

    const photo = `photos/${shop}/${then.slice(0, 2)}/${then}.stage.jpg`
    const edit = async (folder: string, change: (manifest: { files: { file: string; sha256: string }[] }) => void) => {
      const manifest = JSON.parse(await readFile(join(folder, 'manifest.json'), 'utf8')) as {
        files: { file: string; sha256: string }[]
      }
      change(manifest)
      await writeFile(join(folder, 'manifest.json'), JSON.stringify(manifest))
    }
    const cut = async (file: string, bytes: number) => truncate(file, (await stat(file)).size - bytes)
    const damages: [string, (folder: string) => Promise<unknown>][] = [
      ['the list is gone', f => rm(join(f, 'manifest.json'))],
      ['the list is cut off', f => cut(join(f, 'manifest.json'), 20)],
      ['the list is of another form', f => writeFile(join(f, 'manifest.json'), '{"format":"other"}')],
      ['a line of the list is gone', f => edit(f, m => void m.files.pop())],
      ['the database is gone', f => rm(join(f, 'database.sql.gz'))],
      ['the database is cut off', f => cut(join(f, 'database.sql.gz'), 200)],
      ['the database is empty', f => writeFile(join(f, 'database.sql.gz'), '')],
      ['a photo is gone', f => rm(join(f, photo))],
      [
        'a photo has another byte',
        async f => writeFile(join(f, photo), Buffer.from(await readFile(join(f, photo))).fill(7, 100, 101)),
      ],
      ['a file lies outside', f => edit(f, m => void (m.files[1]!.file = '../../etc/passwd'))],
    ]
    const places = async () =>
      (await readdir(data, { recursive: true })).filter(f => /^(mariadb\/tables\/dialytica|photos)/.test(f)).sort()
    const before = await places()
    for (const [what, damage] of damages) {
      const folder = join(data, 'damaged')
      await cp(kept, folder, { recursive: true })
      await damage(folder)
      expect(await run('backup.mjs', ['--verify', folder]), what).toMatchObject({ status: 1 })
      expect(await run('restore.mjs', [folder, '--yes']), what).toMatchObject({ status: 1 })
      expect(await places(), what).toEqual(before)
      await rm(folder, { recursive: true })
    }

    expect(await run('restore.mjs', [kept])).toMatchObject({ status: 1, said: expect.stringContaining('--yes') })
    expect((await run('restore.mjs', [kept, '--yes'])).status).toBe(0)
    const second = start()
    await isUp()
    const again = await signIn()
    const shown = (hash: string) =>
      fetch(address(`/photos/${hash}/thumb`), { headers: { cookie: again.cookie } }).then(r => r.status)
    expect([await shown(then), await shown(after)]).toEqual([200, 404])
    second.child.kill('SIGINT')
    await second.ended
    expect((await readdir(data)).filter(f => f.startsWith('before-restore'))).toHaveLength(1)
    expect(await run('demo-reset.mjs', [])).toMatchObject({ status: 1, said: expect.stringContaining('--yes') })
  })
})
