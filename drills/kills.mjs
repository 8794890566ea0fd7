import { chromium } from '@playwright/test'
import { randomUUID } from 'node:crypto'
import { mkdtempSync, readlinkSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { parseArgs } from 'node:util'
import { withCamera } from '../scripts/chromium-flags.mjs'
import { chance, password, shop, wait } from './start-command.mjs'

/**
 * Two devices record one job after the other, each step with a photo, while the server, the database, both, or a browser are killed at random moments.
 * At the end every step that a screen showed as recorded must be in the log once, every photo on the server: `node drills/kills.mjs
 * --kills 200 --seed 1`. Prints one JSON object; its exit status tells whether all of it held.
 */
const { values } = parseArgs({
  options: { kills: { type: 'string', default: '200' }, seed: { type: 'string', default: '1' } },
})
const kills = Number(values.kills)
const dice = chance(Number(values.seed))
const data = mkdtempSync(join(tmpdir(), 'dialytica-kills-'))
const profiles = mkdtempSync(join(tmpdir(), 'dialytica-profiles-'))
const place = await shop(data)
place.start()
await place.up()

const api = async (cookie, method, path, body) => {
  const headers = { 'content-type': 'application/json', ...(cookie && { cookie }) }
  const reply = await fetch(`${place.url}/api${path}`, { method, headers, ...(body && { body: JSON.stringify(body) }) })
  return { reply, json: await reply.json().catch(() => null) }
}
const signIn = async login => {
  const { reply, json } = await api('', 'POST', '/session', { login, password })
  return { cookie: reply.headers.get('set-cookie').split(';')[0], id: json.id }
}
const lead = await signIn('one')
const model = randomUUID()
await api(lead.cookie, 'POST', '/models', {
  id: model,
  maker: 'Corrane',
  code: 'FL-1',
  family: 'front-loader',
  notes: '',
})
/** So many kills happen while a job is in hand; then both devices go on to the next one. */
const perJob = 10
const jobs = Array.from({ length: Math.ceil(kills / perJob) }, () => randomUUID())
for (const [i, job] of jobs.entries()) {
  const unit = randomUUID()
  await api(lead.cookie, 'POST', '/units', { id: unit, modelId: model, serial: String(i), stands: '' })
  const opening = {
    id: randomUUID(),
    job,
    kind: 'job-opened',
    at: new Date().toISOString(),
    actor: lead.id,
    device: 'drill',
    body: { unit, family: 'front-loader', complaint: 'drill', plate: `FL-1 ${i}` },
  }
  await api(lead.cookie, 'POST', `/jobs/${job}/events`, { events: [opening] })
}
let done = 0
const jobInHand = () => jobs[Math.min(jobs.length - 1, Math.floor(done / perJob))]

const say = (...what) => process.env.SAY && console.error(...what)
const isAlive = pid => {
  try {
    return process.kill(pid, 0)
  } catch {
    return false
  }
}
/** What waits on a device. */
const waiting = page =>
  page.evaluate(
    () =>
      new Promise(done => {
        const asked = indexedDB.open('dialytica')
        asked.onsuccess = () => {
          const of = asked.result.transaction(['events', 'shots'])
          const [events, shots] = ['events', 'shots'].map(s => of.objectStore(s).count())
          of.oncomplete = () => (asked.result.close(), done({ events: events.result, shots: shots.result }))
        }
      }),
  )

/** One device with a browser of its own whose storage outlives it. */
function device(login) {
  const shown = []
  let context
  let page
  let n = 0
  let over = false
  let ready = false
  let at
  /** Resolves when the browser before is gone: two on one profile would be a fault of the drill. */
  let ended = Promise.resolve()
  const profile = join(profiles, login)
  async function open() {
    await ended
    context = await chromium.launchPersistentContext(profile, {
      // The whole browser: only that says by a lock in its profile which process it is.
      executablePath: '/usr/bin/chromium',
      args: withCamera,
      viewport: { width: 1280, height: 800 },
    })
    page = context.pages()[0] ?? (await context.newPage())
    page.setDefaultTimeout(6000)
    // The test camera gives the same picture again and again; a real one never does.
    await page.addInitScript(() => {
      Object.assign(globalThis, { ImageCapture: undefined })
      const toBlob = HTMLCanvasElement.prototype.toBlob
      HTMLCanvasElement.prototype.toBlob = function (done, ...more) {
        toBlob.call(this, b => done(b && new Blob([b, crypto.randomUUID()], { type: b.type })), ...more)
      }
    })
    const again = Boolean(at)
    await show()
    // What was in hand when the browser died is in hand again, and goes on.
    if (again) await page.keyboard.press('PageDown')
  }
  /** The process of its browser, as the lock of its profile names it. */
  function pidOf() {
    try {
      return Number(readlinkSync(join(profile, 'SingletonLock')).split('-').at(-1))
    } catch {
      return 0
    }
  }
  async function shut() {
    const pid = pidOf()
    await context?.close().catch(() => undefined)
    if (pid) await gone(pid)
  }
  async function gone(pid) {
    while (isAlive(pid)) await wait(20)
  }
  /** Goes to the job in hand, signed in. */
  async function show() {
    at = jobInHand()
    await page.goto(`${place.url}/jobs/${at}/descent`)
    const [stepDown, asked] = [page.getByRole('button', { name: /^Step down/ }), page.getByLabel('Login')]
    await stepDown.or(asked).waitFor()
    if (await asked.isVisible()) {
      await asked.fill(login)
      await page.getByLabel('Password').fill(password)
      await page.getByRole('button', { name: 'Sign in' }).click()
    }
    await stepDown.waitFor()
    if (process.env.SAY) say(login, 'open', await waiting(page))
    // From now on the device opens the application without the server.
    if (ready) return
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => true))
    ready = true
    for (const job of [...jobs].reverse()) {
      at = job
      await page.goto(`${place.url}/jobs/${job}/descent`)
      await stepDown.waitFor()
    }
  }
  /** Records one step: a photo every third time, a line, the pedal; it counts once the screen shows an empty step in hand. */
  async function step() {
    // Letters only: what is a number in a line is a count or a size.
    n += 1
    const name = `bracket ${login[0]}${[...String(n)].map(d => 'abcdefghij'[d]).join('')}q`
    if (n % 3 === 0) {
      await page.keyboard.press('Escape')
      await page
        .getByRole('button', { name: /^Photo/ })
        .first()
        .click()
      await page.getByRole('button', { name: 'Take it' }).click()
      await page.getByRole('group', { name: 'Photos of this step' }).waitFor()
    }
    const line = page.getByLabel('Quick line')
    await line.fill(`2x T20x18 ${name}`)
    await page.keyboard.press('PageDown')
    while ((await line.inputValue()) !== '') await wait(20)
    shown.push(name)
    // A hand is not faster, and the machine is left to those who restart on it.
    await wait(700)
  }
  return {
    login,
    shown,
    async work() {
      while (!over)
        try {
          if (!page || page.isClosed()) await open()
          else if (at !== jobInHand()) await show()
          else await step()
        } catch (error) {
          if (process.env.LOOK)
            await page?.screenshot({ path: `${process.env.LOOK}/${login}.png` }).catch(() => undefined)
          say(login, page?.url(), String(error.message).slice(0, 300))
          await shut()
          page = undefined
          await wait(200)
        }
    },
    /** The whole browser at once, as when the battery is pulled. */
    async kill() {
      const pid = pidOf()
      if (!pid) return
      say(login, 'killed', await (page && waiting(page).catch(() => 'while it opens')))
      if (isAlive(pid)) process.kill(pid, 'SIGKILL')
      ended = gone(pid)
      await ended
    },
    async end() {
      over = true
    },
    /** Opens it once more, and waits until nothing waits on it. */
    async settle() {
      await shut()
      await open()
      for (let left = await waiting(page); left.events + left.shots > 0; left = await waiting(page)) await wait(200)
      await shut()
    },
  }
}

