import { User } from '../entities/index.ts'
import { fillShop, usualSize, type Size } from '../seed/fill.ts'
import type { World } from './world.ts'

/** Fills the shop of a person with made-up machines and jobs, as large as `size` says. */
export async function filled({ running }: World, login: string, size: Partial<Size>, say?: (line: string) => void) {
  const { db, config } = running.context
  const { shopId: shop, id: actor } = await db.getRepository(User).findOneByOrFail({ login })
  await fillShop({ db, data: config.data, shop, actor }, { ...usualSize, ...size }, say)
  return shop
}
