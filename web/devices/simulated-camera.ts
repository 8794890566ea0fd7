import { benchScene, frame, meant, poseOf, sceneOf, shoot, shootPlate, standOf } from '@dialytica/demo'
import type { Shot, View } from './camera.ts'
import { jpegOf } from './jpeg-of.ts'

/** Draws an SVG onto a canvas and develops it as JPEG. */
async function develop(svg: string): Promise<Blob> {
  const url = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }))
  try {
    const image = new Image()
    image.src = url
    await image.decode()
    const canvas = document.createElement('canvas')
    canvas.width = frame.width
    canvas.height = frame.height
    canvas.getContext('2d')!.drawImage(image, 0, 0)
    return await jpegOf(canvas, 0.86)
  } finally {
    URL.revokeObjectURL(url)
  }
}

/** The drawing seen from nearer: the region fills the frame, its middle in the middle. */
function closer(svg: string, region: View['region']): string {
  if (!region) return svg
  const share = Math.max(region.width, region.height)
  const [width, height] = [frame.width * share, frame.height * share]
  const [x, y] = [(region.x + region.width / 2) * frame.width, (region.y + region.height / 2) * frame.height]
  return svg.replace(/viewBox="[^"]*"/, `viewBox="${x - width / 2} ${y - height / 2} ${width} ${height}"`)
}

/** The demo machine as it stands at this step: what the marks say is off is drawn off. */
export const simulatedCamera = {
  async take({ family, zone, away, taken, plate, part, region }: View): Promise<Shot> {
    // Two photos of one job never have the same seed: alike to the byte they would be one.
    const seed = taken * 10_007 + (Date.now() % 9973)
    if (plate) return { blob: await develop(shootPlate(plate, seed)) }
    if (part) return { blob: await develop(shoot(benchScene(part.name, part.isNew), { away: new Set(), seed })) }
    const scene = sceneOf(family, zone)
    const gone = away.flatMap(({ glyph, path }) => path.map(p => meant(scene, glyph, p)).find(Boolean) ?? [])
    const blob = await develop(closer(shoot(scene, { away: new Set(gone), seed }), region))
    return region ? { blob } : { blob, stand: { place: scene.id, map: standOf(poseOf(seed)) } }
  },
}
