import sharp from 'sharp'
import { createHash, randomUUID } from 'node:crypto'
import { mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { parseArgs } from 'node:util'
import { password, run, shop, wait } from './start-command.mjs'

/**
 * Backups are made while people record and upload; each is then restored into a place of its own and read through the running
 * application. It must hold what was answered before it began, nothing that was sent after it ended, every log without a gap, and every
 * photo that it names: `node drills/backups.mjs --backups 20`. Prints one JSON object; its exit status tells whether all of it held.
 */
const { values } = parseArgs({ options: { backups: { type: 'string', default: '20' } } })
const data = mkdtempSync(join(tmpdir(), 'dialytica-backups-'))
const kept = mkdtempSync(join(tmpdir(), 'dialytica-kept-'))
const place = await shop(data)
place.start()
await place.up()

async function client(url, login) {
  const request = async (method, path, body, type = 'application/json') => {
    const headers = { ...(body && { 'content-type': type }), ...(cookie && { cookie }) }
    const reply = await fetch(`${url}/api${path}`, { method, headers, body })
    if (!reply.ok && reply.status !== 404) throw new Error(`${reply.status} ${await reply.text()}`)
    return reply
  }
  let cookie = ''
  const reply = await request('POST', '/session', JSON.stringify({ login, password }))
  cookie = reply.headers.get('set-cookie').split(';')[0]
  return { request, id: (await reply.json()).id }
}

/** What was sent, and when: a moment before it went, and one after it was answered. */
const sent = []
let over = false
/** One person at work: events in small batches and photos, one after the other. */
async function work(login) {
  const { request, id } = await client(place.url, login)
  const [model, unit, job] = [randomUUID(), randomUUID(), randomUUID()]
  const post = (path, body) => request('POST', path, JSON.stringify(body))
  await post('/models', { id: model, maker: 'Corrane', code: login, family: 'front-loader', notes: '' })
  await post('/units', { id: unit, modelId: model, serial: login, stands: '' })
  const event = (kind, body) => ({
    id: randomUUID(),
    job,
    kind,
    at: new Date().toISOString(),
    actor: id,
    device: 'drill',
    body,
  })
  const send = async events => {
    const began = Date.now()
    await post(`/jobs/${job}/events`, { events })
    for (const e of events) sent.push({ kind: 'event', job, id: e.id, began, answered: Date.now() })
  }
  await send([event('job-opened', { unit, family: 'front-loader', complaint: 'drill', plate: login })])
  for (let n = 0; !over; n += 1) {
    const bytes = await sharp({
      create: {
        width: 300 + (n % 200),
        height: 200,
        channels: 3,
        background: { r: n % 256, g: (n >> 8) % 256, b: login.length },
      },
    })
      .jpeg()
      .toBuffer()
    const stamped = Buffer.concat([bytes, Buffer.from(`${login} ${n}`)])
    const hash = createHash('sha256').update(stamped).digest('hex')
    const began = Date.now()
    await request('PUT', `/photos/${hash}`, stamped, 'image/jpeg')
    sent.push({ kind: 'photo', id: hash, began, answered: Date.now() })
    // A few a second: more is refused to one account.
    await wait(200)
    const photo = { hash, width: 300, height: 200, takenAt: new Date().toISOString() }
    const step = { id: randomUUID(), photos: [photo], marks: [], moves: [] }
    await send([event('step-recorded', { step }), event('note-added', { text: `note ${n}`, step: step.id })])
  }
}
const working = ['one', 'two'].map(work)
const backups = []
for (let n = 0; n < Number(values.backups); n += 1) {
  const folder = join(kept, String(n))
  const began = Date.now()
  await run('backup.mjs', [folder], place.env)
  backups.push({ folder, began, ended: Date.now() })
}
over = true
await Promise.all(working)
await place.stop()

const wrong = []
let events = 0
let photos = 0
for (const { folder, began, ended } of backups) {
  const to = mkdtempSync(join(tmpdir(), 'dialytica-restored-'))
  const again = await shop(to, [])
  await run('restore.mjs', [folder, '--yes'], again.env)
  again.start()
  await again.up()
  const { request } = await client(again.url, 'one')
  const say = what => wrong.push(`${folder}: ${what}`)
  const there = new Set()
  for (const { id, seq } of await (await request('GET', '/jobs')).json()) {
    const log = await (await request('GET', `/jobs/${id}/events`)).json()
    if (log.length !== seq || log.some((e, i) => e.seq !== i + 1)) say(`the log of ${id} has a gap`)
    for (const e of log) {
      there.add(e.id)
      events += 1
      for (const { hash } of e.body.step?.photos ?? []) {
        photos += 1
        // A step comes after its photo, so its photo is of the same moment or an earlier one.
        for (const size of ['full', 'stage', 'thumb'])
          if ((await request('GET', `/photos/${hash}/${size}`)).status !== 200) say(`the photo ${hash} is not there`)
      }
    }
  }
  for (const s of sent.filter(s => s.kind === 'event')) {
    if (s.answered < began && !there.has(s.id)) say(`the event ${s.id} was answered before it began, and is lost`)
    if (s.began > ended && there.has(s.id)) say(`the event ${s.id} was sent after it ended`)
  }
  await again.stop()
  rmSync(to, { recursive: true, force: true })
}
const left = readdirSync(kept).filter(f => f.includes('.part'))
console.log(
  JSON.stringify({
    backups: backups.length,
    sent: sent.length,
    eventsRestored: events,
    photosSeen: photos,
    halfBackupsLeft: left.length,
    wrong: wrong.length,
    first: wrong[0],
  }),
)
for (const folder of [data, kept]) rmSync(folder, { recursive: true, force: true })
process.exit(wrong.length || left.length ? 1 : 0)
