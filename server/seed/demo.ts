import type { Photo } from '@dialytica/core/log'
import { play, practice, scenario, uuids, type Scenario } from '@dialytica/demo'
import sharp from 'sharp'
import type { DataSource } from 'typeorm'
import { Job, Model, Shop, Unit, User, type ShopRow } from '../entities/index.ts'
import { append } from '../joblog/append.ts'
import { createAccount, shopNamed } from '../people/accounts.ts'
import { sha256, takeIn } from '../photos/store.ts'
import type { Context } from '../context.ts'
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

/** Ids follow from names, and what is there already keeps its own: a demo that has grown is added to. */
const idOf = (of: Scenario, name: string) => uuids(`${of.shop.name}, ${name}`)()

/** True while nobody but the demo is in this database: it is never put beside a shop of somebody. */
const isOurs = async (db: DataSource) =>
  (await db.getRepository(Shop).find()).every(shop => [scenario, practice].some(s => s.shop.name === shop.name))

/** People, models and units of the demo: with them one can sign in, in a second. */
async function seedPeople(db: DataSource, of: Scenario, now: Date): Promise<ShopRow> {
  const shop = await shopNamed(db, of.shop.name, of.shop.timeZone)
  for (const { login, name, role } of of.people) {
    const person = { id: idOf(of, login), shopId: shop.id, login, name, role }
    if (await db.getRepository(User).existsBy({ id: person.id })) continue
    await createAccount(db, { ...person, password: demoPassword, demo: true }).catch(ignoreDouble)
  }
  const models = db.getRepository(Model)
  for (const model of of.models)
    await models.insert({ ...model, id: idOf(of, model.code), shopId: shop.id, createdAt: now }).catch(ignoreDouble)
  const units = db.getRepository(Unit)
  for (const { serial, stands, made, model } of of.units) {
    const { id: modelId } = await models.findOneByOrFail({ shopId: shop.id, code: model })
    const unit = { id: idOf(of, serial), shopId: shop.id, modelId, serial, made, stands, createdAt: now }
    await units.insert(unit).catch(ignoreDouble)
  }
  return shop
}

/** One job of the demo with its photos; nothing when it is there. */
async function seedJob(
  context: Context,
  scene: Scenario,
  shop: ShopRow,
  told: Scenario['jobs'][number],
  now: Date,
): Promise<void> {
  const { db } = context
  const { id: unit } = await db.getRepository(Unit).findOneByOrFail({ shopId: shop.id, serial: told.unit })
  if (await db.getRepository(Job).existsBy({ unitId: unit })) return
  const person = await db.getRepository(User).findOneByOrFail({ shopId: shop.id, login: told.by })
  const { id: actor, name, login, role } = person
  const of = { shopId: shop.id, shop: shop.name, timeZone: shop.timeZone, joined: null, demo: true }
  const job = idOf(scene, told.name)
  const log = await play(told, { job, unit, actor, now }, taking(context, shop.id))
  const { refused } = await append(db, context.states, { id: actor, login, name, role, ...of }, job, log)
  context.reader.grew(job)
  if (refused.length) throw new Error(`The demo job ${told.name} was refused: ${refused[0]!.message}`)
}

/** Loads one workshop with its machines, those of `loading` counted with what is in already. */
async function seedShop(
  context: Context,
  scene: Scenario,
  shop: ShopRow,
  now: Date,
  signal: AbortSignal | undefined,
): Promise<void> {
  const waiting = scene.jobs.values()
  const lane = async () => {
    for (const told of waiting) {
      if (signal?.aborted) return
      await seedJob(context, scene, shop, told, now)
      if (context.loading)
        context.loading = { ...context.loading, machines: await context.db.getRepository(Job).count() }
    }
  }
  // Two at a time: one is drawn while the other is written.
  await Promise.all([lane(), lane()])
}

/**
 * Loads the demo scenario into an empty database, and the practice bench after it where it is wanted; does nothing where there is another
 * shop. Returns when one can sign in; the machines come in one after the other behind it, and `machines` resolves when all are there. A load
 * that was cut off is made good by the next start: what is there is kept, what is missing is added.
 */
export async function seedDemo(
  context: Context,
  say: (line: string) => void,
  { now = new Date(), signal }: { now?: Date; signal?: AbortSignal } = {},
): Promise<{ machines: Promise<void> }> {
  const { db, config } = context
  if (!(await isOurs(db))) return { machines: Promise.resolve() }
  const shops: { scene: Scenario; shop: ShopRow }[] = []
  for (const scene of config.practice ? [scenario, practice] : [scenario])
    shops.push({ scene, shop: await seedPeople(db, scene, now) })
  const of = shops.reduce((n, { scene }) => n + scene.jobs.length, 0)
  context.loading = { machines: await db.getRepository(Job).count(), of }
  if (context.loading.machines >= of) return { machines: Promise.resolve() }
  say(
    `The demo is being drawn: a small workshop with ${of} machines. They come in one after the other; this happens once.`,
  )
  const machines = async () => {
    for (const { scene, shop } of shops) await seedShop(context, scene, shop, now, signal)
    if (!signal?.aborted) say(`The demo is complete: ${of} machines.`)
  }
  return { machines: machines() }
}
