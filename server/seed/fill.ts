import { ofMachine, ofModel, findablesOf } from '@dialytica/core/findable'
import { asRead } from '@dialytica/core/intake'
import type { Photo } from '@dialytica/core/log'
import { dice } from '@dialytica/core/test/dice.ts'
import { madeTruth, type Truth } from '@dialytica/core/test/told-anew.ts'
import { sceneOf, shoot, uuids } from '@dialytica/demo'
import { jobLog } from '@dialytica/demo/fill/job-log.ts'
import { makers, rooms } from '@dialytica/demo/fill/names.ts'
import sharp from 'sharp'
import type { DataSource } from 'typeorm'
import { Model, Unit, type ModelRow, type UnitRow } from '../entities/index.ts'
import { writeWhole, type WholeJob } from '../joblog/write-whole.ts'
import { sha256, takeIn } from '../photos/store.ts'
import { keep } from '../search/keep.ts'
import { keepPhrases } from '../search/phrases.ts'

/** How large a made-up shop is. */
export interface Size {
  models: number
  units: number
  jobs: number
  /** Steps of a job, about. */
  steps: number
  /** How many of the jobs stand open. */
  open: number
  /** True where closed jobs are put back piece by piece, which doubles their logs; else they are closed with what is owed. */
  whole: boolean
  /** True where steps have photos, drawn by the simulated camera. */
  photos: boolean
  seed: number
}
export const usualSize: Size = {
  models: 20,
  units: 100,
  jobs: 200,
  steps: 60,
  open: 8,
  whole: true,
  photos: false,
  seed: 1,
}

/** Who a shop is filled for: whose the jobs are, and where photos lie. */
interface For {
  db: DataSource
  data: string
  shop: string
  actor: string
}

/** Photos of the zones of a family, a few of each, drawn once. */
async function drawn({ db, data, shop }: For, truths: readonly Truth[]): Promise<Map<string, Photo[]>> {
  const all = new Map<string, Photo[]>()
  const places = new Set(truths.flatMap(t => t.acts.map(a => `${t.family}|${a.zone}`)))
  for (const place of places) {
    const [family, zone] = place.split('|') as [Truth['family'], string]
    for (const seed of [1, 2, 3]) {
      const svg = shoot(sceneOf(family, zone), { away: new Set(), seed: seed * 97 }, 1280)
      const bytes = await sharp(Buffer.from(svg)).jpeg({ quality: 80 }).toBuffer()
      const { hash, width, height } = await takeIn(db, data, shop, sha256(bytes), bytes)
      all.set(place, [...(all.get(place) ?? []), { hash, width, height, takenAt: new Date(0).toISOString() }])
    }
  }
  return all
}

const plated = (serial: string) => ({ serial, asRead: asRead(serial) })

/** So many jobs are written in one transaction. */
const together = 20

/**
 * Fills a shop with made-up models, machines and closed and open jobs, as large as it is asked for: for trying how the application stands at a
 * size. What it makes follows from the seed; a shop that is filled with the same seed twice is an error of the database.
 */
export async function fillShop(of: For, size: Size, say: (line: string) => void = () => undefined): Promise<void> {
  const { db, shop, actor } = of
  const { models: nModels, units: nUnits, jobs, steps, open, whole, seed } = size
  const d = dice(seed)
  const id = uuids(`shop ${shop} ${seed}`)
  const now = Date.now()
  const createdAt = new Date(now - 5 * 365 * 86_400_000)
  const truths = Array.from({ length: nModels }, (_, i) => madeTruth(seed * 1000 + i, steps))
  const photos = size.photos ? await drawn(of, truths) : null
  const models = truths.map((truth, i): ModelRow => ({
    id: id(),
    shopId: shop,
    maker: d.pick(makers),
    code: `${d.pick(['FL', 'TL', 'WA', 'KX', 'RD'])}-${seed}${String(i).padStart(3, '0')}`,
    family: truth.family,
    notes: '',
    createdAt,
  }))
  const units = Array.from({ length: nUnits }, (_, i): UnitRow => ({
    id: id(),
    shopId: shop,
    modelId: models[i % nModels]!.id,
    ...plated(`${d.int(1000, 9999)}-${String(i).padStart(4, '0')}`),
    stands: `${d.pick(rooms)} ${d.int(1, 40)}`,
    made: d.int(2008, 2026),
    createdAt,
  }))
  const modelOf = new Map(models.map((m, i) => [m.id, { row: m, truth: truths[i]! }]))
  await db.transaction(async m => {
    for (let at = 0; at < models.length; at += 500) await m.insert(Model, models.slice(at, at + 500))
    for (let at = 0; at < units.length; at += 500) await m.insert(Unit, units.slice(at, at + 500))
    for (const row of models)
      await keep(m, { id: row.id, shop, model: row, seq: 0, at: createdAt }, [
        ofModel(row.maker, row.code, row.family, ''),
      ])
    for (const unit of units) {
      const model = modelOf.get(unit.modelId)!.row
      await keep(m, { id: unit.id, shop, model, seq: 0, at: createdAt }, [
        ofMachine(model.maker, model.code, unit.serial, unit.stands),
      ])
    }
  })
  for (let first = 0; first < jobs; first += together)
    await db.transaction(async m => {
      const made: (WholeJob & { model: ModelRow })[] = []
      for (let i = first; i < Math.min(jobs, first + together); i++) {
        const unit = units[d.int(0, nUnits - 1)]!
        const { row: model, truth } = modelOf.get(unit.modelId)!
        const isOpen = i >= jobs - open
        const from = new Date(now - ((jobs - i) / jobs) * 4 * 365 * 86_400_000 - 86_400_000)
        const job = id()
        const { log, state } = jobLog(truth, seed * 100_000 + i, {
          job,
          unit: unit.id,
          actor,
          from,
          until: isOpen ? 'apart' : whole ? 'whole' : 'owed',
          photo: zone => {
            const some = photos?.get(`${truth.family}|${zone}`)
            return some?.[d.int(0, some.length - 1)]
          },
        })
        made.push({ shop, unit: unit.id, log, state, model, receivedAt: event => new Date(event.at) })
      }
      await writeWhole(m, made)
      for (const { model, log, state } of made) {
        const { job, at } = log.at(-1)!
        const source = { id: job, shop, model, seq: log.length, at: new Date(at) }
        await keep(m, source, findablesOf(state, model.family))
        await keepPhrases(m, shop, job, state)
      }
      if ((first / together) % 25 === 24) say(`${first + together} of ${jobs} jobs`)
    })
}
