import { lightOf, meantBy, toScale, type Known, type Light, type ToScale } from '@dialytica/core/side-by-side'
import type { Spot } from '@dialytica/core/then-and-now'
import { expose } from 'comlink'
import { readPhoto } from './read-photo.ts'

/** A photo to scale, its size in pixels, and where each tap was meant, in shares; a problem says what to do. */
export interface Scaled {
  width: number
  height: number
  scale: ToScale | null
  problem: string
  meant: (Spot & { isFound: boolean })[]
}

/** The last two photos: the old part and the new one. */
const lights = new Map<string, Light>()
async function lightFrom(address: string): Promise<Light> {
  const known = lights.get(address)
  if (known) return known
  const light = lightOf(await readPhoto(address))
  if (lights.size > 1) lights.delete(lights.keys().next().value!)
  lights.set(address, light)
  return light
}

/** Brings a photo to scale by what is known on it, and says where taps were meant: at the middles of holes. */
expose(async (address: string, known: Known | null, taps: readonly Spot[], lens?: number): Promise<Scaled> => {
  const light = await lightFrom(address)
  const { width, height } = light
  const found = known ? toScale(light, known, lens) : null
  const meant = taps.map(tap => {
    const at = { x: tap.x * width, y: tap.y * height }
    const to = meantBy(light, at)
    return { x: to.x / width, y: to.y / height, isFound: to !== at }
  })
  return {
    width,
    height,
    scale: found && 'planes' in found ? found : null,
    problem: found && 'problem' in found ? found.problem : '',
    meant,
  }
})
