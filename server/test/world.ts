import { mkdtemp, rm } from 'node:fs/promises'
import { randomUUID } from 'node:crypto'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { check } from '@dialytica/core/schema'
import type { Call } from '@dialytica/core/wire'
import { createConnection } from 'mysql2/promise'
import supertest from 'supertest'
import { readConfig } from '../config.ts'
import { createAccount, shopNamed } from '../people/accounts.ts'
import { serve, type Running } from '../server.ts'

export type Agent = ReturnType<typeof supertest.agent>

/** A server of its own on a database of its own, with two shops and a person of each role. */
export interface World {
  running: Running
  url: string
  /** A second server on the same database. */
  another(): Promise<Running>
  /** An agent signed in as `lead`, `technician`, `viewer` of the first shop, or `stranger`, lead of the second. */
  as(login: string): Promise<Agent>
  personId(login: string): Promise<string>
  end(): Promise<void>
}

export const password = 'ten letters or more'

/** A database and a data folder with nothing in them, as settings for a server. */
export interface EmptyWorld {
  environment: Record<string, string>
  end(): Promise<void>
}

export async function emptyWorld(): Promise<EmptyWorld> {
  const base = process.env.DATABASE_URL!
  const name = `t_${randomUUID().replaceAll('-', '').slice(0, 16)}`
  const admin = await createConnection(base)
  await admin.query(`CREATE DATABASE ${name} CHARACTER SET utf8mb4`)
  const data = await mkdtemp(join(tmpdir(), 'dialytica-'))
  const url = base.replace(/\/\w+$/, `/${name}`)
  return {
    environment: { PORT: '0', DATABASE_URL: url, DIALYTICA_DATA: data, LOG_LEVEL: 'silent' },
    async end() {
      await admin.query(`DROP DATABASE ${name}`)
      await admin.end()
      await rm(data, { recursive: true, force: true })
    },
  }
}

/** Every answer of a server under test is held against the contract, as it goes over the wire. */
function fitsContract({ method, path, reply }: Call, answer: unknown): void {
  if (!reply) throw new Error(`${method} ${path} answers with what the contract does not tell`)
  const checked = check(reply, JSON.parse(JSON.stringify(answer)))
  if (checked.ok) return
  console.error(`${method} ${path} answers otherwise:`, checked.problems)
  throw new Error(`${method} ${path} answers otherwise than the contract tells`)
}

export async function world(environment: Record<string, string> = {}): Promise<World> {
  const empty = await emptyWorld()
  const config = readConfig({ ...empty.environment, ...environment })
  const servers: Running[] = []
  const another = async () => {
    const running = await serve(config)
    running.context.answers = fitsContract
    servers.push(running)
    return running
  }
  const running = await another()
  const { db } = running.context
  const ids = new Map<string, string>()
  for (const [shop, login, role] of [
    ['Quay Street', 'lead', 'lead'],
    ['Quay Street', 'technician', 'technician'],
    ['Quay Street', 'viewer', 'viewer'],
    ['Mill Lane', 'stranger', 'lead'],
  ] as const) {
    const { id: shopId } = await shopNamed(db, shop)
    ids.set(login, (await createAccount(db, { shopId, login, name: login, role, password })).id)
  }
  return {
    running,
    url: `http://127.0.0.1:${running.port}`,
    another,
    async as(login) {
      const agent = supertest.agent(`http://127.0.0.1:${running.port}`)
      await agent.post('/api/session').send({ login, password }).expect(200)
      return agent
    },
    personId: async login => ids.get(login)!,
    async end() {
      for (const server of servers) await server.stop()
      await empty.end()
    },
  }
}

/** A model and a unit, added by a signed-in agent. */
export async function machine(agent: Agent): Promise<{ model: string; unit: string }> {
  const model = randomUUID()
  const unit = randomUUID()
  await agent
    .post('/api/models')
    .send({ id: model, maker: 'Corrane', code: `FL-${model.slice(0, 4)}`, family: 'front-loader', notes: '' })
    .expect(201)
  await agent.post('/api/units').send({ id: unit, modelId: model, serial: '2231-0417', stands: 'bay 2' }).expect(201)
  return { model, unit }
}

let clock = Date.UTC(2026, 0, 5, 8)
/** An event as a client makes it; each a second later than the one before. */
export const made = <B extends object>(job: string, actor: string, kind: string, body: B) => ({
  id: randomUUID(),
  job,
  kind,
  at: new Date((clock += 1000)).toISOString(),
  actor,
  device: 'test',
  body,
})

/** The opening of a job on a unit. */
export const openingOf = (job: string, actor: string, unit: string) =>
  made(job, actor, 'job-opened', { unit, family: 'front-loader', complaint: 'does not drain', plate: 'FL-84' })

/** The recording of a step with so many screws. */
export function screwStep(job: string, actor: string, count: number) {
  const move = { id: randomUUID(), kind: 'remove-fasteners', way: 'down', fastener: { size: 'T20' }, count }
  return made(job, actor, 'step-recorded', {
    step: { id: randomUUID(), zone: 'top', photos: [], marks: [], moves: [move] },
  })
}
