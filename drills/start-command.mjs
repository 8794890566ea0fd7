import { spawn } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { join } from 'node:path'
import { root } from '../scripts/paths.mjs'

export const wait = ms => new Promise(done => setTimeout(done, ms))
export const password = 'ten letters or more'

const freePort = () =>
  new Promise(done => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address()
      probe.close(() => done(port))
    })
  })

/** Runs a script to its end; throws with what it said when it fails. */
export function run(script, args, env) {
  return new Promise((done, fail) => {
    const child = spawn(process.execPath, [join(root, 'scripts', script), ...args], { cwd: root, env })
    let said = ''
    child.stdout.on('data', d => (said += d))
    child.stderr.on('data', d => (said += d))
    child.once('exit', status => (status === 0 ? done(said) : fail(Object.assign(new Error(said), { status }))))
  })
}

/** A shop of its own on a data folder of its own, by the real start command: what of it runs, and how it is killed. */
export async function shop(data, logins = ['one', 'two']) {
  const port = await freePort()
  const env = { ...process.env, DIALYTICA_DATA: data, DIALYTICA_DEMO: '0', PORT: String(port), LOG_LEVEL: 'warn' }
  delete env.DATABASE_URL
  const url = `http://127.0.0.1:${port}`
  const who = login => ['--shop', 'Quay Street', '--login', login, '--name', login, '--role', 'technician']
  for (const login of logins) await run('account.mjs', who(login), { ...env, DIALYTICA_PASSWORD: password })
  let command
  const start = () => {
    command = spawn(process.execPath, [join(root, 'scripts', 'start.mjs')], { cwd: root, env, stdio: 'ignore' })
  }
  const health = () =>
    fetch(`${url}/api/health`, { signal: AbortSignal.timeout(2500) })
      .then(r => r.ok)
      .catch(() => false)
  /** Milliseconds until it answers again. */
  const up = async () => {
    const began = Date.now()
    while (!(await health())) await wait(50)
    return Date.now() - began
  }
  const childOf = (pid, what) => {
    const children = readFileSync(`/proc/${pid}/task/${pid}/children`, 'utf8').trim().split(' ').filter(Boolean)
    return children.map(Number).find(c => {
      try {
        return readFileSync(`/proc/${c}/cmdline`, 'utf8').includes(what)
      } catch {
        return false
      }
    })
  }
  const pids = {
    server: () => childOf(command.pid, 'main.ts'),
    database: () => JSON.parse(readFileSync(join(data, 'mariadb', 'server.json'), 'utf8')).pid,
  }
  return {
    url,
    env,
    start,
    up,
    /** Kills a part as a power cut would. */
    kill(part) {
      try {
        process.kill(pids[part](), 'SIGKILL')
      } catch {
        // It is just being started again.
      }
    },
    async stop() {
      const ended = new Promise(done => command.once('exit', done))
      command.kill('SIGINT')
      await ended
    },
  }
}

/** Numbers from 0 to below n that follow from a seed (mulberry32). */
export function chance(seed) {
  let a = seed >>> 0
  return n => {
    a = (a + 0x6d2b79f5) >>> 0
    let t = Math.imul(a ^ (a >>> 15), 1 | a)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return Math.floor((((t ^ (t >>> 14)) >>> 0) / 4294967296) * n)
  }
}
