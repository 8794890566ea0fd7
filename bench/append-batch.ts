import { randomUUID } from 'node:crypto'
import type { Appended } from '@dialytica/core/wire'
import { createConnection } from 'mysql2/promise'
import { machine, openingOf, screwStep } from '../server/test/world.ts'
import { asking } from './asking.ts'
import { inTurns, under, type Line } from './line.ts'
import { serving } from './serving.ts'

const size = 100

/** A batch of 100 events over HTTP, against the same rows inserted bare through the driver in one statement. */
export async function appendBatch(): Promise<Line> {
  const w = await serving()
  const agent = await w.as('technician')
  const tell = await asking(w.url, 'technician')
  const me = await w.personId('technician')
  const { unit } = await machine(agent)
  const runs = 31
  const warm = 15
  const jobs = Array.from({ length: warm + runs }, () => randomUUID())
  for (const job of jobs) await tell(`jobs/${job}/events`, { events: [openingOf(job, me, unit)] })
  const batch = (job: string) => Array.from({ length: size }, () => screwStep(job, me, 4))
  const bare = await createConnection(w.running.context.config.databaseUrl)
  let seq = 1_000_000
  const overHttp = async (job: string) => {
    const reply = await tell<Appended>(`jobs/${job}/events`, { events: batch(job) })
    if (reply.accepted?.length !== size) throw new Error(JSON.stringify(reply))
  }
  const byDriver = async (job: string) => {
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
  }
  // In turns, so that a machine that others slow down slows both.
  const times = await inTurns(runs, warm, [i => overHttp(jobs[i]!), i => byDriver(jobs[i]!)])
  const [http, driver] = times.map(of => under(0.5, of)) as [number, number]
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