const devices = [device('one'), device('two')]
const working = devices.map(d => d.work())
const downs = []
while (devices.some(d => d.shown.length === 0)) await wait(200)
const counts = { server: 0, database: 0, both: 0, browser: 0 }
for (let k = 0; k < kills; k += 1) {
  await wait(300 + dice(1500))
  const what = ['server', 'database', 'both', 'browser'][dice(4)]
  counts[what] += 1
  if (what === 'browser') await devices[dice(2)].kill()
  else {
    for (const part of what === 'both' ? ['server', 'database'] : [what]) place.kill(part)
    downs.push(await place.up())
  }
  done += 1
  if (k % 10 === 9)
    say(
      k + 1,
      counts,
      devices.map(d => d.shown.length),
    )
}
for (const d of devices) await d.end()
await Promise.all(working)
await place.up()
for (const d of devices) await d.settle()

const { cookie } = await signIn('one')
const logs = []
for (const job of jobs) logs.push((await api(cookie, 'GET', `/jobs/${job}/events`)).json)
const steps = logs.flatMap(log => log.filter(e => e.kind === 'step-recorded').map(e => e.body.step))
const places = steps.flatMap(s => s.moves.map(m => m.place))
const shown = devices.flatMap(d => d.shown)
const lost = shown.filter(name => !places.includes(name))
const doubled = places.filter((name, i) => places.indexOf(name) !== i)
const hashes = steps.flatMap(s => s.photos.map(p => p.hash))
const noPhoto = []
for (const hash of hashes) {
  const reply = await fetch(`${place.url}/api/photos/${hash}/full`, { headers: { cookie } })
  if (!reply.ok) noPhoto.push(hash)
}
await place.stop()
const result = {
  kills: counts,
  recorded: shown.length,
  inLog: places.length,
  lost: lost.length,
  doubled: doubled.length,
  numbersInOrder: logs.every(log => log.every((e, i) => e.seq === i + 1)),
  photos: hashes.length,
  photosLost: noPhoto.length,
  longestDown: Math.max(...downs) / 1000,
}
console.log(JSON.stringify(result))
rmSync(data, { recursive: true, force: true })
rmSync(profiles, { recursive: true, force: true })
const held = !result.lost && !result.doubled && !result.photosLost && result.numbersInOrder && result.longestDown < 10
process.exit(held ? 0 : 1)
