import type { Photo } from '@dialytica/core/log'
import { manifestJsonSchema } from '@dialytica/core/parcel'
import { recordJsonSchema, toRecord } from '@dialytica/core/record'
import { play, scenario, uuids } from '@dialytica/demo'
import { writeFileSync } from 'node:fs'

/** Writes what docs/formats.md refers to: the JSON Schemas of a record and of a parcel's manifest, and a demo job as a record. */
const docs = (name: string) => new URL(`../docs/${name}`, import.meta.url)
const json = (value: unknown) => `${JSON.stringify(value, null, 2)}\n`
writeFileSync(docs('job-record.schema.json'), json(recordJsonSchema()))
writeFileSync(docs('parcel-manifest.schema.json'), json(manifestJsonSchema()))

const told = scenario.jobs.find(j => j.name === 'drive motor')!
const id = uuids('example record')
const [job, unit, actor] = [id(), id(), id()]
let n = 0
const take = async (_: string, takenAt: string): Promise<Photo> => ({
  hash: (n += 1).toString(16).padStart(64, '0'),
  width: 1280,
  height: 800,
  takenAt,
})
const log = await play(told, { job, unit, actor, now: new Date('2026-03-02T09:00:00.000Z') }, take)
const model = scenario.models.find(m => m.code === 'FL-70')!
const machine = { maker: model.maker, code: model.code, family: model.family, serial: told.unit }
const people = [{ id: actor, name: 'Jon Tarrow' }]
writeFileSync(docs('example-job.json'), json(toRecord(log, { job, machine, people })))
