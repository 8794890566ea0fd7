import type { Photo } from '@dialytica/core'
import { play, scenario, uuids } from '@dialytica/demo'
import sharp from 'sharp'
import { Model, Shop, Unit } from '../entities/index.ts'
import { append } from '../joblog/append.ts'
import { createAccount, shopNamed } from '../people/accounts.ts'
import type { Person } from '../people/sessions.ts'
import { sha256, takeIn } from '../photos/store.ts'
import type { Context } from '../routes/route.ts'
import { ignoreDouble } from '../retried.ts'
import { demoPassword } from './demo-password.ts'

/** Draws a picture of the simulated camera, takes it in like any photo, and says how it is kept. */
const taking =
  ({ db, config }: Context, shopId: string) =>
  async (svg: string, takenAt: string): Promise<Photo> => {
    const bytes = await sharp(Buffer.from(svg)).jpeg({ quality: 86 }).toBuffer()
    const { hash, width, height } = await takeIn(db, config.data, shopId, sha256(bytes), bytes)
    return { hash, width, height, takenAt }
  }

/**
 * Loads the demo scenario into an empty database; does nothing when there is a shop already. A load that was cut off is
 * made good by the next start: what is there is kept, what is missing is added.
 */
export async function seedDemo(context: Context, say: (line: string) => void, now = new Date()): Promise<void> {
  const { db } = context
  const others = await db.getRepository(Shop).find()
  if (others.some(s => s.name !== scenario.shop.name)) return
  const id = uuids(scenario.shop.name)
  const shop = await shopNamed(db, scenario.shop.name, scenario.shop.timeZone)
  if ((await db.query('SELECT COUNT(*) AS n FROM job WHERE shop_id = ?', [shop.id]))[0].n >= scenario.jobs.length)
    return
  say('Loading the demo: a small workshop with six jobs. Its photos are drawn now; this happens once.')

  const people = new Map<string, Person>()
  for (const { login, name, role } of scenario.people) {
    const person = { id: id(), shopId: shop.id, login, name, role: role as Person['role'] }
    await createAccount(db, { ...person, password: demoPassword, demo: true }).catch(ignoreDouble)
    people.set(login, { ...person, shop: shop.name, timeZone: shop.timeZone, joined: null })
  }
  const models = new Map<string, string>()
  for (const model of scenario.models) {
    models.set(model.code, id())
    const row = { ...model, id: models.get(model.code)!, shopId: shop.id, createdAt: now }
    await db.getRepository(Model).insert(row).catch(ignoreDouble)
  }
  const units = new Map<string, string>()
  for (const unit of scenario.units) {
    units.set(unit.serial, id())
    const { serial, stands, made } = unit
    const row = {
      id: units.get(serial)!,
      shopId: shop.id,
      modelId: models.get(unit.model)!,
      serial,
      made,
      stands,
      createdAt: now,
    }
    await db.getRepository(Unit).insert(row).catch(ignoreDouble)
  }
  const jobs = scenario.jobs.map(told => ({ told, job: id() }))
  await Promise.all(
    jobs.map(async ({ told, job }) => {
      const by = people.get(told.by)!
      const log = await play(told, { job, unit: units.get(told.unit)!, actor: by.id, now }, taking(context, shop.id))
      const { refused } = await append(db, context.states, by, job, log)
      if (refused.length) throw new Error(`The demo job ${told.name} was refused: ${refused[0]!.message}`)
    }),
  )
}
