import { calls } from '@dialytica/core/wire'
import { create as contentDisposition } from 'content-disposition'
import type { Response } from 'express'
import { randomUUID } from 'node:crypto'
import { rename, rm, stat } from 'node:fs/promises'
import { join } from 'node:path'
import { In, IsNull, Not } from 'typeorm'
import type { Context } from '../context.ts'
import { Parcel, User, type ParcelRow } from '../entities/index.ts'
import { parcelFolder } from '../parcels/pack.ts'
import { takeBack } from '../parcels/take-back.ts'
import { known } from '../parcels/take.ts'
import { takeOut } from '../photos/store.ts'
import { notFound, ProblemError } from '../problems.ts'
import { jobOf } from './jobs.ts'
import { modelNow } from '../machines/made-one.ts'
import { route, type Asked } from './routing.ts'

const version = (application: string) => `Dialytica ${application}`
const rates = [{ what: 'parcels', most: 60, minutes: 15, by: 'account' }] as const

/** Sends a file under a name and takes it away. */
async function sendAway(res: Response, { file, name }: { file: string; name: string }): Promise<void> {
  res.setHeader('content-disposition', contentDisposition(`${name}.zip`))
  res.type('application/zip')
  try {
    await new Promise<void>((done, fail) => res.sendFile(file, { dotfiles: 'allow' }, e => (e ? fail(e) : done())))
  } finally {
    await rm(file, { force: true })
  }
}

export const jobParcel = route(calls.jobParcel, {
  summary: 'A job with its photos as one zip (docs/formats.md): without serial, place and names, or whole',
  who: 'viewer',
  replies: { 200: 'application/zip' },
  rates,
  async answer(context, asked) {
    const { config, pool, version: application } = context
    const { person, query, res } = asked
    const { id: job } = await jobOf(context, asked)
    const of = { url: config.databaseUrl, data: config.data, shop: person.shopId, application: version(application) }
    await sendAway(res, await pool.run('packJob', { ...of, job, whole: query.whole === '1' }, person.id))
  },
})

export const bookParcel = route(calls.bookParcel, {
  summary: 'The book of a model with its recordings and photos as one zip, without serials, places and names',
  who: 'viewer',
  replies: { 200: 'application/zip' },
  rates,
  async answer({ db, config, pool, version: application }, { person, params, res }) {
    const { id: model } = await modelNow(db, person.shopId, params.model!)
    const of = { url: config.databaseUrl, data: config.data, shop: person.shopId, application: version(application) }
    await sendAway(res, await pool.run('packBook', { ...of, model }, person.id))
  },
})

/** Where a file lies between being looked at and being taken in. */
const laidBy = ({ config }: Pick<Context, 'config'>, parcel: string) => join(parcelFolder(config.data), parcel)
/** How long it lies there, in milliseconds. */
const patience = 24 * 3_600_000

/** Takes away what was looked at and never taken in. */
async function sweep(context: Context, shop: string): Promise<void> {
  const rows = await context.db.getRepository(Parcel).findBy({ shopId: shop, takenAt: IsNull() })
  for (const { id, cameAt } of rows) {
    if (Date.now() - cameAt.getTime() < patience) continue
    await rm(laidBy(context, id), { force: true })
    await context.db.getRepository(Parcel).delete({ id })
  }
}

export const parcelIn = route(calls.parcelIn, {
  summary: 'A file comes in and is looked at: a parcel or a record. Nothing of the shop changes before it is taken in',
  who: 'technician',
  replies: { 200: 'What taking it in will do', 413: 'Too large' },
  rates,
  async answer(context, { person, query, body }) {
    const { db, pool } = context
    const file = body as string
    try {
      await sweep(context, person.shopId)
      const looked = await pool.run('lookAtParcel', { file }, person.id)
      if (!looked.ok)
        throw new ProblemError('invalid', 'This file is not taken in. Nothing was changed.', looked.problems)
      const id = randomUUID()
      await rename(file, laidBy(context, id))
      const { value: preview } = looked
      const name = query.name ?? 'a file'
      const jobs = preview.records.map(r => r.job)
      const here = await known(db.manager, person.shopId, jobs)
      const row = { id, shopId: person.shopId, userId: person.id, name, preview, added: null, cameAt: new Date() }
      await db.getRepository(Parcel).insert({ ...row, takenAt: null, backAt: null })
      return { id, name, preview, known: jobs.filter(j => here.has(j)) }
    } finally {
      await rm(file, { force: true })
    }
  },
})

async function parcelOf({ db }: Context, { params, person }: Asked): Promise<ParcelRow> {
  const row = await db.getRepository(Parcel).findOneBy({ id: params.parcel!, shopId: person.shopId })
  if (!row) throw notFound()
  return row
}

export const takeParcel = route(calls.takeParcel, {
  summary: 'Take in what was looked at: all of it that is not here already, or nothing',
  who: 'technician',
  replies: { 200: 'The ids of the new jobs', 409: 'It is taken in already' },
  async answer(context, asked) {
    const { pool, config, reader } = context
    const { id, takenAt } = await parcelOf(context, asked)
    const { person } = asked
    const file = laidBy(context, id)
    if (takenAt) throw new ProblemError('already-there', 'This is taken in already.')
    if (!(await stat(file).catch(() => null)))
      throw new ProblemError('over', 'This was looked at too long ago: choose the file again.')
    const of = { url: config.databaseUrl, data: config.data, shop: person.shopId, actor: person.id }
    const taken = await pool.run('takeInParcel', { ...of, parcel: id, file }, person.id)
    if (!taken.ok) throw new ProblemError('invalid', 'This file is not taken in. Nothing was changed.', taken.problems)
    await rm(file, { force: true })
    const jobs = taken.value.jobs.map(j => j.job)
    for (const job of jobs) reader.grew(job)
    void reader.catchUp()
    return { jobs }
  },
})

export const parcels = route(calls.parcels, {
  summary: 'What was taken in, the newest first, at most 50',
  who: 'viewer',
  replies: { 200: 'Files with what they added, and whether they were taken back' },
  async answer({ db }, { person }) {
    const rows = await db.getRepository(Parcel).find({
      where: { shopId: person.shopId, takenAt: Not(IsNull()) },
      order: { takenAt: 'DESC' },
      take: 50,
    })
    const people = new Map(
      (await db.getRepository(User).findBy({ id: In(rows.map(r => r.userId)) })).map(u => [u.id, u.name]),
    )
    return rows.map(({ id, name, preview, added, userId, takenAt, backAt }) => ({
      ...{ id, name, preview, by: people.get(userId) ?? '' },
      at: takenAt!.toISOString(),
      backAt: backAt?.toISOString() ?? null,
      jobs: added?.jobs.map(j => j.job) ?? [],
    }))
  },
})

export const parcelBack = route(calls.parcelBack, {
  summary: 'Take back what a file added: all of it, or nothing where somebody has worked on it since',
  who: 'technician',
  replies: { 200: 'How many jobs are gone', 409: 'It is not taken in', 412: 'Somebody has worked on it since' },
  async answer(context, asked) {
    const { db, states, config } = context
    const row = await parcelOf(context, asked)
    const gone = await db.transaction(async m => {
      const now = await m.findOne(Parcel, { where: { id: row.id }, lock: { mode: 'pessimistic_write' } })
      if (!now?.takenAt || now.backAt) throw new ProblemError('already-there', 'This is not taken in any more.')
      return takeBack(m, now)
    })
    for (const job of gone.jobs) states.delete(job)
    for (const hash of gone.photos) await takeOut(db, config.data, row.shopId, hash)
    return { jobs: gone.jobs.length }
  },
})
