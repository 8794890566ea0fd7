import type { Photo } from '@dialytica/core'
import { play, scenario, uuids } from '@dialytica/demo'
import sharp from 'sharp'
import { Job, Model, Shop, Unit, User } from '../entities/index.ts'
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
  const shop = await shopNamed(db, scenario.shop.name, scenario.shop.timeZone)
  const jobs = db.getRepository(Job)
  if ((await jobs.countBy({ shopId: shop.id })) >= scenario.jobs.length) return
  say('Loading the demo: a small workshop with eight jobs. Its photos are drawn now; this happens once.')

  // Ids follow from names, and what is there already keeps its own: a demo that has grown is added to.
  const idOf = (name: string) => uuids(`${scenario.shop.name}, ${name}`)()
  for (const { login, name, role } of scenario.people) {
    const person = { id: idOf(login), shopId: shop.id, login, name, role: role as Person['role'] }
    await createAccount(db, { ...person, password: demoPassword, demo: true }).catch(ignoreDouble)
  }
  const models = db.getRepository(Model)
  for (const model of scenario.models)
    await models.insert({ ...model, id: idOf(model.code), shopId: shop.id, createdAt: now }).catch(ignoreDouble)
  const units = db.getRepository(Unit)
  for (const { serial, stands, made, model } of scenario.units) {
    const { id: modelId } = await models.findOneByOrFail({ shopId: shop.id, code: model })
    const unit = { id: idOf(serial), shopId: shop.id, modelId, serial, made, stands, createdAt: now }
    await units.insert(unit).catch(ignoreDouble)
  }
  await Promise.all(
    scenario.jobs.map(async told => {
      const [{ id: unit }, { id: actor, name, login, role }] = await Promise.all([
        units.findOneByOrFail({ shopId: shop.id, serial: told.unit }),
        db.getRepository(User).findOneByOrFail({ shopId: shop.id, login: told.by }),
      ])
      if (await jobs.existsBy({ unitId: unit })) return
      const by: Person = {
        id: actor,
        shopId: shop.id,
        login,
        name,
        role,
        shop: shop.name,
        timeZone: shop.timeZone,
        joined: null,
      }
      const job = idOf(told.name)
      const log = await play(told, { job, unit, actor, now }, taking(context, shop.id))
      const { refused } = await append(db, context.states, by, job, log)
      if (refused.length) throw new Error(`The demo job ${told.name} was refused: ${refused[0]!.message}`)
    }),
  )
}
