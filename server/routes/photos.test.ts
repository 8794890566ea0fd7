import sharp from 'sharp'
import exifr from 'exifr'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { limits } from '@dialytica/core/schema'
import { sha256 } from '../photos/store.ts'
import { world, type Agent, type World } from '../test/world.ts'

let w: World
let agent: Agent
beforeAll(async () => {
  w = await world()
  agent = await w.as('technician')
})
afterAll(() => w.end())

const put = (bytes: Buffer, hash = sha256(bytes)) =>
  agent.put(`/api/photos/${hash}`).set('content-type', 'image/jpeg').send(bytes)
const picture = (width: number, height: number) => sharp({ create: { width, height, channels: 3, background: '#678' } })

describe('a photo', () => {
  it('is turned upright, re-encoded in three sizes and stripped of place but not of time', async () => {
    const bytes = await picture(2000, 1000)
      .withExif({
        IFD0: { Make: 'someone' },
        IFD2: { DateTimeOriginal: '2026:01:05 08:30:00' },
        IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1', GPSLongitudeRef: 'W', GPSLongitude: '0/1 7/1 0/1' },
      })
      .withMetadata({ orientation: 6 })
      .jpeg()
      .toBuffer()
    const { body } = await put(bytes).expect(200)
    expect(body).toMatchObject({ width: 1000, height: 2000 })
    for (const [size, edge] of [
      ['full', 2000],
      ['stage', 1600],
      ['thumb', 320],
    ] as const) {
      const reply = await agent.get(`/api/photos/${body.hash}/${size}`).buffer(true).expect(200)
      expect(reply.headers['cache-control']).toBe('private, max-age=31536000, immutable')
      const meta = await sharp(reply.body as Buffer).metadata()
      expect(meta.format).toBe('jpeg')
      expect(meta.height).toBe(edge)
      expect(meta.orientation ?? 1).toBe(1)
      const tags = (await exifr.parse(reply.body as Buffer, { gps: true, tiff: true }).catch(() => undefined)) as
        object | undefined
      expect(Object.keys(tags ?? {}).filter(k => /GPS|latitude|Make/i.test(k))).toEqual([])
    }
  })

  it('is stored once however often it is sent', async () => {
    const bytes = await picture(80, 60).png().toBuffer()
    const first = (await put(bytes).expect(200)).body
    expect((await put(bytes).expect(200)).body).toEqual(first)
  })

  it('is taken in beside many others at once, also twice the same', async () => {
    const many = await Promise.all(
      Array.from({ length: 24 }, (_, i) =>
        picture(40 + i, 30)
          .png()
          .toBuffer(),
      ),
    )
    await Promise.all([...many, ...many].map(bytes => put(bytes).expect(200)))
  })

  it('with another hash than its bytes is refused', async () => {
    const bytes = await picture(81, 60).png().toBuffer()
    const reply = await put(bytes, 'a'.repeat(64)).expect(422)
    expect(reply.body.detail).toMatch(/hash/)
  })

  it.each([
    ['text', Buffer.from('not a picture')],
    ['nothing', Buffer.alloc(0)],
    ['an SVG', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"/>')],
  ])('that is %s is refused with what to send', async (_, bytes) => {
    const reply = await put(bytes).expect(415)
    expect(reply.body.type).toBe('urn:dialytica:problem:not-a-photo')
  })

  it('cut off in the middle is refused', async () => {
    const noise = await sharp({
      create: {
        width: 400,
        height: 400,
        channels: 3,
        background: '#888',
        noise: { type: 'gaussian', mean: 128, sigma: 60 },
      },
    })
      .jpeg()
      .toBuffer()
    await put(noise.subarray(0, noise.length >> 1)).expect(415)
  })

  it('above the limits of bytes and pixels is refused', async () => {
    await put(Buffer.alloc(limits.photoBytes + 1)).expect(413)
    const wide = await sharp({ create: { width: 10_000, height: 6_100, channels: 3, background: '#000' } })
      .png()
      .toBuffer()
    await put(wide).expect((reply: { status: number }) => expect([413, 415]).toContain(reply.status))
  })
})
