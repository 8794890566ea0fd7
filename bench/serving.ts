import { world, type World } from '../server/test/world.ts'

/** A server as shops have it: what a test holds against the contract, it only sends. */
export async function serving(): Promise<World> {
  const w = await world()
  delete w.running.context.answers
  return w
}
