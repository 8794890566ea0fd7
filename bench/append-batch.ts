import { randomUUID } from 'node:crypto'
import { createConnection } from 'mysql2/promise'
import { machine, openingOf, screwStep, world } from '../server/test/world.ts'
import { median, type Line } from './line.ts'

const size = 100

/** A batch of 100 events over HTTP, against the same rows inserted bare through the driver in one statement. */
export async function appendBatch(): Promise<Line> {
  const w = await world()
  const agent = await w.as('technician')
  const me = await w.personId('technician')
  const { unit } = await machine(agent)
  const runs = 15
  const jobs = Array.from({ length: runs + 1 }, () => randomUUID())
  for (const job of jobs) await agent.post(`/api/jobs/${job}/events`).send({ events: [openingOf(job, me, unit)] })
  const batch = (job: string) => Array.from({ length: size }, () => screwStep(job, me, 4))
  const http = await median(runs, async i => {
    const job = jobs[i + 1]!
    const reply = await agent.post(`/api/jobs/${job}/events`).send({ events: batch(job) })
    if (reply.body.accepted?.length !== size) throw new Error(JSON.stringify(reply.body))
  })
  const bare = await createConnection(w.running.context.config.databaseUrl)
  let seq = 1_000_000
  const driver = await median(runs, async i => {
    const job = jobs[i + 1]!
    const rows = batch(job).map(e => [
      job,
      ++seq,
      e.id,
      e.kind,
      e.at,
      e.actor,
      e.device,
      JSON.stringify(e.body),
      new Date(),
    ])
    await bare.query('INSERT INTO event (job_id, seq, id, kind, at, actor, device, body, received_at) VALUES ?', [rows])
  })
  await bare.end()
  await w.end()
  return {
    name: 'append-batch',
    figure: http,
    unit: 'ms',
    against: 'the same 100 rows inserted bare',
    ratio: http / driver,
    target: 'ratio under 8',
    holds: http / driver < 8,
  }
}
